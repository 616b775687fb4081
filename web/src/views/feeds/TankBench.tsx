import { useQuery } from "@tanstack/react-query";
import { Link, useNavigate, useSearch } from "@tanstack/react-router";
import { useRef, useState } from "react";
import { api, call, newId, type Fault, type Feed, type Garden, type TankAnswer, type TankAsk } from "../../api";
import { catalogueQuery, feedsQuery, gardenQuery, useAct, useGardenId } from "../../api/queries";
import { useLive } from "../../api/useLive";
import { Worked } from "../../parts/Worked";
import { WorkingPanel } from "../../parts/WorkingPanel";
import { words, say, rich } from "../../text";
import { figures, longDay, plain, Shown } from "../../text/numbers";
import { Button } from "../../ui/Button";
import { ChoiceField, NumberField, TextField } from "../../ui/Fields";
import { fieldsOf } from "../../ui/fieldsOf";
import { Segmented } from "../../ui/Segmented";
import { Loading, Trouble } from "../../ui/States";
import { useDraft } from "../../ui/useDraft";
import { useTold } from "../../ui/useUndo";
import { usualWater } from "../../parts/usual";
import { StockTanks } from "./StockTanks";
import { COUNTED, strengthUnits } from "../../parts/strengths";
import { BLANK_TANK, tankKey, type Tank } from "./tank";
import { DeviceTests } from "./DeviceTests";
import { Cautions } from "../../parts/Cautions";

/** The stock for an injector: what goes into which tank, whether it stays dissolved, how long it lasts. */
export function TankBench() {
  const id = useGardenId();
  const garden = useQuery(gardenQuery(id)).data;
  const feeds = useQuery(feedsQuery(id)).data;
  const catalogue = useQuery(catalogueQuery).data;
  const draft = useDraft<Tank>(tankKey(id), BLANK_TANK);
  const [labels, setLabels] = useState(false);
  const { working } = useSearch({ from: "/g/$garden/feeds/tank" });
  const navigate = useNavigate({ from: "/g/$garden/feeds/tank" });
  const open = (step: string | undefined) => void navigate({ search: { ...(step ? { working: step } : {}) } });
  const t = draft.value;
  const there = feeds?.filter((f) => !f.retired) ?? [];
  const feedOf = (key: string) => there.find((f) => f.id === key);
  const water = garden?.waters.find((w) => w.id === t.water) ?? usualWater(garden);
  const products = t.products.flatMap((p) => {
    const feed = feedOf(p.feed);
    const unit = feed?.form === "dry" ? "g/L" : "mL/L";
    return feed && p.perLitre.trim()
      ? [
          {
            feed,
            perLitre: { text: p.perLitre, unit: p.unit ?? unit },
            ...(p.limit.trim() ? { limit: { text: p.limit, unit } } : {}),
          },
        ]
      : [];
  });
  const ask: TankAsk | undefined =
    water && products.length > 0
      ? {
          products,
          setting: t.setting,
          ratio: { text: t.ratio, unit: t.setting === "percent" ? "%" : "" },
          oneTank: t.oneTank,
          litres: t.litres,
          coldest: t.coldest,
          perDay: t.perDay,
          water,
        }
      : undefined;
  const live = useLive<TankAsk, TankAnswer>(ask, (body, signal) => call(api.POST("/api/tank", { body, signal })));
  const told = useTold(id);
  const key = useRef(newId());
  const make = useAct(
    id,
    (tank: TankAsk) =>
      call(
        api.POST("/api/gardens/{garden}/tanks", {
          params: { path: { garden: id } },
          body: { clientKey: key.current, feedId: newId(), stockId: newId(), name: t.name, tank },
        }),
      ),
    (act) => {
      key.current = newId();
      told(say("feeds_page.on_the_shelf_as_a_feed", { name: t.name }), act.actId);
    },
  );
  if (!garden || !feeds || !catalogue || !water) return <Loading what={say("feeds_page.the_tanks")} />;
  const shown = new Shown(catalogue.units, garden.unitHabit);
  const faults = ask ? (live.problem?.faults ?? []) : [];
  const a = ask ? live.answer : undefined;
  const print = (what: boolean) => {
    setLabels(what);
    setTimeout(() => window.print(), 100);
  };
  const on = fieldsOf(t, draft.change, faults);
  return (
    <div className="min-w-0 gap-6 md:grid md:grid-cols-[17rem_1fr]">
      <section aria-label={say("feeds_page.the_tank")} className={labels ? "print:hidden" : ""}>
        <Link to="/g/$garden/feeds" params={{ garden: id }} className="note no-print lg:hidden">
          {say("feeds_page.all_feeds")}
        </Link>
        <h1 className="mb-2 text-2xl">{say("frame.tanks_and_injectors")}</h1>
        <Products tank={t} feeds={there} faults={faults} change={draft.change} />
        <div className="mb-1">
          <Segmented
            label={say("feeds_page.the_injector_is_set_in")}
            value={t.setting}
            onChange={(setting) =>
              draft.change({
                setting: setting as Tank["setting"],
                ...(setting === "percent" && t.setting !== "percent" ? { ratio: "1" } : {}),
                ...(setting !== "percent" && t.setting === "percent" ? { ratio: "100" } : {}),
              })
            }
            options={[
              { value: "one_in", label: say("feeds_page.1_in_n") },
              { value: "one_and", label: say("feeds_page.1_and_n") },
              { value: "percent", label: "%" },
            ]}
          />
        </div>
        <NumberField
          label={say("feeds_page.injector")}
          term="dilution"
          field={t.setting === "percent" ? "percent" : "dilution_factor"}
          faults={faults.filter((f) => f.code !== "stock_too_strong")}
          value={{ text: t.ratio, unit: "" }}
          shownUnit={t.setting === "percent" ? "%" : "N"}
          onChange={(v) => draft.change({ ratio: v.text })}
          hint={
            t.setting === "percent" ? say("feeds_page.1_is_1_in_100") : say("feeds_page.its_leaflet_says_whether_1_16")
          }
        />
        <div>
          <NumberField
            row
            label={say("feeds_page.tank_holds")}
            units={["L", "US gal", "imp gal"]}
            {...on("litres", "tank.litres")}
          />
          <NumberField row label={say("feeds_page.coldest_night")} {...on("coldest", "coldest")} />
        </div>
        <NumberField
          label={say("feeds_page.feed_used_in_a_day")}
          units={["L", "US gal", "imp gal"]}
          placeholder={say("feeds_page.for_the_days_it_lasts")}
          {...on("perDay", "tank.per_day")}
        />
        <div className="mb-2">
          <Segmented
            label={say("feeds_page.tanks")}
            value={t.oneTank ? "one" : "split"}
            onChange={(v) => draft.change({ oneTank: v === "one" })}
            options={[
              { value: "split", label: say("feeds_page.a_and_b_as_needed") },
              { value: "one", label: say("feeds_page.all_in_one") },
            ]}
          />
        </div>
        <TextField
          label={say("feeds_page.name_on_the_tank")}
          field="tank.name"
          faults={make.error?.faults ?? []}
          value={t.name}
          onChange={(name) => draft.change({ name })}
          placeholder={say("feeds_page.bench_feed")}
        />
      </section>
      <section aria-label={say("common.answer")} aria-live="polite" aria-busy={live.pending} className="min-w-0">
        {!ask && <p className="note p-6">{say("feeds_page.choose_a_product_and_how_much")}</p>}
        {ask && live.problem && <Trouble problem={live.problem} />}
        {a && !live.problem && (
          <>
            <div className={labels ? "print:hidden" : ""}>
              <Stock answer={a} tank={t} shown={shown} open={open} />
              <p className="no-print my-2 flex flex-wrap gap-3">
                <Button onClick={() => print(false)}>{say("feeds_page.print_this_sheet")}</Button>
                <Button onClick={() => print(true)}>{say("feeds_page.print_the_danger_label")}</Button>
                <Button look="ink" disabled={make.isPending || !ask} onClick={() => ask && make.mutate(ask)}>
                  {make.isPending
                    ? say("common.recording")
                    : make.error?.retry
                      ? say("common.retry")
                      : say("feeds_page.it_is_made")}
                </Button>
                <span className="note basis-full">{say("feeds_page.it_is_made_puts_the_stock")}</span>
              </p>
              {make.isError && make.error.faults.every((f) => f.field !== "tank.name") && (
                <Trouble problem={make.error} />
              )}
              <DeviceTests tank={t} forecast={a.meter - water.ec} />
              <Cautions ids={a.cautions} open />
            </div>
            {labels && <DangerLabels answer={a} tank={t} garden={garden} shown={shown} />}
          </>
        )}
      </section>
      {working !== undefined && <WorkingPanel steps={a?.working} at={working} close={() => open(undefined)} />}
    </div>
  );
}

function Products({
  tank: t,
  feeds,
  faults,
  change,
}: {
  tank: Tank;
  feeds: Feed[];
  faults: Fault[];
  change: (part: Partial<Tank>) => void;
}) {
  const set = (i: number, part: Partial<Tank["products"][number]>) =>
    change({ products: t.products.map((p, j) => (j === i ? { ...p, ...part } : p)) });
  const left = feeds.filter((f) => !t.products.some((p) => p.feed === f.id));
  return (
    <>
      {t.products.map((p, i) => {
        const feed = feeds.find((f) => f.id === p.feed);
        const unit = feed?.form === "dry" ? "g/L" : "mL/L";
        return (
          <fieldset key={p.feed} className="m-0 mb-2 border-0 border-l-2 border-rule-strong p-0 pl-2">
            <legend className="flex w-full items-baseline justify-between">
              <b>{feed?.name ?? say("feeds_page.a_feed_that_is_gone")}</b>
              <Button
                look="quiet"
                aria-label={say("feeds_page.leave_out", { name: feed?.name ?? "it" })}
                onClick={() => change({ products: t.products.filter((_, j) => j !== i) })}
              >
                {say("feeds_page.leave_out_2")}
              </Button>
            </legend>
            <div>
              <NumberField
                label={say("feeds_page.in_the_feed")}
                field="stock.per_litre"
                faults={faults}
                value={{ text: p.perLitre, unit: p.unit ?? unit }}
                units={strengthUnits(feed?.form === "dry", (feed?.n ?? 0) > 0 ? COUNTED.nitrogen : undefined)}
                onChange={(v) => set(i, { perLitre: v.text, unit: v.unit })}
              />
              {feed?.formula === undefined && (
                <NumberField
                  row
                  label={say("feeds_page.most_in_stock")}
                  field="stock.limit"
                  faults={faults}
                  value={{ text: p.limit, unit }}
                  placeholder={say("feeds_page.by_its_label")}
                  onChange={(v) => set(i, { limit: v.text })}
                />
              )}
            </div>
          </fieldset>
        );
      })}
      {left.length > 0 && (
        <ChoiceField
          label={t.products.length === 0 ? say("feeds_page.what_goes_in") : say("feeds_page.and")}
          field="stock.products"
          faults={faults.filter((f) => f.code === "missing")}
          value=""
          onChange={(feed) => change({ products: [...t.products, { feed, perLitre: "", limit: "" }] })}
          options={[
            { value: "", label: say("feeds_page.choose_a_product") },
            ...left.map((f) => ({ value: f.id, label: `${f.name} ${plain(f.n)}-${plain(f.p2o5)}-${plain(f.k2o)}` })),
          ]}
        />
      )}
    </>
  );
}

type Shows = { answer: TankAnswer; tank: Tank; shown: Shown };

function Stock({ answer: a, tank: t, shown, open }: Shows & { open: (step: string) => void }) {
  return (
    <>
      <p className="mb-2">
        {rich("feeds_page.one_litre_of_stock_makes_l", {
          b: (c) => <b className="fig text-xl">{c}</b>,
          dilutionFactor: plain(a.dilutionFactor),
          b2: (c) => <b className="fig">{c}</b>,
          n: figures(a.n),
          b3: (c) => <b className="fig">{c}</b>,
          meter: figures(a.meter),
          meterPlusMinus: figures(a.meterPlusMinus, 1),
        })}{" "}
        {a.days !== undefined && (
          <>
            {rich("feeds_page.empty_in", {
              worked: (
                <Worked step="tank.days" open={open} big>
                  {say("feeds_page.days", { days: figures(a.days) })}
                </Worked>
              ),
            })}
          </>
        )}
      </p>
      <StockTanks tanks={a.tanks} holds={`${t.litres.text} ${t.litres.unit}`} shown={shown} open={open} />
      {a.tanks.length > 1 && <p className="note">{say("feeds_page.each_tank_has_its_own_injector")}</p>}
    </>
  );
}

/** One label for each tank, as large as the paper allows. */
function DangerLabels({ answer: a, tank: t, garden, shown }: Shows & { garden: Garden }) {
  return (
    <div aria-label={say("feeds_page.danger_labels")} className="hidden print:block">
      {a.tanks.map((tank) => (
        <article key={tank.named} className="mb-6 break-inside-avoid border-8 border-double border-ink p-6">
          <p className="text-4xl font-bold">{say("feeds_page.danger_concentrate")}</p>
          <p className="text-2xl">
            {t.name || say("feeds_page.plant_feed_stock")}
            {a.tanks.length > 1 && `, ${words("tanks", tank.named)}`}
          </p>
          <p className="text-xl">
            {say("feeds_page.times_too_strong_for_plants_do", { timesTooStrong: plain(a.timesTooStrong) })}
          </p>
          <p>
            {tank.puts
              .map((p) =>
                say("feeds_page.ml_in_a_litre", {
                  name: p.name,
                  perLitre: figures(p.perLitre),
                  which: p.measure === "grams" ? "yes" : "no",
                }),
              )
              .join(" · ")}
          </p>
          <p>
            {say("feeds_page.injector_skin_or_eyes_rinse_with", {
              value: t.setting === "percent" ? `${t.ratio} %` : `1:${t.ratio}`,
              name: garden.name,
              longDay: longDay(garden.today),
              vessel: shown.vessel(Number(t.litres.text) || 0),
            })}
          </p>
        </article>
      ))}
    </div>
  );
}
