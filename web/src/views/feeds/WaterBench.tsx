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
import { words } from "../../text";
import { figures, plain, Shown } from "../../text/numbers";
import { Button } from "../../ui/Button";
import { ChoiceField, NumberField } from "../../ui/Fields";
import { Loading, Trouble } from "../../ui/States";
import { useDraft } from "../../ui/useDraft";
import { usualWater } from "../../parts/usual";
import { waterInput } from "../shelf/waterInput";

/** Is this water fit, what does a blend come to, and what brings it to the pH wanted? */
export function WaterBench() {
  const id = useGardenId();
  const garden = useQuery(gardenQuery(id)).data;
  const catalogue = useQuery(catalogueQuery).data;
  const products = useQuery({
    queryKey: ["ph-products"],
    queryFn: () => call(api.GET("/api/live/water/ph-products")),
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
  const live = useLive<WaterAsk, WaterAnswer>(ask, (body, signal) =>
    call(api.POST("/api/live/water", { body, signal })),
  );
  if (!garden || !catalogue || !products || !water) return <Loading what="the waters" />;
  const shown = new Shown(catalogue.units, garden.unitHabit);
  const faults = live.problem?.faults ?? [];
  const a = live.answer;
  const offered = products.filter((p) => !p.trade || garden.trade);
  return (
    <div className="min-w-0 gap-6 md:grid md:grid-cols-[15.5rem_1fr]">
      <section aria-label="Which water">
        <Link to="/g/$garden/feeds" params={{ garden: id }} className="note lg:hidden">
          ← all feeds
        </Link>
        <h1 className="mb-2 text-2xl">Water</h1>
        <ChoiceField
          label="Source"
          field="water"
          faults={faults}
          value={water.id}
          onChange={(v) => draft.change({ water: v })}
          options={waters.map((w) => ({ value: w.id, label: w.name }))}
          hint={
            <Link to="/g/$garden/shelf" params={{ garden: id }} className="flex min-h-8 items-center">
              Its readings and report: Shelf, Waters
            </Link>
          }
        />
        <ChoiceField
          label="Blended with"
          field="other"
          faults={faults}
          value={other?.id ?? ""}
          onChange={(v) => draft.change({ other: v })}
          options={[
            { value: "", label: "nothing" },
            ...waters.filter((w) => w.id !== water.id).map((w) => ({ value: w.id, label: w.name })),
          ]}
        />
        {other && (
          <NumberField
            label={`${other.name} in it`}
            field="share"
            faults={faults}
            value={b.share}
            onChange={(share) => draft.change({ share })}
          />
        )}
        <PlantField
          garden={id}
          label="For which plants"
          faults={faults}
          value={b.kind}
          onChange={(v) => draft.change({ kind: v })}
          none="any"
        />
        <NumberField
          label="Mix in the pots it is for"
          field="pot.litres"
          faults={faults}
          value={b.pot}
          units={["L", "US gal", "US qt"]}
          onChange={(pot) => draft.change({ pot })}
          hint="The smaller the pot, the less alkalinity it stands."
        />
        <h2 className="head mt-3">To a pH</h2>
        <NumberField
          label="pH wanted"
          field="target_ph"
          faults={faults}
          value={b.target}
          shownUnit=""
          onChange={(target) => draft.change({ target })}
        />
        <ChoiceField
          label="With"
          field="ph_product"
          faults={faults}
          value={b.product}
          onChange={(product) => draft.change({ product })}
          options={offered.map((p) => ({
            value: p.key,
            label: words("ph_products", p.key),
            group: p.acid ? "lowers" : "raises",
          }))}
        />
        <NumberField
          label="Water made"
          field="litres"
          faults={faults}
          value={b.litres}
          units={["L", "US gal"]}
          placeholder={String(can?.litres ?? 5)}
          onChange={(v) => draft.change({ litres: v })}
        />
      </section>
      <section aria-label="Answer" aria-live="polite" aria-busy={live.pending} className="min-w-0">
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
        {!a && !live.problem && <p className="note p-6">Working it out …</p>}
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
        As poured: EC {figures(a.ec)} mS/cm, pH {a.phKnown ? a.ph.toFixed(1) : "not known"}
      </h2>
      <table className="w-full border-collapse text-sm">
        <caption className="note text-left">
          In pots of {pot.text} {pot.unit} of mix
        </caption>
        <thead>
          <tr className="note">
            <th className="text-left font-normal" />
            <th className="pl-3 text-right font-normal">in it</th>
            <th className="pl-3 text-right font-normal">fit to</th>
            <th className="pl-3 text-right font-normal">limit</th>
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
        {a.alkalinity === undefined && "Its alkalinity is not known: it decides what the pH in the pot will do. "}
        {a.hardness !== undefined &&
          `Hardness ${figures(a.hardness)} mg/L CaCO₃ (calcium and magnesium; not alkalinity). `}
        {otherName && !a.phKnown && "Without both alkalinities the pH of a blend cannot be told: pH does not add. "}
      </p>
      {a.shareForLimit !== undefined && (
        <p className="my-1 border-l-4 border-water pl-3">
          {a.shareForLimit > 0
            ? `At least ${Math.ceil(a.shareForLimit)} % ${otherName} brings the alkalinity under the limit.`
            : "The alkalinity is under the limit without blending."}
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
        {words("ph_products", bench.product)} for pH {bench.target.text}
      </h2>
      {a.refusals.map((f) => (
        <p key={f.code} role="alert" className="my-2 border-l-4 border-stop pl-3">
          ▲ {f.detail}
        </p>
      ))}
      {c && (
        <div className="my-1 border-l-4 border-ink pl-3">
          <p>
            Into {litres.text} {litres.unit}:{" "}
            <Worked step="water.ph_product" open={open} big>
              {c.liquid ? shown.litres(c.amount / 1000) : shown.grams(c.amount)}
            </Worked>
          </p>
          <p className="note">
            {c.neutralisedPercent > 0
              ? `Takes ${figures(c.neutralisedPercent)} % of the alkalinity; ${figures(c.alkalinityLeft)} mg/L CaCO₃ are left.`
              : `Brings the alkalinity to ${figures(c.alkalinityLeft)} mg/L CaCO₃.`}{" "}
            {c.brings.map((x) => `Adds ${figures(x.mgPerL)} mg/L ${words("nutrients", x.element)}.`).join(" ")} ± 10 %:
            stir, wait five minutes, read, and correct. Standing in the air the pH creeps up again as carbonic acid
            leaves.
          </p>
        </div>
      )}
      <ul aria-label="Cautions" className="note mt-2 list-none border-t border-stop p-0 pt-1">
        {a.cautions.map((x) => (
          <li key={x}>▲ {words("cautions", x)}</li>
        ))}
      </ul>
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
    call(api.POST("/api/live/water/drops", { body, signal })),
  );
  const faults = ask ? (live.problem?.faults ?? []) : [];
  const set = (i: number, part: Partial<Count["points"][number]>) =>
    draft.change({ points: d.points.map((p, j) => (j === i ? { ...p, ...part } : p)) });
  return (
    <section aria-label="Drops" aria-live="polite">
      <h2 className="head mt-4 xl:mt-0">A bottle of pH drops, by two readings</h2>
      <p className="note mb-1">
        Count drops into the can, stir, wait a minute, read. Twice is enough to say how many more bring it to pH{" "}
        {target.text}. Works without knowing the alkalinity.
      </p>
      <NumberField
        row
        label="pH at the start"
        field="start_ph"
        faults={faults}
        value={d.start}
        shownUnit=""
        placeholder={start.toFixed(1)}
        onChange={(v) => draft.change({ start: v })}
      />
      {d.points.map((p, i) => (
        <div key={i} className="grid grid-cols-2 gap-3">
          <NumberField
            label={i === 0 ? "Drops added" : "Drops added in all"}
            field={i === d.points.length - 1 ? "points.added" : ""}
            faults={faults}
            value={p.added}
            onChange={(added) => set(i, { added })}
          />
          <NumberField
            label="The pen then reads"
            field={i === d.points.length - 1 ? "points.ph" : ""}
            faults={faults}
            value={p.ph}
            shownUnit=""
            onChange={(ph) => set(i, { ph })}
          />
        </div>
      ))}
      <div className="flex gap-3">
        <Button onClick={() => draft.change({ points: [...d.points, { added: NUMBER, ph: PH }] })}>One more</Button>
        {draft.changed && (
          <Button look="quiet" onClick={draft.drop}>
            Begin anew
          </Button>
        )}
      </div>
      {ask && live.answer && !live.problem && (
        <p className="mt-2 border-l-4 border-ink pl-3">
          Add <b className="fig text-xl">{figures(live.answer.more)}</b> more{" "}
          <span className="note">
            ({figures(live.answer.low)}–{figures(live.answer.high)} if the pen is 0.1 off), {figures(live.answer.inAll)}{" "}
            in all.
          </span>
        </p>
      )}
    </section>
  );
}
