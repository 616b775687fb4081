import { useQuery } from "@tanstack/react-query";
import { Link, useNavigate, useParams } from "@tanstack/react-router";
import { useState } from "react";
import {
  api,
  call,
  edit,
  newId,
  type Batch,
  type BatchAsk,
  type BatchInput,
  type BatchAnswer,
  type Catalogue,
  type Edited,
  type FillAsk,
  type Garden,
  type Lot,
  type MixAnswer,
  type MixBenchAsk,
  type Mixes,
  type Recipe,
  type Typed,
} from "../../api";
import { catalogueQuery, gardenQuery, lotsQuery, mixesQuery, stockQuery, useAct, useGardenId } from "../../api/queries";
import { useLive } from "../../api/useLive";
import { LotField } from "../../parts/LotField";
import { words, say, rich } from "../../text";
import { additiveName, askOfKey, componentName, currencyOf, keyOf, recipeName } from "../../text/mixes";
import { figures, Shown } from "../../text/numbers";
import { Button } from "../../ui/Button";
import { NumberField, TextField } from "../../ui/Fields";
import { fieldsOf } from "../../ui/fieldsOf";
import { Panel } from "../../ui/Panel";
import { Loading, Trouble } from "../../ui/States";
import { useDraft } from "../../ui/useDraft";
import { useTold } from "../../ui/useUndo";
import { PotFields } from "../../parts/PotFields";
import { potsFor } from "./mixInput";
import { measureLitres, ownMeasure } from "./ownMeasure";
import { Cautions } from "../../parts/Cautions";

export function MakeBatch() {
  const garden = useGardenId();
  const { mix: key } = useParams({ from: "/g/$garden/mixes/$mix/batch" });
  const mixes = useQuery(mixesQuery(garden));
  const g = useQuery(gardenQuery(garden)).data;
  const catalogue = useQuery(catalogueQuery).data;
  const lots = useQuery(lotsQuery(garden)).data?.lots;
  if (mixes.isLoadingError) return <Trouble problem={mixes.error} again={() => void mixes.refetch()} />;
  if (!g || !catalogue || !mixes.data || !lots) return <Loading what={say("mixes_page.the_batch")} />;
  const recipe = mixes.data.recipes.find((r) => keyOf(r) === key);
  if (!recipe) return <p className="note p-6">{say("mixes_page.there_is_no_such_mix_in")}</p>;
  return <Making key={key} recipe={recipe} garden={g} catalogue={catalogue} mixes={mixes.data} lots={lots} />;
}

type Plan = { fills: FillAsk[]; litres: Typed; waste: Typed; rejects: Record<string, Typed> };

function Making({
  recipe,
  garden,
  catalogue,
  mixes,
  lots,
}: {
  recipe: Recipe;
  garden: Garden;
  catalogue: Catalogue;
  mixes: Mixes;
  lots: Lot[];
}) {
  const key = keyOf(recipe);
  const us = garden.unitHabit === "us";
  const shown = new Shown(catalogue.units, garden.unitHabit);
  const draft = useDraft<Plan>(`batch:${key}`, {
    fills: potsFor(key, lots, garden, catalogue)
      .slice(0, 1)
      .map((p) => ({ ...p, count: { text: "10", unit: "" } })),
    litres: { text: "", unit: us ? "US gal" : "L" },
    waste: { text: "", unit: "%" },
    rejects: {},
  });
  const plan = draft.value;
  const [edited, setEdited] = useState<number>();
  const [notes, setNotes] = useState("");
  const [id] = useState(newId);
  const navigate = useNavigate({ from: "/g/$garden/mixes/$mix/batch" });
  const told = useTold(garden.id);
  const stock = useQuery(stockQuery(garden.id)).data;
  const mix = askOfKey(mixes, key);
  const pot = plan.fills[0]?.pot;
  const lime = useLive<MixBenchAsk, MixAnswer>(
    mix && {
      mix,
      pots: pot ? [pot] : [],
      target: recipe.target === undefined ? undefined : { text: String(recipe.target), unit: "pH" },
      lime: recipe.lime,
      fineness: recipe.fineness,
      neutralising: recipe.neutralising === undefined ? undefined : { text: String(recipe.neutralising), unit: "%" },
      working: false,
    },
    (body, signal) => call(api.POST("/api/mix", { body, signal })),
  );
  const stirred = lime.answer?.liming && lime.answer.liming.kind !== "nothing" ? lime.answer.liming : undefined;
  const stirredKey = stirred && (stirred.kind === "lime" ? recipe.lime : "sulfur");
  const stirredIn = stirredKey && additiveName(stirredKey);
  const litres = (use: "tub" | "shovel" | "handful") => measureLitres(garden, use);
  const onHand = Object.fromEntries(
    (stock ?? []).flatMap((s) => (s.stock.component ? [[s.stock.component, s.left]] : [])),
  );
  const shelf = (additive: string | undefined) => {
    const left = stock?.find((s) => s.stock.additive === additive && additive !== undefined)?.left;
    return left === undefined ? "" : say("mixes_page.on_the_shelf", { left: shown.grams(left) });
  };
  const ask: BatchAsk | undefined = mix && {
    mix,
    fills: plan.fills,
    litres: plan.litres,
    waste: plan.waste,
    tub: litres("tub"),
    shovel: litres("shovel"),
    handful: litres("handful"),
    stirredPerLitre: stirred?.gramsPerLitre,
    onHand,
    rejects: plan.rejects,
    amendments: recipe.amendments,
    working: false,
  };
  const live = useLive<BatchAsk, BatchAnswer>(ask, (body, signal) => call(api.POST("/api/batch", { body, signal })));
  const save = useAct(
    garden.id,
    (body: BatchInput) =>
      edit(api.PUT("/api/gardens/{garden}/batches", { params: { path: { garden: garden.id } }, body })),
    ({ now, act }: Edited<Batch>) => {
      draft.drop();
      told(say("mixes_page.batch_recorded_the_shelf_is_drawn", { number: now.number }), act);
      void navigate({ to: "/g/$garden/mixes/batches/$batch", params: { garden: garden.id, batch: now.id } });
    },
  );
  const faults = [...(live.problem?.faults ?? []), ...(save.error?.faults ?? [])];
  const setFill = (at: number, part: Partial<FillAsk>) =>
    draft.change({ fills: plan.fills.map((f, i) => (i === at ? { ...f, ...part } : f)) });
  const add = (lot?: Lot) => {
    const last = plan.fills[plan.fills.length - 1];
    const next: FillAsk = lot
      ? { name: lot.name, pot: lot.pot, count: { text: String(lot.pots), unit: "" } }
      : {
          name: say("common.pot"),
          pot: last?.pot ?? potsFor("", [], garden, catalogue)[0]!.pot,
          count: { text: "1", unit: "" },
        };
    draft.change({ fills: [...plan.fills, next] });
    if (!lot) setEdited(plan.fills.length);
  };
  const named = (c: string) => {
    const found = mixes.components.find((x) => keyOf(x) === c);
    return found ? componentName(found) : c;
  };
  const money = (cost: number) => `${currencyOf(mixes)} ${cost.toFixed(2)}`.trim();
  const a = live.answer;
  const open = edited === undefined ? undefined : plan.fills[edited];
  const assumed = (["tub", "shovel", "handful"] as const).filter((u) => !ownMeasure(garden, u));
  const on = fieldsOf(plan, draft.change, faults);
  return (
    <div className="min-w-0">
      <Link to="/g/$garden/mixes/$mix" params={{ garden: garden.id, mix: key }} className="note">
        ← {recipeName(recipe)}
      </Link>
      <div className="gap-8 md:grid md:grid-cols-[20rem_1fr]">
        <form
          aria-label={say("mixes_page.batch")}
          onSubmit={(e) => {
            e.preventDefault();
            save.mutate({
              id,
              recipe: key,
              fills: plan.fills,
              litres: plan.litres,
              waste: plan.waste,
              rejects: plan.rejects,
              stirredIn,
              stirredKey,
              stirredPerLitre: stirred?.gramsPerLitre,
              notes,
              version: 0,
            });
          }}
        >
          <h1 className="mb-2 text-2xl">{say("mixes_page.make_a_batch")}</h1>
          <h2 className="head">{say("mixes_page.for_these_pots")}</h2>
          <ul className="m-0 list-none p-0">
            {plan.fills.map((f, i) => (
              <li key={i} className="flex items-center gap-2 border-b border-rule py-1">
                <input
                  aria-label={say("mixes_page.how_many", { name: f.name })}
                  className="box !w-16 text-right"
                  value={f.count.text}
                  onChange={(e) => setFill(i, { count: { text: e.target.value, unit: "" } })}
                />
                <span className="min-w-0 flex-1 text-sm leading-tight">× {f.name}</span>
                <Button
                  look="quiet"
                  className="text-sm"
                  onClick={() => setEdited(i)}
                  aria-label={say("common.change_name", { name: f.name })}
                >
                  {say("common.change")}
                </Button>
                <button
                  type="button"
                  aria-label={say("mixes_page.take_away", { name: f.name })}
                  className="min-h-8 min-w-6"
                  onClick={() => draft.change({ fills: plan.fills.filter((_, j) => j !== i) })}
                >
                  ×
                </button>
              </li>
            ))}
          </ul>
          <div className="my-2">
            <LotField
              garden={garden.id}
              label={say("mixes_page.add_pots")}
              invite={say("mixes_page.as_those_of_a_lot")}
              onChange={(lot) => add(lot)}
            />
            <Button onClick={() => add()}>{say("mixes_page.add_a_pot_you_describe")}</Button>
          </div>
          {plan.fills.length === 0 && (
            <NumberField
              row
              label={say("mixes_page.or_in_all")}
              units={["L", "US gal", "US qt", "ft³"]}
              {...on("litres", "batch.litres")}
            />
          )}
          <NumberField row label={say("mixes_page.spills")} placeholder="5" {...on("waste", "batch.waste")} />
          <p className="note mb-2">
            {say("mixes_page.your_tub_takes_a_shovel_a", {
              vessel: shown.vessel(litres("tub")),
              vessel2: shown.vessel(litres("shovel")),
              value: shown.litres(litres("handful")),
            })}{" "}
            {assumed.length > 0 &&
              say("mixes_page.assumed", { assumed: assumed.map((u) => words("uses", u)).join(", ") })}
            <Link to="/g/$garden/shelf" params={{ garden: garden.id }}>
              {say("mixes_page.say_what_yours_take_on_the")}
            </Link>
          </p>
          <label className="block text-sm" htmlFor="batch-notes">
            {say("mixes_page.notes")}
          </label>
          <textarea
            id="batch-notes"
            className="box min-h-14 !font-text text-sm"
            value={notes}
            onChange={(e) => setNotes(e.target.value)}
          />
          {save.isError && save.error.retry && <Trouble problem={save.error} />}
          <Button
            look="ink"
            type="submit"
            className="mt-2"
            disabled={save.isPending || !a || live.problem !== undefined}
          >
            {save.isPending
              ? say("common.recording")
              : save.error?.retry
                ? say("common.retry")
                : say("mixes_page.record_this_batch")}
          </Button>
        </form>
        <section
          aria-label={say("mixes_page.what_to_tip_in")}
          aria-live="polite"
          aria-busy={live.pending}
          className="min-w-0"
        >
          {live.problem && (
            <div className="mb-3">
              <Trouble problem={live.problem} />
            </div>
          )}
          {a ? (
            <div className={live.problem ? "opacity-40" : ""}>
              <p className="mb-2 text-xl">
                {rich("mixes_page.of_in", {
                  b: (c) => <b className="fig">{c}</b>,
                  mixLitres: shown.litres(a.mixLitres),
                  recipeName: recipeName(recipe),
                })}{" "}
                <b className="fig">{say("mixes_page.counted_loads", { count: a.loads })}</b>
              </p>
              <table className="w-full border-collapse text-left">
                <thead>
                  <tr className="note border-b border-rule-strong">
                    <th className="py-1 font-normal">{say("mixes_page.into_each_load")}</th>
                    <th className="font-normal">{say("mixes_page.shovels")}</th>
                    <th className="font-normal">{say("mixes_page.handfuls")}</th>
                    <th className="font-normal">{say("mixes_page.litres")}</th>
                    <th className="font-normal">{say("mixes_page.in_all")}</th>
                    <th className="font-normal">{say("mixes_page.packs")}</th>
                  </tr>
                </thead>
                <tbody className="fig">
                  {a.amounts.map((m) => (
                    <tr key={m.component} className="border-b border-rule">
                      <td className="py-1.5 pr-2 font-text">
                        {named(m.component)}
                        <span className="note flex flex-wrap items-center gap-1">
                          {say("mixes_page.sieved_out")}
                          <input
                            aria-label={say("mixes_page.sieved_out_of", { named: named(m.component) })}
                            className="box !min-h-0 !w-10 !px-1 !py-0 text-right"
                            placeholder="0"
                            value={plan.rejects[m.component]?.text ?? ""}
                            onChange={(e) =>
                              draft.change({
                                rejects: { ...plan.rejects, [m.component]: { text: e.target.value, unit: "%" } },
                              })
                            }
                          />
                          %
                        </span>
                      </td>
                      <td className="pr-2 text-lg font-semibold">{counted(m.shovelsEachLoad)}</td>
                      <td className="pr-2">{counted(m.handfulsEachLoad)}</td>
                      <td className="pr-2 whitespace-nowrap">{shown.litres(m.litresEachLoad)}</td>
                      <td className="pr-2">
                        {shown.litres(m.litres)}
                        {m.takenLitres > m.litres && (
                          <span className="note block">
                            {say("mixes_page.sieved_from", { litres: shown.litres(m.takenLitres) })}
                          </span>
                        )}
                      </td>
                      <td className="whitespace-nowrap">
                        {m.packs < 1
                          ? say("mixes_page.of_one", { max: Math.max(1, Math.round(m.packs * 100)) })
                          : say("mixes_page.open", { packsToOpen: m.packsToOpen })}
                        <span className="note block">
                          {m.packsToBuy === undefined
                            ? say("mixes_page.not_counted")
                            : m.packsToBuy === 0
                              ? say("mixes_page.there_is_enough")
                              : say("mixes_page.buy", { packsToBuy: m.packsToBuy })}
                        </span>
                      </td>
                    </tr>
                  ))}
                  {stirred && stirredIn && a.stirredGramsEachLoad !== undefined && (
                    <tr className="border-b border-rule">
                      <td className="py-1.5 pr-2 font-text">{stirredIn}</td>
                      <td className="pr-2 text-lg font-semibold" colSpan={2}>
                        {shown.grams(a.stirredGramsEachLoad)}
                      </td>
                      <td colSpan={3} className="note">
                        {say("mixes_page.in_all_for_ph", {
                          value: shown.grams(a.stirredGramsEachLoad * a.loads),
                          target: stirred.target.toFixed(1),
                        })}
                        <span className="block">{shelf(stirredKey)}</span>
                      </td>
                    </tr>
                  )}
                  {a.addedEachLoad.map((e) => (
                    <tr key={e.key} className="border-b border-rule">
                      <td className="py-1.5 pr-2 font-text">{words("amendments", e.key)}</td>
                      <td className="pr-2 text-lg font-semibold" colSpan={2}>
                        {shown.grams(e.grams)}
                      </td>
                      <td colSpan={3} className="note">
                        {say("mixes_page.in_all_grams", { grams: shown.grams(e.grams * a.loads) })}
                        <span className="block">{shelf(e.key)}</span>
                      </td>
                    </tr>
                  ))}
                </tbody>
              </table>
              {lime.answer?.limingRefused.map((f) => (
                <p key={f.code} className="my-2 border-l-4 border-stop pl-3">
                  ▲ {f.detail}
                </p>
              ))}
              <p className="my-2">
                {rich("mixes_page.moisten_with_about_in_all_less", {
                  b: (c) => <b className="fig">{c}</b>,
                  waterLitres: shown.litres(a.waterLitres, 1),
                })}
              </p>
              {a.cost !== undefined && (
                <p className="my-2">
                  {say("mixes_page.costs", {
                    cost: money(a.cost),
                    each:
                      a.unpriced.length === 0
                        ? say("mixes_page.costs_each", { cost: money(a.cost / a.mixLitres) })
                        : "",
                  })}{" "}
                  {a.unpriced.length > 0 && (
                    <span className="note">
                      {say("mixes_page.unpriced", { names: a.unpriced.map(named).join(", ") })}
                    </span>
                  )}
                </p>
              )}
              <p className="note">
                {say("mixes_page.of_parts_are_tipped_in_mixing", {
                  putLitres: shown.litres(a.putLitres),
                  value: figures(100 - (100 * a.mixLitres) / a.putLitres, 2),
                })}
              </p>
              <Cautions ids={a.cautions} />
            </div>
          ) : (
            !live.problem && <p className="note p-6">{say("common.working_it_out")}</p>
          )}
        </section>
      </div>
      {open && edited !== undefined && (
        <Panel title={open.name} close={() => setEdited(undefined)}>
          <TextField
            label={say("mixes_page.called")}
            field="lot.name"
            faults={[]}
            value={open.name}
            onChange={(name) => setFill(edited, { name })}
          />
          <PotFields
            pot={open.pot}
            change={(part) => setFill(edited, { pot: { ...open.pot, ...part } })}
            faults={faults}
            catalogue={catalogue}
          />
          <Button look="ink" onClick={() => setEdited(undefined)}>
            {say("common.done")}
          </Button>
        </Panel>
      )}
    </div>
  );
}

/** A counted measure with its quarter, and how far rounding misses where that is worth knowing. */
function counted({ count, errorPercent }: { count: number; errorPercent: number }) {
  const whole = Math.floor(count);
  const said =
    count === 0 ? say("mixes_page.less") : `${whole || ""}${["", "¼", "½", "¾"][Math.round((count - whole) * 4)]}`;
  return (
    <>
      {said}
      {count > 0 && Math.abs(errorPercent) >= 5 && (
        <span className="note block">
          {errorPercent > 0 ? "+" : "−"}
          {Math.abs(Math.round(errorPercent))} %
        </span>
      )}
    </>
  );
}
