import { useQuery } from "@tanstack/react-query";
import { Link, useParams } from "@tanstack/react-router";
import { useState } from "react";
import { api, edit, type Batch, type BatchInput, type Garden, type Typed } from "../../api";
import { batchesQuery, catalogueQuery, gardenQuery, useGardenId } from "../../api/queries";
import { words, say } from "../../text";
import { longDay, Shown } from "../../text/numbers";
import { Button } from "../../ui/Button";
import { NumberField, TextField } from "../../ui/Fields";
import { Loading, Trouble } from "../../ui/States";
import { BatchStands } from "../../parts/BatchStands";
import { Labels } from "../../parts/Labels";
import { ofBatch } from "../../parts/labelled";
import { ThingForm } from "../../parts/things";

/** The card of a batch, to pin above the tub, and labels for its pots; both print. */
export function BatchCard() {
  const id = useGardenId();
  const { batch } = useParams({ from: "/g/$garden/mixes/batches/$batch" });
  const batches = useQuery(batchesQuery(id));
  const garden = useQuery(gardenQuery(id)).data;
  const units = useQuery(catalogueQuery).data?.units;
  const [labels, setLabels] = useState(false);
  const [writing, setWriting] = useState(false);
  if (batches.isPending || !garden || !units) return <Loading what={say("mixes_page.the_batch")} />;
  if (batches.isLoadingError) return <Trouble problem={batches.error} again={() => void batches.refetch()} />;
  const b = batches.data.find((x) => x.id === batch);
  if (!b) return <p className="note p-6">{say("mixes_page.this_batch_was_taken_back_or")}</p>;
  const shown = new Shown(units, garden.unitHabit);
  return (
    <div className="min-w-0">
      <p className="no-print mb-2 flex flex-wrap gap-x-4">
        <Link to="/g/$garden/mixes/batches" params={{ garden: id }} className="note">
          {say("mixes_page.all_batches")}
        </Link>
        <Link
          to="/g/$garden/readings/small"
          params={{ garden: id }}
          search={{ mix: batch }}
          className="inline-block leading-8 underline underline-offset-4"
        >
          {say("mixes_page.readings_of_its_lots")}
        </Link>
        <Button onClick={() => window.print()}>{say("mixes_page.print_the_card")}</Button>
        <Button onClick={() => setLabels(true)}>{say("mixes_page.pot_labels")}</Button>
      </p>
      <article aria-label={say("mixes_page.batch_card")} className="max-w-2xl border-2 border-ink p-4">
        <h1 className="flex items-baseline justify-between text-2xl">
          <span>{b.recipeName}</span> <span className="fig">№ {b.number}</span>
        </h1>
        <p className="note mb-2">
          {say("mixes_page.made", {
            name: garden.name,
            longDay: longDay(b.madeOn),
            value:
              b.recipeVersion === 0
                ? say("mixes_page.as_the_recipe_ships")
                : say("mixes_page.version_of_the_recipe", { recipeVersion: b.recipeVersion }),
          })}
        </p>
        <table className="w-full border-collapse text-left">
          <tbody>
            {b.put.map((p) => (
              <tr key={p.component} className="border-b border-rule">
                <td className="py-1">
                  {p.name}
                  {p.bag && <span className="note"> · {say("mixes_page.from_bag", { bag: p.bag })}</span>}
                </td>
                <td className="fig text-right">{shown.litres(p.litres)}</td>
              </tr>
            ))}
            {b.stirredIn && b.stirredGrams !== undefined && (
              <tr className="border-b border-rule">
                <td className="py-1">{b.stirredIn}</td>
                <td className="fig text-right">{shown.grams(b.stirredGrams)}</td>
              </tr>
            )}
            {b.added.map((x) => (
              <tr key={x.name} className="border-b border-rule">
                <td className="py-1">{x.name}</td>
                <td className="fig text-right">{shown.grams(x.grams)}</td>
              </tr>
            ))}
            <tr>
              <td className="py-1 font-semibold">{say("mixes_page.gives_mixed")}</td>
              <td className="fig text-right font-semibold">{shown.litres(b.litres)}</td>
            </tr>
          </tbody>
        </table>
        {b.pots.length > 0 && (
          <p className="note mt-2">
            {say("mixes_page.for", { pots: b.pots.map((p) => `${p.count} × ${p.name}`).join(", ") })}
          </p>
        )}
        <p className="mt-2">
          {say("mixes_page.first_ph", {
            value: b.firstPh === undefined ? say("mixes_page.not_measured_a_week_after_mixing") : b.firstPh.toFixed(1),
          })}
        </p>
        {b.notes && <p className="mt-1 whitespace-pre-line">{b.notes}</p>}
        <ul className="note mt-3 list-none border-t border-stop p-0 pt-2">
          <li>▲ {words("cautions", "potting_mix")}</li>
          {b.stirredIn && <li>▲ {words("cautions", "lime")}</li>}
        </ul>
      </article>
      {labels && <Labels of={ofBatch(b)} garden={garden} close={() => setLabels(false)} />}
      <div className="no-print">
        <BatchStands garden={id} batch={b.id} />
      </div>
      <div className="no-print mt-3 max-w-2xl">
        {writing ? (
          <After batch={b} garden={garden} close={() => setWriting(false)} />
        ) : (
          <Button onClick={() => setWriting(true)}>{say("mixes_page.add_its_ph_or_a_note")}</Button>
        )}
      </div>
    </div>
  );
}

/** What is noted of the bags, by component. */
const bagsOf = (b: Batch) => Object.fromEntries(b.put.map((p) => [p.component, p.bag ?? ""]));

function After({ batch: b, garden, close }: { batch: Batch; garden: Garden; close: () => void }) {
  const [firstPh, setFirstPh] = useState<Typed>(b.firstPhTyped ?? { text: "", unit: "pH" });
  const [notes, setNotes] = useState(b.notes);
  const [bags, setBags] = useState(bagsOf(b));
  return (
    <ThingForm
      garden={garden}
      kind="batch"
      input={{ id: b.id, recipe: b.recipe, fills: [], madeOn: b.madeOn, firstPh, notes, bags, version: b.version }}
      send={(body: BatchInput) =>
        edit(api.PUT("/api/gardens/{garden}/batches", { params: { path: { garden: garden.id } }, body }))
      }
      inputOf={(now: Batch) => ({ firstPh: now.firstPhTyped, notes: now.notes, bags: bagsOf(now) })}
      close={close}
    >
      {(faults) => (
        <>
          <NumberField
            label={say("mixes_page.its_first_ph_measured_a_week")}
            field="reading.ph"
            faults={faults}
            value={firstPh}
            onChange={setFirstPh}
          />
          <p className="mt-2">{say("mixes_page.bags")}</p>
          <p className="note">{say("mixes_page.bags_note")}</p>
          <div className="grid gap-x-4 sm:grid-cols-2">
            {b.put.map((p) => (
              <TextField
                key={p.component}
                label={p.name}
                field="batch.bag"
                faults={faults}
                value={bags[p.component] ?? ""}
                onChange={(bag) => setBags({ ...bags, [p.component]: bag })}
              />
            ))}
          </div>
          <label className="block text-sm" htmlFor="batch-after">
            {say("mixes_page.notes")}
          </label>
          <textarea
            id="batch-after"
            className="box mb-2 min-h-16 !font-text"
            value={notes}
            onChange={(e) => setNotes(e.target.value)}
          />
        </>
      )}
    </ThingForm>
  );
}
