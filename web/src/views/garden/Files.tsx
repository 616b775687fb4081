import type { Garden } from "../../api";
import { ReadingsIn } from "./ReadingsIn";
import { RestoreGarden } from "./RestoreGarden";

/** The garden in open formats: out, and in. */
export function Files({ garden }: { garden: Garden }) {
  const home = `/api/gardens/${garden.id}`;
  const line = "mb-3 border-b border-rule pb-3";
  return (
    <section aria-label="Files" className="max-w-3xl gap-10 sm:grid sm:grid-cols-2">
      <div>
        <h2 className="head">Out</h2>
        <p className={line}>
          <a href={`${home}/file`} download className="font-semibold">
            The whole garden, as one file
          </a>
          <span className="note block">
            JSON: places, shelf, lots, the whole journal, every edit. Bring it back here or on another machine. Its
            parts are described by a <a href="/api/garden-file-schema">schema</a>.
          </span>
        </p>
        <p className={line}>
          <a href={`${home}/lots.csv`} download className="font-semibold">
            The lots, as a sheet
          </a>
          <span className="note block">CSV, one line for each lot, those off the bench too.</span>
        </p>
        <p className={line}>
          <a href={`${home}/journal.csv`} download className="font-semibold">
            The journal, as a sheet
          </a>
          <span className="note block">CSV, one line for each thing that was done and stands.</span>
        </p>
        <p className={line}>
          <a href={`${home}/readings.csv`} download className="font-semibold">
            The readings, as a sheet
          </a>
          <span className="note block">
            CSV, as the pens showed them and what that stands for; it can be brought in again.
          </span>
        </p>
        <p className="note">
          Backup of everything on this machine, also while the program runs:{" "}
          <code className="fig">./run --backup FILE</code>. <code className="fig">./run --restore FILE</code> brings it
          back.
        </p>
      </div>
      <div>
        <h2 className="head">In</h2>
        <RestoreGarden />
        <ReadingsIn garden={garden} />
      </div>
    </section>
  );
}
