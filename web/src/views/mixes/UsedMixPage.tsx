import { useQuery } from "@tanstack/react-query";
import { Link, useNavigate, useParams } from "@tanstack/react-router";
import { type ReactNode, useRef, useState } from "react";
import {
  api,
  call,
  newId,
  type Garden,
  type Recipe,
  type Recorded,
  type Typed,
  type UsedAdvice,
  type UsedStep,
} from "../../api";
import {
  catalogueQuery,
  gardenQuery,
  mixesQuery,
  useAct,
  usedMixQuery,
  useGardenId,
  type UsedFor,
} from "../../api/queries";
import { Worked } from "../../parts/Worked";
import { WorkingPanel } from "../../parts/WorkingPanel";
import { rich, say, words } from "../../text";
import { componentName, keyOf, mixChoices, recipeName } from "../../text/mixes";
import { day, figures, Shown } from "../../text/numbers";
import { Button } from "../../ui/Button";
import { ChoiceField, NumberField } from "../../ui/Fields";
import { Loading, Trouble } from "../../ui/States";
import { useTold } from "../../ui/useUndo";

const FIRST: UsedFor = { next: "", target: 6, air: 20, fresh: "perlite_coarse", share: 33, with: "peat_perlite" };
const MUCH = 50;

/** What may be typed of what is wanted. */
const RANGES = {
  target: { low: 3.5, high: 7.5, unit: "pH", field: "lime.target" },
  air: { low: 1, high: 70, unit: "%", field: "used.air" },
  share: { low: 1, high: 95, unit: "%", field: "used.share" },
};

/** How much of a step was done, in the person's units. */
const amountOf = (step: UsedStep, amount: number, shown: Shown) =>
  step === "flushed" ? shown.litres(amount) : step === "laid_out" ? shown.area(amount) : figures(amount);

const years = (n: number) =>
  n <= 0
    ? say("used_page.used_up")
    : n < 1
      ? say("used_page.under_a_year")
      : say("used_page.years", { years: Math.round(n) });
const rounds = (least: number, most: number) =>
  least === most || least === 0
    ? say("used_page.round_count", { count: most })
    : say("used_page.round_range", { least, most });
const crop = (key: string) => (key ? words("crops", key).toLowerCase() : say("used_page.crop_any"));

/** What an old mix is, what it may be used for, and what to do with it, in order. */
export function UsedMixPage() {
  const id = useGardenId();
  const used = useParams({ from: "/g/$garden/mixes/used/$used" }).used;
  const [wanted, setWanted] = useState(FIRST);
  const advice = useQuery(usedMixQuery(id, used, wanted));
  const garden = useQuery(gardenQuery(id)).data;
  const units = useQuery(catalogueQuery).data?.units;
  const [step, open] = useState<string>();
  if (advice.isPending || !garden || !units) return <Loading what={say("used_page.the_old_mix")} />;
  if (advice.isLoadingError) return <Trouble problem={advice.error} again={() => void advice.refetch()} />;
  const a = advice.data!;
  const shown = new Shown(units, garden.unitHabit);
  const { used: from, component, gone } = a.one;
  const ended = from.steps.find((s) => s.step === gone);
  return (
    <div className="max-w-5xl min-w-0">
      <Link to="/g/$garden/mixes/used" params={{ garden: id }} className="note">
        {say("used_page.all")}
      </Link>
      <h1 className="text-2xl">{component.name}</h1>
      <p className="note">
        {from.mixName}, {day(from.takenOn)} · {words("last_plants", from.lastPlant)}
      </p>
      <Verdict a={a} ended={ended?.on} />
      <div className="gap-8 lg:grid lg:grid-cols-[1fr_19rem]">
        <div className="min-w-0">
          {!gone && a.use !== "NEVER" && <ToDo {...{ a, garden, shown, wanted, setWanted, open }} />}
          {!gone && <OrElse a={a} garden={garden} />}
        </div>
        <div className="min-w-0">
          <h2 className="head">{say("used_page.it_is")}</h2>
          <ul className="m-0 list-none p-0">
            <li>{gone ? null : say("used_page.left", { litres: shown.litres(a.one.litresLeft) })}</li>
            <li>{say("used_page.age", { spent: figures(component.spent ?? 0, 1), years: years(a.lastsYears) })}</li>
            <li>{say("used_page.holds", { water: figures(a.water), air: figures(a.air) })}</li>
            <li>{say("used_page.ph_is", { ph: component.ph.toFixed(1), plusMinus: from.phPlusMinus.toFixed(1) })}</li>
            <li>{say("used_page.ec_is", { ec: figures(component.ec), plusMinus: figures(from.ecPlusMinus, 1) })}</li>
          </ul>
          {from.steps.length > 0 && (
            <>
              <h2 className="head mt-4">{say("used_page.done_so_far")}</h2>
              <ul className="m-0 list-none p-0">
                {from.steps.map((s, i) => (
                  <li key={i}>
                    {day(s.on)}: {words("used_steps", s.step, { amount: amountOf(s.step, s.amount, shown) })}
                  </li>
                ))}
              </ul>
            </>
          )}
          <Crops a={a} />
        </div>
      </div>
      {step && <WorkingPanel steps={a.working} at={step} close={() => open(undefined)} />}
    </div>
  );
}

/** Whether it may be used, in one line, and why. */
function Verdict({ a, ended }: { a: UsedAdvice; ended: string | undefined }) {
  if (ended)
    return (
      <p className="my-2 border-l-4 border-ink pl-3">
        {a.one.gone === "composted"
          ? say("used_page.gone_composted", { day: day(ended) })
          : say("used_page.gone_thrown", { day: day(ended) })}
      </p>
    );
  const fit = !a.one.component.heldBack;
  return (
    <div className={`my-2 border-l-4 pl-3 ${fit ? "border-ink" : "border-stop"}`}>
      <p className="text-xl">
        {fit ? "" : "▲ "}
        {words("used_uses", fit ? "FREELY" : a.use)}
      </p>
      <p>
        {fit
          ? say("used_page.freely")
          : a.use === "NEVER"
            ? say("used_page.never")
            : a.heatable
              ? say("used_page.heat")
              : say("used_page.no_heat")}
      </p>
    </div>
  );
}

type Doing = {
  a: UsedAdvice;
  garden: Garden;
  shown: Shown;
  wanted: UsedFor;
  setWanted: (w: UsedFor) => void;
  open: (step: string) => void;
};

/** The steps in the order they are done, each with its numbers and a way to say that it was. */
function ToDo({ a, garden, shown, wanted, setWanted, open }: Doing) {
  const mixes = useQuery(mixesQuery(garden.id)).data;
  const [texts, setTexts] = useState<Partial<Record<keyof typeof RANGES, string>>>({});
  const set = (part: Partial<UsedFor>) => setWanted({ ...wanted, ...part });
  const held = a.one.component.heldBack !== undefined;
  const done = (s: UsedStep) => a.one.used.steps.some((x) => x.step === s);
  const number = (key: keyof typeof RANGES) => {
    const { low, high, unit, field } = RANGES[key];
    const text = texts[key] ?? String(wanted[key]);
    const read = (t: string) => Number(t.trim().replace(",", "."));
    const fits = (n: number) => Number.isFinite(n) && n >= low && n <= high;
    return {
      field,
      faults: fits(read(text))
        ? []
        : [
            {
              code: "range",
              field,
              detail: say("used_page.between", { low, high, unit }),
              limit: "",
              value: text,
              unit,
            },
          ],
      value: { text, unit },
      onChange: (v: Typed) => {
        setTexts({ ...texts, [key]: v.text });
        if (fits(read(v.text))) set({ [key]: read(v.text) });
      },
    };
  };
  const us = garden.unitHabit === "us";
  const goal = figures(a.goal);
  const components = (mixes?.components ?? []).filter((c) => !c.retired && keyOf(c) !== a.one.used.id);
  return (
    <section aria-label={say("used_page.to_do")}>
      <h2 className="head">{say("used_page.to_do")}</h2>
      <ol className="m-0 list-decimal pl-6">
        {a.use === "HEATED" && a.heatable && (held || done("heated")) && (
          <Task title={say("used_page.heat_it")}>
            {held && <StepForm {...{ a, garden }} step="heated" does={say("used_page.heated")} />}
          </Task>
        )}
        <Task title={say("used_page.sieve")} note={say("used_page.sieve_note")}>
          <StepForm {...{ a, garden }} step="sieved" unit="%" field="used.reject" />
        </Task>
        <Task title={say("used_page.measure")} note={say("used_page.measure_note")}>
          <div className="flex flex-wrap gap-x-6">
            <StepForm {...{ a, garden }} step="ph_read" unit="pH" field="reading.ph" label={say("used_page.ph")} />
            <StepForm {...{ a, garden }} step="salt_read" unit="mS/cm" field="reading.ec" label={say("common.ec")} />
          </div>
        </Task>
        <Task title={say("used_page.flush")}>
          <ChoiceField
            row
            label={say("used_page.next_crop")}
            field="used.next"
            faults={[]}
            value={wanted.next}
            onChange={(next) => set({ next })}
            options={[
              { value: "", label: say("used_page.crop_any") },
              ...a.crops.map((c) => ({ value: c.key, label: words("crops", c.key) })),
            ]}
          />
          <Flush a={a} shown={shown} crop={crop(wanted.next)} goal={goal} open={open} />
          {a.flush && a.flush.mostLitres > 0 && (
            <>
              <StepForm
                {...{ a, garden }}
                step="flushed"
                units={us ? ["US gal", "L"] : ["L", "US gal"]}
                field="used.poured"
              />
              {!done("laid_out") && (
                <>
                  <p>{say("used_page.lay_out")}:</p>
                  <StepForm
                    {...{ a, garden }}
                    step="laid_out"
                    units={us ? ["ft²", "m²"] : ["m²", "ft²"]}
                    field="used.surface"
                    label={say("used_page.surface")}
                  />
                </>
              )}
              <p className="note">▲ {say("used_page.flush_where")}</p>
            </>
          )}
        </Task>
        <Task title={say("used_page.lime")}>
          <NumberField row label={say("common.ph_wanted")} {...number("target")} />
          {a.limeRefused.map((f) => (
            <p key={f.code} role="alert" className="text-stop">
              ▲ {f.detail}
            </p>
          ))}
          {a.lime?.kind === "nothing" && <p>{say("used_page.lime_nothing", { target: a.lime.target.toFixed(1) })}</p>}
          {a.lime && a.lime.kind !== "nothing" && (
            <>
              <p>
                {say("used_page.lime_so", {
                  each: shown.grams(a.lime.gramsPerLitre),
                  kind: a.lime.kind,
                  all: shown.grams(a.lime.grams),
                  target: a.lime.target.toFixed(1),
                  days: a.lime.measureDays.map((d) => say("used_page.days", { days: d })).join(", "),
                })}
              </p>
              <StepForm
                {...{ a, garden }}
                step="limed"
                unit="pH"
                field="reading.ph"
                amount={String(wanted.target)}
                does={say("used_page.limed")}
              />
            </>
          )}
        </Task>
        <Task title={say("used_page.air")}>
          <div className="flex flex-wrap gap-x-6">
            <NumberField row label={say("used_page.air_wanted")} {...number("air")} />
            <ChoiceField
              row
              label={say("used_page.air_with")}
              field="mix.component"
              faults={[]}
              value={wanted.fresh}
              onChange={(fresh) => set({ fresh })}
              options={components.map((c) => ({ value: keyOf(c), label: componentName(c) }))}
            />
          </div>
          <Air a={a} wanted={wanted} fresh={components.find((c) => keyOf(c) === wanted.fresh)} />
        </Task>
        <Task title={say("used_page.feed")}>
          {a.one.used.coatedLeft > 0.05 && (
            <p>{say("used_page.feed_left", { left: shown.grams(a.one.used.coatedLeft) })}</p>
          )}
          <p>
            {a.feedAgain > 0.05
              ? say("used_page.feed_so", { grams: shown.grams(a.feedAgain) })
              : say("used_page.feed_none")}
          </p>
        </Task>
        <Task title={say("used_page.share")} note={say("used_page.share_note")}>
          <div className="flex flex-wrap gap-x-6">
            <NumberField row label={say("used_page.share_of")} {...number("share")} />
            <ChoiceField
              row
              label={say("used_page.share_with")}
              field="mix"
              faults={[]}
              value={wanted.with}
              onChange={(key) => set({ with: key })}
              options={mixChoices(mixes, wanted.with).filter((o) => o.value !== a.one.used.id)}
            />
          </div>
          <p>
            {say("used_page.share_gives", {
              air: figures(a.share.air),
              ec: figures(a.share.ec),
              spent: figures(a.share.spent, 1),
              years: years(a.share.lastsYears),
            })}
          </p>
          {wanted.share > MUCH && <p className="text-stop">▲ {say("used_page.share_much")}</p>}
          {!held && <Blend a={a} garden={garden} wanted={wanted} />}
        </Task>
      </ol>
      <p className="note mt-2">{say("used_page.bean_test")}</p>
    </section>
  );
}

function Task({ title, note, children }: { title: string; note?: string; children: ReactNode }) {
  return (
    <li className="mb-4">
      <p className="font-semibold">{title}</p>
      {note && <p className="note">{note}</p>}
      {children}
    </li>
  );
}

function Flush({
  a,
  shown,
  crop: next,
  goal,
  open,
}: {
  a: UsedAdvice;
  shown: Shown;
  crop: string;
  goal: string;
  open: (step: string) => void;
}) {
  const f = a.flush;
  if (!f) return <p className="text-stop">▲ {say("used_page.flush_never", { water: a.waterName, goal })}</p>;
  if (!(f.mostLitres > 0)) return <p>{say("used_page.flush_nothing", { crop: next, goal })}</p>;
  return (
    <>
      <p>
        {rich("used_page.flush_so", {
          amount: (c) => (
            <Worked step="media.mix_flush" open={open}>
              {c}
            </Worked>
          ),
          least: shown.litres(f.leastLitres),
          most: shown.litres(f.mostLitres),
          water: a.waterName,
          rounds: rounds(f.leastRounds, f.mostRounds),
          round: shown.litres(f.roundLitres),
          goal,
          crop: next,
        })}
      </p>
      {f.rainLitres > 0 && <p>{say("used_page.flush_rain", { rain: shown.litres(f.rainLitres) })}</p>}
      {a.one.used.coatedLeft > 0.2 && <p className="text-stop">▲ {say("used_page.coated_live")}</p>}
      <p className="note">{say("used_page.flush_past")}</p>
    </>
  );
}

function Air({
  a,
  wanted,
  fresh,
}: {
  a: UsedAdvice;
  wanted: UsedFor;
  fresh: Parameters<typeof componentName>[0] | undefined;
}) {
  const name = fresh ? componentName(fresh) : wanted.fresh;
  const numbers = { air: figures(a.air), wanted: figures(wanted.air), fresh: name };
  if (a.newShare === undefined) return <p className="text-stop">▲ {say("used_page.air_never", numbers)}</p>;
  if (a.newShare === 0) return <p>{say("used_page.air_now", numbers)}</p>;
  return <p>{say("used_page.air_so", { ...numbers, share: figures(a.newShare) })}</p>;
}

/** Says that a step was done, with how much of it. */
function StepForm({
  a,
  garden,
  step,
  unit,
  units = unit ? [unit] : [],
  field,
  label,
  amount,
  does,
}: {
  a: UsedAdvice;
  garden: Garden;
  step: UsedStep;
  unit?: string;
  /** Those it may be typed in, the usual one first. */
  units?: string[];
  field?: string;
  label?: string;
  amount?: string;
  /** What the button says, where that is not merely that it was done. */
  does?: string;
}) {
  const blank = { text: "", unit: units[0] ?? "" };
  const [typed, setTyped] = useState(blank);
  const told = useTold(garden.id);
  const key = useRef(newId());
  const sent = amount === undefined ? typed : { ...blank, text: amount };
  const act = useAct<undefined, Recorded>(
    garden.id,
    () =>
      call(
        api.POST("/api/gardens/{garden}/used-mixes/{used}/steps", {
          params: { path: { garden: garden.id, used: a.one.used.id } },
          body: {
            clientKey: key.current,
            step,
            on: garden.today,
            amount: units.length > 0 ? sent : undefined,
            version: a.one.used.version,
          },
        }),
      ),
    (recorded) => {
      key.current = newId();
      setTyped(blank);
      const said = units.length > 1 ? `${sent.text}\u00a0${sent.unit.replace(/^US /, "")}` : sent.text;
      told(say("used_page.amount_done", { step: words("used_steps", step, { amount: said }) }), recorded.actId);
    },
  );
  const faults = act.error?.faults ?? [];
  return (
    <form
      className="flex flex-wrap items-end gap-2"
      onSubmit={(e) => {
        e.preventDefault();
        act.mutate(undefined);
      }}
    >
      {units.length > 0 && amount === undefined && (
        <div className="w-40">
          <NumberField
            label={label ?? words("fields", field ?? "")}
            field={field ?? ""}
            faults={faults}
            value={typed}
            units={units.length > 1 ? units : undefined}
            onChange={setTyped}
          />
        </div>
      )}
      <Button type="submit" disabled={act.isPending} className="mb-2 min-h-9">
        {act.isPending ? say("common.recording") : (does ?? say("used_page.done"))}
      </Button>
      {act.error && (act.error.retry || faults.some((f) => f.field !== field)) && <Trouble problem={act.error} />}
    </form>
  );
}

/** Makes the share a recipe of its own. */
function Blend({ a, garden, wanted }: { a: UsedAdvice; garden: Garden; wanted: UsedFor }) {
  const navigate = useNavigate();
  const told = useTold(garden.id);
  const id = useRef(newId());
  const act = useAct<undefined, Recipe>(
    garden.id,
    () =>
      call(
        api.POST("/api/gardens/{garden}/used-mixes/{used}/blend", {
          params: { path: { garden: garden.id, used: a.one.used.id } },
          body: {
            id: id.current,
            with: wanted.with,
            share: { text: String(wanted.share), unit: "%" },
          },
        }),
      ),
    (recipe) => {
      told(`${say("used_page.made")}: ${recipeName(recipe)}`);
      void navigate({ to: "/g/$garden/mixes/$mix", params: { garden: garden.id, mix: recipe.id } });
    },
  );
  return (
    <>
      {act.error && <Trouble problem={act.error} />}
      <Button onClick={() => act.mutate(undefined)} disabled={act.isPending}>
        {say("used_page.share_make")}
      </Button>
    </>
  );
}

/** Compost, or the bin. */
function OrElse({ a, garden }: { a: UsedAdvice; garden: Garden }) {
  return (
    <section aria-label={say("used_page.or_else")}>
      <h2 className="head">{say("used_page.or_else")}</h2>
      <p className="note">{say("used_page.or_note")}</p>
      <div className="flex flex-wrap gap-4">
        {a.use !== "NEVER" && <StepForm {...{ a, garden }} step="composted" does={say("used_page.compost")} />}
        <StepForm {...{ a, garden }} step="thrown" does={say("used_page.throw")} />
      </div>
    </section>
  );
}

/** What crops stand of left-over salt. */
function Crops({ a }: { a: UsedAdvice }) {
  const [find, setFind] = useState("");
  const listed = a.crops.filter((c) => words("crops", c.key).toLowerCase().includes(find.toLowerCase()));
  return (
    <section aria-label={say("used_page.crops")} className="mt-4">
      <h2 className="head">{say("used_page.crops")}</h2>
      <p className="note">{say("used_page.crops_note")}</p>
      <input
        type="search"
        aria-label={say("used_page.find_crop")}
        placeholder={say("used_page.find_crop")}
        className="box my-1 !font-text"
        value={find}
        onChange={(e) => setFind(e.target.value)}
      />
      <table className="w-full border-collapse text-left">
        <thead>
          <tr className="note border-b border-rule-strong">
            <th className="py-1 pr-2 font-normal">{say("used_page.crop")}</th>
            <th className="pr-2 font-normal">{say("used_page.loses_from")}</th>
            <th className="font-normal">{say("used_page.would_yield")}</th>
          </tr>
        </thead>
        <tbody>
          {listed.map((c) => (
            <tr key={c.key} className="border-b border-rule">
              <td className="py-0.5 pr-2">{words("crops", c.key)}</td>
              <td className="fig pr-2 whitespace-nowrap">{figures(c.threshold)} mS/cm</td>
              <td className="fig whitespace-nowrap">{figures(c.yields)} %</td>
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  );
}
