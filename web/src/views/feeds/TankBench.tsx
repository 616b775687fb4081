import { useQuery } from "@tanstack/react-query";
import { Link, useNavigate, useSearch } from "@tanstack/react-router";
import { useRef, useState } from "react";
import { api, call, newId, type Fault, type Feed, type Garden, type TankAnswer, type TankAsk } from "../../api";
import { catalogueQuery, feedsQuery, gardenQuery, useAct, useGardenId } from "../../api/queries";
import { useLive } from "../../api/useLive";
import { Worked } from "../../parts/Worked";
import { WorkingPanel } from "../../parts/WorkingPanel";
import { words } from "../../text";
import { figures, longDay, plain, Shown } from "../../text/numbers";
import { Button } from "../../ui/Button";
import { ChoiceField, NumberField, TextField } from "../../ui/Fields";
import { Segmented } from "../../ui/Segmented";
import { Loading, Trouble } from "../../ui/States";
import { useDraft } from "../../ui/useDraft";
import { useTold } from "../../ui/useUndo";
import { usualWater } from "../../parts/usual";
import { StockTanks } from "./StockTanks";
import { BLANK_TANK, tankKey, type Tank } from "./tank";
import { DeviceTests } from "./DeviceTests";

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
            perLitre: { text: p.perLitre, unit },
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
  const live = useLive<TankAsk, TankAnswer>(ask, (body, signal) => call(api.POST("/api/live/tank", { body, signal })));
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
      told(`${t.name}: on the shelf as a feed of its own; what went in is taken from the stock.`, act.actId);
    },
  );
  if (!garden || !feeds || !catalogue || !water) return <Loading what="the tanks" />;
  const shown = new Shown(catalogue.units, garden.unitHabit);
  const faults = ask ? (live.problem?.faults ?? []) : [];
  const a = ask ? live.answer : undefined;
  const print = (what: boolean) => {
    setLabels(what);
    setTimeout(() => window.print(), 100);
  };
  return (
    <div className="min-w-0 gap-6 md:grid md:grid-cols-[17rem_1fr]">
      <section aria-label="The tank" className={labels ? "print:hidden" : ""}>
        <Link to="/g/$garden/feeds" params={{ garden: id }} className="note no-print lg:hidden">
          ← all feeds
        </Link>
        <h1 className="mb-2 text-2xl">Tanks and injectors</h1>
        <Products tank={t} feeds={there} faults={faults} change={draft.change} />
        <div className="mb-1">
          <Segmented
            label="The injector is set in"
            value={t.setting}
            onChange={(setting) =>
              draft.change({
                setting: setting as Tank["setting"],
                ...(setting === "percent" && t.setting !== "percent" ? { ratio: "1" } : {}),
                ...(setting !== "percent" && t.setting === "percent" ? { ratio: "100" } : {}),
              })
            }
            options={[
              { value: "one_in", label: "1 in N" },
              { value: "one_and", label: "1 and N" },
              { value: "percent", label: "%" },
            ]}
          />
        </div>
        <NumberField
          label="Injector"
          field={t.setting === "percent" ? "percent" : "dilution_factor"}
          faults={faults.filter((f) => f.code !== "stock_too_strong")}
          value={{ text: t.ratio, unit: "" }}
          shownUnit={t.setting === "percent" ? "%" : "N"}
          onChange={(v) => draft.change({ ratio: v.text })}
          hint={
            t.setting === "percent"
              ? "1 % is 1 in 100."
              : "Its leaflet says whether 1:16 is one part in 16, or one and 16 of water: 6 % apart."
          }
        />
        <div className="grid grid-cols-2 gap-2">
          <NumberField
            label="Tank holds"
            field="tank.litres"
            faults={faults}
            value={t.litres}
            shownUnit={t.litres.unit}
            onChange={(litres) => draft.change({ litres })}
          />
          <NumberField
            label="Coldest night"
            field="coldest"
            faults={faults}
            value={t.coldest}
            onChange={(coldest) => draft.change({ coldest })}
          />
        </div>
        <NumberField
          label="Feed used in a day"
          field="tank.per_day"
          faults={faults}
          value={t.perDay}
          units={["L", "US gal"]}
          placeholder="for the days it lasts"
          onChange={(perDay) => draft.change({ perDay })}
        />
        <div className="mb-2">
          <Segmented
            label="Tanks"
            value={t.oneTank ? "one" : "split"}
            onChange={(v) => draft.change({ oneTank: v === "one" })}
            options={[
              { value: "split", label: "A and B as needed" },
              { value: "one", label: "all in one" },
            ]}
          />
        </div>
        <TextField
          label="Name on the tank"
          field="tank.name"
          faults={make.error?.faults ?? []}
          value={t.name}
          onChange={(name) => draft.change({ name })}
          placeholder="Bench feed"
        />
      </section>
      <section aria-label="Answer" aria-live="polite" aria-busy={live.pending} className="min-w-0">
        {!ask && <p className="note p-6">Choose a product and how much of it a litre of finished feed gets.</p>}
        {ask && live.problem && <Trouble problem={live.problem} />}
        {a && !live.problem && (
          <>
            <div className={labels ? "print:hidden" : ""}>
              <Stock answer={a} tank={t} shown={shown} open={open} />
              <p className="no-print my-2 flex flex-wrap gap-3">
                <Button onClick={() => print(false)}>Print this sheet</Button>
                <Button onClick={() => print(true)}>Print the danger label</Button>
                <Button look="ink" disabled={make.isPending || !ask} onClick={() => ask && make.mutate(ask)}>
                  {make.isPending ? "Recording …" : make.error?.retry ? "Retry" : "It is made"}
                </Button>
                <span className="note basis-full">
                  “It is made” puts the stock on the shelf as a feed of its own, for lots to be fed with, and takes what
                  went in from the stock.
                </span>
              </p>
              {make.isError && make.error.faults.every((f) => f.field !== "tank.name") && (
                <Trouble problem={make.error} />
              )}
              <DeviceTests tank={t} forecast={a.meter - water.ec} />
              <ul aria-label="Cautions" className="note mt-3 list-none border-t border-stop p-0 pt-2">
                {a.cautions.map((c) => (
                  <li key={c}>▲ {words("cautions", c)}</li>
                ))}
              </ul>
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
              <b>{feed?.name ?? "A feed that is gone"}</b>
              <Button
                look="quiet"
                aria-label={`Leave out ${feed?.name ?? "it"}`}
                onClick={() => change({ products: t.products.filter((_, j) => j !== i) })}
              >
                Leave out
              </Button>
            </legend>
            <div className="grid grid-cols-2 gap-2">
              <NumberField
                label="In the feed"
                field="stock.per_litre"
                faults={faults}
                value={{ text: p.perLitre, unit }}
                onChange={(v) => set(i, { perLitre: v.text })}
              />
              {feed?.formula === undefined && (
                <NumberField
                  label="Most in stock"
                  field="stock.limit"
                  faults={faults}
                  value={{ text: p.limit, unit }}
                  placeholder="by its label"
                  onChange={(v) => set(i, { limit: v.text })}
                />
              )}
            </div>
          </fieldset>
        );
      })}
      {left.length > 0 && (
        <ChoiceField
          label={t.products.length === 0 ? "What goes in" : "And"}
          field="stock.products"
          faults={faults.filter((f) => f.code === "missing")}
          value=""
          onChange={(feed) => change({ products: [...t.products, { feed, perLitre: "", limit: "" }] })}
          options={[
            { value: "", label: "choose a product" },
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
        One litre of stock makes <b className="fig text-xl">{plain(a.dilutionFactor)}</b> L of feed with{" "}
        <b className="fig">{figures(a.n)} mg/L N</b>; the pen should read{" "}
        <b className="fig">
          {figures(a.meter)} ± {figures(a.meterPlusMinus, 1)} mS/cm
        </b>
        .{" "}
        {a.days !== undefined && (
          <>
            Empty in{" "}
            <Worked step="tank.days" open={open} big>
              {figures(a.days)} days
            </Worked>
            .
          </>
        )}
      </p>
      <StockTanks tanks={a.tanks} holds={`${t.litres.text} ${t.litres.unit}`} shown={shown} open={open} />
      {a.tanks.length > 1 && (
        <p className="note">
          Each tank has its own injector head, or they are drawn one after the other: never together.
        </p>
      )}
    </>
  );
}

/** One label for each tank, as large as the paper allows. */
function DangerLabels({ answer: a, tank: t, garden, shown }: Shows & { garden: Garden }) {
  return (
    <div aria-label="Danger labels" className="hidden print:block">
      {a.tanks.map((tank) => (
        <article key={tank.named} className="mb-6 break-inside-avoid border-8 border-double border-ink p-6">
          <p className="text-4xl font-bold">▲ DANGER: CONCENTRATE</p>
          <p className="text-2xl">
            {t.name || "Plant feed stock"}
            {a.tanks.length > 1 && `, ${words("tanks", tank.named)}`}
          </p>
          <p className="text-xl">
            {plain(a.timesTooStrong)} times too strong for plants. Do not drink, do not pour undiluted. Keep locked from
            children and animals.
          </p>
          <p>
            {tank.puts
              .map((p) => `${p.name} ${figures(p.perLitre)} ${p.measure === "grams" ? "g" : "mL"} in a litre`)
              .join(" · ")}
          </p>
          <p>
            Injector {t.setting === "percent" ? `${t.ratio} %` : `1:${t.ratio}`}. Skin or eyes: rinse with much water,
            get advice. {garden.name}, {longDay(garden.today)}, {shown.vessel(Number(t.litres.text) || 0)}
          </p>
        </article>
      ))}
    </div>
  );
}
