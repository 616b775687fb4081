import { useQuery } from "@tanstack/react-query";
import { Link, useNavigate, useSearch } from "@tanstack/react-router";
import {
  api,
  call,
  type DropsAnswer,
  type DropsAsk,
  type Garden,
  type Typed,
  type WaterAnswer,
  type WaterAsk,
} from "../../api";
import { catalogueQuery, gardenQuery, useGardenId } from "../../api/queries";
import { useLive } from "../../api/useLive";
import { WATER_BLANK, waterDraft, type WaterDraft } from "../../parts/begun";
import { PlantField, useKindAsk } from "../../parts/PlantField";
import { Worked } from "../../parts/Worked";
import { WorkingPanel } from "../../parts/WorkingPanel";
import { words, say, rich } from "../../text";
import { figures, plain, Shown } from "../../text/numbers";
import { Button } from "../../ui/Button";
import { ChoiceField, NumberField } from "../../ui/Fields";
import { fieldsOf } from "../../ui/fieldsOf";
import { Loading, Trouble } from "../../ui/States";
import { useDraft } from "../../ui/useDraft";
import { usualWater } from "../../parts/usual";
import { waterInput } from "../../parts/waterInput";
import { Cautions } from "../../parts/Cautions";

/** Is this water fit, what does a blend come to, and what brings it to the pH wanted? */
export function WaterBench() {
  const id = useGardenId();
  const garden = useQuery(gardenQuery(id)).data;
  const catalogue = useQuery(catalogueQuery).data;
  const products = useQuery({
    queryKey: ["ph-products"],
    queryFn: () => call(api.GET("/api/water/ph-products")),
    staleTime: Infinity,
  }).data;
  const draft = useDraft<WaterDraft>(waterDraft(id), WATER_BLANK);
  const { working } = useSearch({ from: "/g/$garden/feeds/water" });
  const navigate = useNavigate({ from: "/g/$garden/feeds/water" });
  const open = (step: string | undefined) => void navigate({ search: { ...(step ? { working: step } : {}) } });
  const b = draft.value;
  const waters = garden?.waters.filter((w) => !w.retired) ?? [];
  const water = waters.find((w) => w.id === b.water) ?? usualWater(garden);
  const other = waters.find((w) => w.id === b.other && w.id !== water?.id);
  const can = garden?.vessels.find((v) => v.id === garden.usualVesselId);
  const kind = useKindAsk(id, b.kind);
  const litres = b.litres.text.trim() ? b.litres : { text: String(can?.litres ?? 5), unit: "L" };
  const ask: WaterAsk | undefined =
    garden && water
      ? {
          water: waterInput(water, water.id),
          ...(other ? { other: waterInput(other, other.id), share: b.share } : {}),
          potLitres: b.pot,
          targetPh: b.target,
          product: b.product,
          litres,
          trade: garden.trade,
          ...(kind ? { kind } : {}),
        }
      : undefined;
  const live = useLive<WaterAsk, WaterAnswer>(ask, (body, signal) => call(api.POST("/api/water", { body, signal })));
  if (!garden || !catalogue || !products || !water) return <Loading what={say("feeds_page.the_waters")} />;
  const shown = new Shown(catalogue.units, garden.unitHabit);
  const faults = live.problem?.faults ?? [];
  const a = live.answer;
  const offered = products.filter((p) => !p.trade || garden.trade);
  const on = fieldsOf(b, draft.change, faults);
  return (
    <div className="min-w-0 gap-6 md:grid md:grid-cols-[15.5rem_1fr]">
      <section aria-label={say("feeds_page.which_water")}>
        <Link to="/g/$garden/feeds" params={{ garden: id }} className="note lg:hidden">
          {say("feeds_page.all_feeds")}
        </Link>
        <h1 className="mb-2 text-2xl">{say("common.water")}</h1>
        <ChoiceField
          label={say("feeds_page.source")}
          field="water"
          faults={faults}
          value={water.id}
          onChange={(v) => draft.change({ water: v })}
          options={waters.map((w) => ({ value: w.id, label: w.name }))}
          hint={
            <Link to="/g/$garden/shelf" params={{ garden: id }} className="flex min-h-8 items-center">
              {say("feeds_page.its_readings_and_report_shelf_waters")}
            </Link>
          }
        />
        <ChoiceField
          label={say("feeds_page.blended_with")}
          field="other"
          faults={faults}
          value={other?.id ?? ""}
          onChange={(v) => draft.change({ other: v })}
          options={[
            { value: "", label: say("feeds_page.no_acid") },
            ...waters.filter((w) => w.id !== water.id).map((w) => ({ value: w.id, label: w.name })),
          ]}
        />
        {other && <NumberField label={say("feeds_page.in_it", { name: other.name })} {...on("share", "share")} />}
        <PlantField
          garden={id}
          label={say("feeds_page.for_which_plants")}
          faults={faults}
          value={b.kind}
          onChange={(v) => draft.change({ kind: v })}
          none={say("feeds_page.any")}
        />
        <NumberField
          label={say("feeds_page.mix_in_the_pots_it_is")}
          units={["L", "US gal", "US qt"]}
          hint={say("feeds_page.the_smaller_the_pot_the_less")}
          {...on("pot", "pot.litres")}
        />
        <h2 className="head mt-3">{say("feeds_page.to_a_ph")}</h2>
        <NumberField label={say("common.ph_wanted")} shownUnit="" {...on("target", "target_ph")} />
        <ChoiceField
          label={say("common.with")}
          options={offered.map((p) => ({
            value: p.key,
            label: words("ph_products", p.key),
            group: p.acid ? "lowers" : "raises",
          }))}
          {...on.choice("product", "ph_product")}
        />
        <NumberField
          label={say("feeds_page.water_made")}
          units={["L", "US gal"]}
          placeholder={String(can?.litres ?? 5)}
          {...on("litres", "litres")}
        />
      </section>
      <section aria-label={say("common.answer")} aria-live="polite" aria-busy={live.pending} className="min-w-0">
        {live.problem && <Trouble problem={live.problem} />}
        {a && !live.problem && (
          <div className="gap-6 xl:grid xl:grid-cols-2">
            <div>
              <Fitness answer={a} pot={b.pot} otherName={other?.name} />
              <Correction answer={a} bench={b} litres={litres} shown={shown} open={open} />
            </div>
            <Drops garden={garden} start={a.ph} target={b.target} />
          </div>
        )}
        {!a && !live.problem && <p className="note p-6">{say("common.working_it_out")}</p>}
      </section>
      {working !== undefined && (
        <WorkingPanel steps={a?.correction?.working} at={working} close={() => open(undefined)} />
      )}
    </div>
  );
}

const MARKS: Record<string, string> = { fit: "✓", watch: "○", too_much: "▲" };

function Fitness({ answer: a, pot, otherName }: { answer: WaterAnswer; pot: Typed; otherName: string | undefined }) {
  return (
    <>
      <h2 className="head !border-water">
        {say("feeds_page.as_poured_ec_ms_cm_ph", {
          ec: figures(a.ec),
          ph: a.phKnown ? a.ph.toFixed(1) : say("feeds_page.not_known"),
        })}
      </h2>
      <table className="w-full border-collapse text-sm">
        <caption className="note text-left">
          {say("feeds_page.in_pots_of_of_mix", { text: pot.text, unit: pot.unit })}
        </caption>
        <thead>
          <tr className="note">
            <th className="text-left font-normal" />
            <th className="pl-3 text-right font-normal">{say("feeds_page.in_it_2")}</th>
            <th className="pl-3 text-right font-normal">{say("feeds_page.fit_to")}</th>
            <th className="pl-3 text-right font-normal">{say("feeds_page.limit")}</th>
            <th className="text-left font-normal" />
          </tr>
        </thead>
        <tbody>
          {a.findings.map((f) => (
            <tr key={f.what} className={`border-t border-rule ${f.standing === "too_much" ? "text-stop" : ""}`}>
              <th scope="row" className="py-0.5 text-left font-normal">
                {words("water_whats", f.what)}
              </th>
              <td className="fig text-right whitespace-nowrap">
                {figures(f.value)} {f.unit}
              </td>
              <td className="fig pl-3 text-right">{plain(f.good)}</td>
              <td className="fig pl-3 text-right">{plain(f.most)}</td>
              <td className="pl-3 whitespace-nowrap">
                {MARKS[f.standing]} {words("standings", f.standing)}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      <p className="note my-1">
        {a.alkalinity === undefined && say("feeds_page.its_alkalinity_is_not_known_it")}
        {a.hardness !== undefined &&
          say("feeds_page.hardness_mg_l_caco_calcium_and", { hardness: figures(a.hardness) })}
        {otherName && !a.phKnown && say("feeds_page.without_both_alkalinities_the_ph_of")}
      </p>
      {a.shareForLimit !== undefined && (
        <p className="my-1 border-l-4 border-water pl-3">
          {a.shareForLimit > 0
            ? say("feeds_page.at_least_brings_the_alkalinity_under", { ceil: Math.ceil(a.shareForLimit), otherName })
            : say("feeds_page.the_alkalinity_is_under_the_limit")}
        </p>
      )}
    </>
  );
}

function Correction({
  answer: a,
  bench,
  litres,
  shown,
  open,
}: {
  answer: WaterAnswer;
  bench: WaterDraft;
  litres: Typed;
  shown: Shown;
  open: (step: string) => void;
}) {
  const c = a.correction;
  return (
    <>
      <h2 className="head mt-4">
        {say("feeds_page.for_ph", { ph_products: words("ph_products", bench.product), text: bench.target.text })}
      </h2>
      {a.refusals.map((f) => (
        <p key={f.code} role="alert" className="my-2 border-l-4 border-stop pl-3">
          ▲ {f.detail}
        </p>
      ))}
      {c && (
        <div className="my-1 border-l-4 border-ink pl-3">
          <p>
            {say("feeds_page.into", { text: litres.text, unit: litres.unit })}{" "}
            <Worked step="water.ph_product" open={open} big>
              {c.liquid ? shown.litres(c.amount / 1000) : shown.grams(c.amount)}
            </Worked>
          </p>
          <p className="note">
            {say("feeds_page.10_stir_wait_five_minutes_read", {
              value:
                c.neutralisedPercent > 0
                  ? say("feeds_page.takes_of_the_alkalinity_mg_l", {
                      neutralisedPercent: figures(c.neutralisedPercent),
                      alkalinityLeft: figures(c.alkalinityLeft),
                    })
                  : say("feeds_page.brings_the_alkalinity_to_mg_l", { alkalinityLeft: figures(c.alkalinityLeft) }),
              brings: c.brings
                .map((x) =>
                  say("feeds_page.adds_mg_l", { mgPerL: figures(x.mgPerL), nutrients: words("nutrients", x.element) }),
                )
                .join(" "),
            })}
          </p>
        </div>
      )}
      <Cautions ids={a.cautions} />
    </>
  );
}

type Count = { start: Typed; points: { added: Typed; ph: Typed }[] };
const NUMBER = { text: "", unit: "" };
const PH = { text: "", unit: "pH" };

/** A bottle of drops that nobody knows the strength of: two readings find it, the third dose lands. */
function Drops({ garden, start, target }: { garden: Garden; start: number; target: Typed }) {
  const draft = useDraft<Count>(`drops:${garden.id}`, {
    start: PH,
    points: [
      { added: NUMBER, ph: PH },
      { added: NUMBER, ph: PH },
    ],
  });
  const d = draft.value;
  const begun = d.start.text.trim() ? d.start : { text: start.toFixed(1), unit: "pH" };
  const read = d.points.filter((p) => p.added.text.trim() && p.ph.text.trim());
  const ask: DropsAsk | undefined = read.length >= 2 ? { startPh: begun, points: read, targetPh: target } : undefined;
  const live = useLive<DropsAsk, DropsAnswer>(ask, (body, signal) =>
    call(api.POST("/api/water/drops", { body, signal })),
  );
  const faults = ask ? (live.problem?.faults ?? []) : [];
  const set = (i: number, part: Partial<Count["points"][number]>) =>
    draft.change({ points: d.points.map((p, j) => (j === i ? { ...p, ...part } : p)) });
  const on = fieldsOf(d, draft.change, faults);
  return (
    <section aria-label={say("feeds_page.drops")} aria-live="polite">
      <h2 className="head mt-4 xl:mt-0">{say("feeds_page.a_bottle_of_ph_drops_by")}</h2>
      <p className="note mb-1">{say("feeds_page.count_drops_into_the_can_stir", { text: target.text })}</p>
      <NumberField
        row
        label={say("feeds_page.ph_at_the_start")}
        shownUnit=""
        placeholder={start.toFixed(1)}
        {...on("start", "start_ph")}
      />
      {d.points.map((p, i) => (
        <div key={i} className="grid grid-cols-2 gap-3">
          <NumberField
            label={i === 0 ? say("feeds_page.drops_added") : say("feeds_page.drops_added_in_all")}
            field={i === d.points.length - 1 ? "points.added" : ""}
            faults={faults}
            value={p.added}
            onChange={(added) => set(i, { added })}
          />
          <NumberField
            label={say("feeds_page.the_pen_then_reads")}
            field={i === d.points.length - 1 ? "points.ph" : ""}
            faults={faults}
            value={p.ph}
            shownUnit=""
            onChange={(ph) => set(i, { ph })}
          />
        </div>
      ))}
      <div className="flex gap-3">
        <Button onClick={() => draft.change({ points: [...d.points, { added: NUMBER, ph: PH }] })}>
          {say("feeds_page.one_more")}
        </Button>
        {draft.changed && (
          <Button look="quiet" onClick={draft.drop}>
            {say("common.begin_anew")}
          </Button>
        )}
      </div>
      {ask && live.answer && !live.problem && (
        <p className="mt-2 border-l-4 border-ink pl-3">
          {rich("feeds_page.add_more", {
            b: (c) => <b className="fig text-xl">{c}</b>,
            more: figures(live.answer.more),
          })}{" "}
          <span className="note">
            {say("feeds_page.if_the_pen_is_0_1", {
              low: figures(live.answer.low),
              high: figures(live.answer.high),
              inAll: figures(live.answer.inAll),
            })}
          </span>
        </p>
      )}
    </section>
  );
}
