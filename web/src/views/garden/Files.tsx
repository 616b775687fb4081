import type { Garden } from "../../api";
import { ReadingsIn } from "./ReadingsIn";
import { rich, say } from "../../text";
import { RestoreGarden } from "./RestoreGarden";

/** The garden in open formats: out, and in. */
export function Files({ garden }: { garden: Garden }) {
  const home = `/api/gardens/${garden.id}`;
  const line = "mb-3 border-b border-rule pb-3";
  return (
    <section aria-label={say("frame.files")} className="max-w-3xl gap-10 sm:grid sm:grid-cols-2">
      <div>
        <h2 className="head">{say("common.out")}</h2>
        <p className={line}>
          <a href={`${home}/file`} download className="font-semibold">
            {say("garden_page.the_whole_garden_as_one_file")}
          </a>
          <span className="note block">
            {rich("garden_page.json_places_shelf_lots_the_whole", {
              a: (c) => <a href="/api/garden-file-schema">{c}</a>,
            })}
          </span>
        </p>
        <p className={line}>
          <a href={`${home}/lots.csv`} download className="font-semibold">
            {say("garden_page.the_lots_as_a_sheet")}
          </a>
          <span className="note block">{say("garden_page.csv_one_line_for_each_lot")}</span>
        </p>
        <p className={line}>
          <a href={`${home}/journal.csv`} download className="font-semibold">
            {say("garden_page.the_journal_as_a_sheet")}
          </a>
          <span className="note block">{say("garden_page.csv_one_line_for_each_thing")}</span>
        </p>
        <p className={line}>
          <a href={`${home}/readings.csv`} download className="font-semibold">
            {say("garden_page.the_readings_as_a_sheet")}
          </a>
          <span className="note block">{say("garden_page.csv_as_the_pens_showed_them")}</span>
        </p>
        <p className="note">
          {rich("garden_page.backup_of_everything_on_this_machine", {
            file: (c) => <code className="fig">{c}</code>,
          })}
        </p>
      </div>
      <div>
        <h2 className="head">{say("common.in")}</h2>
        <RestoreGarden />
        <ReadingsIn garden={garden} />
      </div>
    </section>
  );
}
