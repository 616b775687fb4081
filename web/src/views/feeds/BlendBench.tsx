import { useQuery } from "@tanstack/react-query";
import { Link } from "@tanstack/react-router";
import { api, call, type BlendAnswer, type BlendAsk, type Fault, type Feed, type Typed } from "../../api";
import { catalogueQuery, feedsQuery, gardenQuery, stockQuery, useGardenId } from "../../api/queries";
import { useLive } from "../../api/useLive";
import { words, say } from "../../text";
import { figures, plain, Shown } from "../../text/numbers";
import { ChoiceField, NumberField } from "../../ui/Fields";
import { fieldsOf } from "../../ui/fieldsOf";
import { Segmented } from "../../ui/Segmented";
import { Loading, Trouble } from "../../ui/States";
import { useDraft } from "../../ui/useDraft";
import { usualWater } from "../../parts/usual";
import { StockTanks } from "./StockTanks";
import { stockOf } from "./tank";
import { WaterChoice } from "./WaterChoice";
import { Cautions } from "../../parts/Cautions";

const GOALS = ["N", "P", "K", "CA", "MG", "S", "FE", "MN", "ZN", "CU", "B", "MO", "SI"] as const;
const SCHOOLS = ["by_temperature", "mostly_nitrate", "sour_mix"];

type Bench = {
  mode: "table" | "ratio";
  targets: Record<string, string>;
  ratio: { n: string; p2o5: string; k2o: string; strength: string };
  /** Feeds that are left out. */
  without: string[];
  salts: string[];
  water: string;
  school: string;
  root: Typed;
  stock: boolean;
  setting: NonNullable<BlendAsk["setting"]>;
  injector: string;
  litres: Typed;
  coldest: Typed;
};

const BLANK: Bench = {
  mode: "table",
  targets: { N: "150", P: "25", K: "150", CA: "100", MG: "25" },
  ratio: { n: "3", p2o5: "1", k2o: "2", strength: "100" },
  without: [],
  salts: [],
  water: "",
  school: "",
  root: { text: "18", unit: "°C" },
  stock: false,
  setting: "one_in",
  injector: "100",
  litres: { text: "10", unit: "L" },
  coldest: { text: "10", unit: "°C" },
};

/** A feed of one's own from what is on the shelf: nearest to a table, or to a ratio at a strength. */
export function BlendBench() {
  const id = useGardenId();
  const garden = useQuery(gardenQuery(id)).data;
  const feeds = useQuery(feedsQuery(id)).data;
  const catalogue = useQuery(catalogueQuery).data;
  const stock = useQuery(stockQuery(id)).data;
  const salts = useQuery({
    queryKey: ["blend-salts"],
    queryFn: () => call(api.GET("/api/blend/salts")),
    staleTime: Infinity,
  }).data;
  const draft = useDraft<Bench>(`blend:${id}`, BLANK);
  const b = draft.value;
  const water = garden?.waters.find((w) => w.id === b.water) ?? usualWater(garden);
  const there = feeds?.filter((f) => !f.retired) ?? [];
  const used = there.filter((f) => !b.without.includes(f.id));
  const number = (text: string, unit: string): Typed => ({ text, unit });
  const costOf = (f: Feed) => {
    const s = stock?.find((x) => x.stock.feedId === f.id && !x.stock.retired)?.stock;
    return s?.pack !== undefined && s.cost !== undefined ? s.cost / s.pack : undefined;
  };
  const ask: BlendAsk | undefined =
    garden && water && used.length + b.salts.length > 0
      ? {
          feeds: used.map((feed) => {
            const cost = costOf(feed);
            return { feed, ...(cost === undefined ? {} : { cost }) };
          }),
          salts: b.salts,
          targets: Object.fromEntries(Object.entries(b.targets).map(([g, text]) => [g, number(text, "mg/L")])),
          ...(b.mode === "ratio"
            ? {
                proportion: {
                  n: number(b.ratio.n, ""),
                  p2o5: number(b.ratio.p2o5, ""),
                  k2o: number(b.ratio.k2o, ""),
                  strength: number(b.ratio.strength, "mg/L"),
                },
              }
            : {}),
          water,
          ...(b.school ? { school: b.school, root: b.root } : {}),
          ...(b.stock
            ? {
                setting: b.setting,
                ratio: number(b.injector, b.setting === "percent" ? "%" : ""),
                litres: b.litres,
                coldest: b.coldest,
              }
            : {}),
        }
      : undefined;
  const live = useLive<BlendAsk, BlendAnswer>(ask, (body, signal) => call(api.POST("/api/blend", { body, signal })));
  if (!garden || !feeds || !catalogue || !salts || !water) return <Loading what={say("feeds_page.the_blend")} />;
  const shown = new Shown(catalogue.units, garden.unitHabit);
  const faults = ask ? (live.problem?.faults ?? []) : [];
  const a = live.answer;
  const toggle = (list: string[], key: string) => (list.includes(key) ? list.filter((k) => k !== key) : [...list, key]);
  const on = fieldsOf(b, draft.change, faults);
  return (
    <div className="min-w-0 gap-6 md:grid md:grid-cols-[17rem_1fr]">
      <section aria-label={say("feeds_page.what_is_wanted")}>
        <Link to="/g/$garden/feeds" params={{ garden: id }} className="note lg:hidden">
          {say("feeds_page.all_feeds")}
        </Link>
        <h1 className="mb-2 text-2xl">{say("frame.blend_from_the_shelf")}</h1>
        <Segmented
          label={say("feeds_page.wanted_as")}
          value={b.mode}
          onChange={(mode) => draft.change({ mode: mode as Bench["mode"] })}
          options={[
            { value: "table", label: say("feeds_page.mg_l_in_the_feed") },
            { value: "ratio", label: say("feeds_page.a_ratio") },
          ]}
        />
        <Wanted bench={b} faults={faults} change={draft.change} />
        <WaterChoice
          garden={garden}
          water={water}
          faults={faults}
          choose={(v) => draft.change({ water: v })}
          hint={
            Object.keys(water.contents ?? {}).length > 0
              ? say("feeds_page.its_own_calcium_magnesium_and_the")
              : say("feeds_page.its_report_is_not_known_nothing")
          }
        />
        <ChoiceField
          label={say("feeds_page.nitrate")}
          options={[
            { value: "", label: say("feeds_page.as_it_comes") },
            ...SCHOOLS.map((s) => ({ value: s, label: words("nitrogen_schools", s).split(":")[0]!.split(",")[0]! })),
          ]}
          hint={b.school && words("nitrogen_schools", b.school)}
          {...on.choice("school", "blend.school")}
        />
        {b.school !== "" && <NumberField label={say("feeds_page.the_mix_is_about")} {...on("root", "blend.root")} />}
        <fieldset className="m-0 mb-2 border-0 p-0">
          <legend className="text-sm">{say("feeds_page.at_hand_on_the_shelf")}</legend>
          {there.map((f) => (
            <label key={f.id} className="flex min-h-8 items-center gap-2">
              <input
                type="checkbox"
                className="size-5"
                checked={!b.without.includes(f.id)}
                onChange={() => draft.change({ without: toggle(b.without, f.id) })}
              />
              {f.name}
            </label>
          ))}
        </fieldset>
        <details open={b.salts.length > 0} className="mb-2">
          <summary className="note underline decoration-rule-strong underline-offset-4">
            {say("feeds_page.and_salts_that_could_be_bought")}
          </summary>
          {salts.map((s) => (
            <label key={s.key} className="flex min-h-8 items-center gap-2 text-sm">
              <input
                type="checkbox"
                className="size-5"
                checked={b.salts.includes(s.key)}
                onChange={() => draft.change({ salts: toggle(b.salts, s.key) })}
              />
              <span>
                {words("salts", s.key)} <span className="note fig">{s.formula}</span>
              </span>
            </label>
          ))}
        </details>
        <Injecting bench={b} faults={faults} change={draft.change} />
      </section>
      <section aria-label={say("common.answer")} aria-live="polite" aria-busy={live.pending} className="min-w-0">
        {!ask && <p className="note p-6">{say("feeds_page.tick_what_is_at_hand")}</p>}
        {ask && live.problem && <Trouble problem={live.problem} />}
        {ask && a && !live.problem && (
          <Comes
            answer={a}
            bench={b}
            shown={shown}
            salts={salts}
            currency={stock?.find((x) => x.stock.currency)?.stock.currency}
          />
        )}
        {ask && a && !live.problem && a.parts.length > 0 && a.parts.every((p) => p.salt === undefined) && (
          <Link
            to="/g/$garden/feeds/tank"
            params={{ garden: id }}
            className="flex min-h-8 items-center"
            onClick={() =>
              stockOf(
                id,
                a.parts.map((p) => ({ feed: there.find((f) => f.name === p.name)!.id, perLitre: p.perLitre })),
              )
            }
          >
            {say("feeds_page.make_a_stock_of_it")}
          </Link>
        )}
        {ask && !a && !live.problem && <p className="note p-6">{say("common.working_it_out")}</p>}
      </section>
    </div>
  );
}

type Fields = { bench: Bench; faults: Fault[]; change: (part: Partial<Bench>) => void };

function Wanted({ bench: b, faults, change }: Fields) {
  if (b.mode === "ratio") {
    const part = (label: string, key: "n" | "p2o5" | "k2o", field: string) => (
      <NumberField
        label={label}
        field={field}
        faults={faults}
        value={{ text: b.ratio[key], unit: "" }}
        onChange={(v) => change({ ratio: { ...b.ratio, [key]: v.text } })}
      />
    );
    return (
      <div className="mt-2">
        <div className="grid grid-cols-3 gap-2">
          {part("N", "n", "blend.ratio_n")}
          {part("P₂O₅", "p2o5", "blend.ratio_p")}
          {part("K₂O", "k2o", "blend.ratio_k")}
        </div>
        <NumberField
          label={say("feeds_page.at_a_strength_of")}
          field="blend.n"
          faults={faults}
          value={{ text: b.ratio.strength, unit: "" }}
          shownUnit="mg/L N"
          onChange={(v) => change({ ratio: { ...b.ratio, strength: v.text } })}
          hint={say("feeds_page.3_1_2_suits_most_plants")}
        />
      </div>
    );
  }
  return (
    <div className="mt-2 grid grid-cols-4 gap-x-2">
      {GOALS.map((g) => (
        <NumberField
          key={g}
          label={words("goals_of_blend", g.toLowerCase())}
          field={`blend.${g.toLowerCase()}`}
          faults={faults}
          value={{ text: b.targets[g] ?? "", unit: "" }}
          shownUnit=""
          onChange={(v) => change({ targets: { ...b.targets, [g]: v.text } })}
        />
      ))}
    </div>
  );
}

function Injecting({ bench: b, faults, change }: Fields) {
  const on = fieldsOf(b, change, faults);
  return (
    <details open={b.stock} className="mb-2">
      <summary className="note underline decoration-rule-strong underline-offset-4">
        {say("feeds_page.as_stock_for_an_injector")}
      </summary>
      <label className="flex min-h-8 items-center gap-2">
        <input
          type="checkbox"
          className="size-5"
          checked={b.stock}
          onChange={(e) => change({ stock: e.target.checked })}
        />
        {say("feeds_page.show_the_tanks")}
      </label>
      <Segmented
        label={say("feeds_page.the_injector_is_set_in")}
        value={b.setting}
        onChange={(setting) =>
          change({ setting: setting as Bench["setting"], injector: setting === "percent" ? "1" : "100" })
        }
        options={[
          { value: "one_in", label: say("feeds_page.1_in_n") },
          { value: "one_and", label: say("feeds_page.1_and_n") },
          { value: "percent", label: "%" },
        ]}
      />
      <div className="grid grid-cols-3 gap-2">
        <NumberField
          label={say("feeds_page.injector")}
          term="dilution"
          field={b.setting === "percent" ? "percent" : "dilution_factor"}
          faults={faults}
          value={{ text: b.injector, unit: "" }}
          shownUnit=""
          onChange={(v) => change({ injector: v.text })}
        />
        <NumberField label={say("feeds_page.tank")} {...on("litres", "tank.litres")} />
        <NumberField label={say("feeds_page.coldest")} {...on("coldest", "coldest")} />
      </div>
    </details>
  );
}

function Comes({
  answer: a,
  bench: b,
  shown,
  salts,
  currency,
}: {
  answer: BlendAnswer;
  bench: Bench;
  shown: Shown;
  salts: { key: string; formula: string }[];
  currency: string | undefined;
}) {
  const nameOf = (written: string) => {
    const salt = salts.find((s) => s.formula === written);
    return salt ? words("salts", salt.key) : written;
  };
  return (
    <>
      <div className="gap-6 xl:grid xl:grid-cols-2">
        <div>
          <h2 className="head !border-feed">{say("feeds_page.into_each_litre_of_water")}</h2>
          {a.parts.length === 0 && <p className="note">{say("feeds_page.nothing_at_hand_brings_it_nearer")}</p>}
          <ul className="m-0 list-none p-0">
            {a.parts.map((p) => (
              <li key={p.name} className="flex items-baseline justify-between gap-3 border-b border-rule py-1">
                <span>
                  {nameOf(p.name)} {p.salt !== undefined && <span className="note fig">{p.name}</span>}
                </span>
                <b className="fig text-lg whitespace-nowrap">
                  {p.measure === "grams"
                    ? p.perLitre < 0.1
                      ? say("feeds_page.mg", { value: figures(p.perLitre * 1000) })
                      : `${figures(p.perLitre)} g`
                    : `${figures(p.perLitre)} mL`}
                </b>
              </li>
            ))}
          </ul>
          <p className="note mt-1">
            {say("feeds_page.the_pen_should_read_ms_cm", {
              meter: figures(a.meter),
              meterPlusMinus: figures(a.meterPlusMinus, 1),
            })}{" "}
            {a.nitratePercent > 0 &&
              say("feeds_page.of_the_nitrogen_is_nitrate", { nitratePercent: figures(a.nitratePercent) })}
            {a.nitrateAsked !== undefined && say("feeds_page.at_least_asked", { nitrateAsked: plain(a.nitrateAsked) })}
            {a.nitratePercent > 0 && ". "}
            {a.costPerLitre !== undefined &&
              say("feeds_page.per_100_litres_of_what_has", {
                value: figures(a.costPerLitre * 100),
                value2: currency ? ` ${currency}` : "",
              })}
          </p>
        </div>
        <div>
          <h2 className="head mt-4 xl:mt-0">{say("feeds_page.wanted_and_got_mg_l")}</h2>
          <table className="w-full border-collapse text-sm">
            <thead>
              <tr className="note">
                <th className="text-left font-normal" />
                <th className="pl-2 text-right font-normal">{say("feeds_page.wanted")}</th>
                <th className="pl-2 text-right font-normal">{say("feeds_page.water")}</th>
                <th className="pl-2 text-right font-normal">{say("feeds_page.got")}</th>
                <th className="pl-3 text-left font-normal" />
              </tr>
            </thead>
            <tbody>
              {a.aimed.map((m) => (
                <tr key={m.goal} className="border-t border-rule align-baseline">
                  <th scope="row" className="py-0.5 text-left font-normal">
                    {words("goals_of_blend", m.goal)}
                  </th>
                  <td className="fig pl-2 text-right">{figures(m.target, 3)}</td>
                  <td className="fig pl-2 text-right">{m.water ? figures(m.water) : "–"}</td>
                  <td className="fig pl-2 text-right">{figures(m.got, 3)}</td>
                  <td className={`pl-3 ${m.why === "hit" ? "" : "text-stop"}`}>
                    {m.why === "hit"
                      ? "✓ "
                      : say(m.got < m.target ? "feeds_page.percent_short" : "feeds_page.percent_over", {
                          percent: figures(Math.abs(m.got / m.target - 1) * 100),
                        })}
                    {words("miss_whys", m.why, {
                      other: m.other === undefined ? say("feeds_page.the_others") : words("goals_of_blend", m.other),
                    })}
                  </td>
                </tr>
              ))}
            </tbody>
          </table>
          <p className="note mt-1">
            {say("feeds_page.all_of_it")}{" "}
            <span className="fig">
              {a.nutrients.map((n) => `${words("nutrients", n.nutrient)} ${figures(n.feed + n.water)}`).join(" · ")}
            </span>
          </p>
        </div>
      </div>
      {b.stock && (
        <div className="mt-4">
          {a.refusals.map((f) => (
            <p key={f.code} role="alert" className="my-2 border-l-4 border-stop pl-3">
              ▲ {f.detail}
            </p>
          ))}
          <StockTanks tanks={a.tanks} holds={`${b.litres.text} ${b.litres.unit}`} shown={shown} nameOf={nameOf} />
        </div>
      )}
      <Cautions ids={a.cautions} />
    </>
  );
}
