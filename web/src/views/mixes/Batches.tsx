import { useQuery } from "@tanstack/react-query";
import { Link } from "@tanstack/react-router";
import { useState } from "react";
import { batchesQuery, catalogueQuery, gardenQuery, useGardenId } from "../../api/queries";
import { day, Shown } from "../../text/numbers";
import { say } from "../../text";
import { BatchesOff } from "../../parts/BatchStands";
import { Loading, Nothing, Trouble } from "../../ui/States";

/** Every batch that was made, newest first. */
export function Batches() {
  const id = useGardenId();
  const batches = useQuery(batchesQuery(id));
  const garden = useQuery(gardenQuery(id)).data;
  const units = useQuery(catalogueQuery).data?.units;
  const [find, setFind] = useState("");
  if (batches.isPending || !garden || !units) return <Loading what={say("mixes_page.the_batches")} />;
  if (batches.isLoadingError) return <Trouble problem={batches.error} again={() => void batches.refetch()} />;
  const shown = new Shown(units, garden.unitHabit);
  const listed = batches.data.filter((b) =>
    `${b.number} ${b.recipeName} ${b.notes}`.toLowerCase().includes(find.toLowerCase()),
  );
  return (
    <div className="min-w-0">
      <div className="mb-2 flex flex-wrap items-center gap-3">
        <h1 className="text-2xl">{say("common.batches")}</h1>
        <input
          type="search"
          aria-label={say("mixes_page.find_a_batch")}
          placeholder={say("mixes_page.find_a_batch")}
          className="box !w-56 !font-text"
          value={find}
          onChange={(e) => setFind(e.target.value)}
        />
      </div>
      <BatchesOff garden={id} />
      {batches.data.length === 0 ? (
        <Nothing title={say("mixes_page.no_batch_yet")}>
          <p>{say("mixes_page.open_a_mix_and_press_make")}</p>
        </Nothing>
      ) : listed.length === 0 ? (
        <Nothing title={say("mixes_page.no_batch_is_called_like_that")} />
      ) : (
        <ul className="m-0 list-none p-0">
          {listed.map((b) => (
            <li key={b.id} className="flex flex-wrap items-baseline gap-x-4 border-b border-rule py-1.5">
              <Link
                to="/g/$garden/mixes/batches/$batch"
                params={{ garden: id, batch: b.id }}
                className="fig font-semibold"
              >
                № {b.number}
              </Link>
              <span>{b.recipeName}</span>
              <span className="note fig">
                {day(b.madeOn)} · {shown.litres(b.litres)}
                {b.firstPh !== undefined && say("mixes_page.ph", { firstPh: b.firstPh.toFixed(1) })}
              </span>
              {b.notes && <span className="note min-w-0 basis-full">{b.notes}</span>}
            </li>
          ))}
        </ul>
      )}
    </div>
  );
}
