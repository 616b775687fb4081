import { useQuery } from "@tanstack/react-query";
import { Link, useNavigate, useParams, useSearch } from "@tanstack/react-router";
import { useState } from "react";
import { api, call, type Diagnosis, type Garden, type Likely, type Lot, type SignAsked } from "../../api";
import { gardenQuery, lotQuery, lotsQuery, signsQuery, useGardenId } from "../../api/queries";
import { useLive } from "../../api/useLive";
import { say, words } from "../../text";
import { figures } from "../../text/numbers";
import { Button } from "../../ui/Button";
import { Loading, Nothing, Trouble } from "../../ui/States";
import { PASSED, seenIn, withAnswer, withoutAnswer, type Seen } from "./ails";
import { LeafDrawn, PlantDrawn, ShapeDrawn } from "./Drawn";
import { PlanTreatment } from "./Treatments";
import type { TreatmentBegun } from "./treatments";

/** So many looks say something. */
const FIRST_ANSWER = 2;

/** Which lot it is that ails, for who comes from the finder. */
export function WhichAils() {
  const garden = useGardenId();
  const [find, setFind] = useState("");
  const lots = useQuery(lotsQuery(garden, find ? { find } : {}));
  if (lots.isLoadingError) return <Trouble problem={lots.error} again={() => void lots.refetch()} />;
  return (
    <div className="mx-auto max-w-2xl">
      <h1 className="mb-2 text-2xl">{say("frame.what_ails_a_plant")}</h1>
      <input
        type="search"
        aria-label={say("common.find_a_lot")}
        placeholder={say("common.find_a_lot")}
        className="box !font-text"
        value={find}
        onChange={(e) => setFind(e.target.value)}
      />
      {lots.data ? (
        <ul className="m-0 mt-2 list-none p-0">
          {lots.data.lots.map((l) => (
            <li key={l.id} className="border-b border-rule">
              <Link
                to="/g/$garden/ails/$lot"
                params={{ garden, lot: l.id }}
                className="flex min-h-11 items-center no-underline hover:underline"
              >
                {l.name}
              </Link>
            </li>
          ))}
          {lots.data.lots.length === 0 && <Nothing title={say("year_page.no_lot_is_here")} />}
        </ul>
      ) : (
        <Loading what={say("common.lots")} />
      )}
    </div>
  );
}

/** What is wrong with a lot: one look at a time, and what that makes likely. */
export function WhatAils() {
  const id = useGardenId();
  const { lot: lotId } = useParams({ from: "/g/$garden/ails/$lot" });
  const garden = useQuery(gardenQuery(id));
  const lot = useQuery(lotQuery(id, lotId));
  const signs = useQuery(signsQuery);
  const failed = [garden, lot, signs].find((q) => q.isLoadingError);
  if (failed) return <Trouble problem={failed.error} again={() => void failed.refetch()} />;
  if (!garden.data || !lot.data || !signs.data) return <Loading what={say("bench_page.the_lot")} />;
  return <Path garden={garden.data} lot={lot.data} signs={signs.data.signs} />;
}

function Path({ garden, lot, signs }: { garden: Garden; lot: Lot; signs: SignAsked[] }) {
  const { seen: text, passed: over, ask } = useSearch({ from: "/g/$garden/ails/$lot" });
  const navigate = useNavigate({ from: "/g/$garden/ails/$lot" });
  const [plan, setPlan] = useState<TreatmentBegun>();
  const seen = seenIn(text);
  const passed = (over ?? "").split("~").filter(Boolean);
  const live = useLive({ seen, passed }, (body, signal) =>
    call(
      api.POST("/api/gardens/{garden}/lots/{lot}/ailment", {
        params: { path: { garden: garden.id, lot: lot.id } },
        body,
        signal,
      }),
    ),
  );
  const d = live.answer;
  const answer = (sign: string, chosen: string) => {
    const cannotSay = chosen === PASSED;
    const now = cannotSay ? withoutAnswer(seen, sign) : withAnswer(seen, sign, chosen);
    const left = [...passed.filter((p) => p !== sign), ...(cannotSay ? [sign] : [])].join("~");
    void navigate({ search: { ...(now ? { seen: now } : {}), ...(left ? { passed: left } : {}) } });
  };
  const asked: Asked | undefined = signs.find((s) => s.sign === ask) ?? d?.next;
  return (
    <div className="mx-auto max-w-6xl">
      <Link
        to="/g/$garden/bench/$lot"
        params={{ garden: garden.id, lot: lot.id }}
        search={{ tab: "health" }}
        className="note inline-block min-h-8"
      >
        ← {say("ailment_page.back")}
      </Link>
      <h1 className="text-2xl">{say("ailment_page.path", { name: lot.name })}</h1>
      <p className="note mb-3">{say("ailment_page.asked_one_by_one")}</p>
      {seen.length > 0 && <SeenSoFar seen={seen} />}
      {live.problem && !d ? (
        <Trouble problem={live.problem} />
      ) : !d ? (
        <Loading what={say("ailment_page.what_is_likely")} />
      ) : (
        <div className="gap-8 lg:grid lg:grid-cols-[1fr_26rem]">
          <div className="min-w-0">
            <Question asked={asked} count={seen.length + 1} seen={seen} answer={answer} garden={garden} lot={lot} />
            <Changes d={d} />
            <OnRecord d={d} />
          </div>
          <Answers d={d} told={seen.length >= FIRST_ANSWER} plan={setPlan} />
        </div>
      )}
      {plan && <PlanTreatment lot={lot} garden={garden} begun={plan} close={() => setPlan(undefined)} />}
    </div>
  );
}

type Asked = { sign: string; answers: string[]; byReading?: boolean };

/** What was answered so far; each can be answered otherwise. */
function SeenSoFar({ seen }: { seen: Seen }) {
  const navigate = useNavigate({ from: "/g/$garden/ails/$lot" });
  return (
    <ul aria-label={say("ailment_page.seen_so_far")} className="m-0 mb-3 flex list-none flex-wrap gap-2 p-0">
      {seen.map((s) => (
        <li key={s.sign}>
          <Button
            aria-label={say("ailment_page.change_answer", { sign: words("ailment_signs", s.sign) })}
            onClick={() => void navigate({ search: (now) => ({ ...now, ask: s.sign }) })}
          >
            {words("ailment_answers", `${s.sign}.${s.answer}`)}
          </Button>
        </li>
      ))}
      <li>
        <Button look="quiet" className="min-h-9" onClick={() => void navigate({ search: {} })}>
          {say("ailment_page.begin_again")}
        </Button>
      </li>
    </ul>
  );
}

/** One look, with its answers drawn where a drawing says more. */
function Question({
  asked,
  count,
  seen,
  answer,
  garden,
  lot,
}: {
  asked: Asked | undefined;
  count: number;
  seen: Seen;
  answer: (sign: string, answer: string) => void;
  garden: Garden;
  lot: Lot;
}) {
  if (!asked) return <p className="mb-4">{say("ailment_page.nothing_left")}</p>;
  const { sign } = asked;
  const before = seen.find((s) => s.sign === sign)?.answer;
  return (
    <section aria-label={words("ailment_signs", sign)} className="mb-5">
      <p className="note">{say("ailment_page.step_of", { count })}</p>
      <h2 className="head">{words("ailment_signs", sign)}</h2>
      {asked.byReading ? (
        <p>
          {say("ailment_page.a_reading_next")}{" "}
          <Link to="/g/$garden/bench/$lot" params={{ garden: garden.id, lot: lot.id }} search={{ tab: "health" }}>
            {say("ailment_page.take_reading")} →
          </Link>
        </p>
      ) : (
        <div className={sign === "part" ? "flex flex-wrap items-start gap-6" : ""}>
          {sign === "part" && <PlantDrawn chosen={before} choose={(part) => answer(sign, part)} />}
          <div
            className={
              sign === "part"
                ? "grid min-w-56 flex-1 gap-2 sm:grid-cols-2"
                : sign === "pattern" || sign === "shape"
                  ? "grid grid-cols-2 gap-2 sm:grid-cols-3"
                  : "grid gap-2 sm:grid-cols-2"
            }
          >
            {asked.answers.map((a) => (
              <button
                key={a}
                type="button"
                aria-pressed={before === a}
                onClick={() => answer(sign, a)}
                className="flex min-h-11 items-center gap-2 border border-rule-strong bg-leaf px-2 py-1 text-left hover:border-ink aria-pressed:bg-ink aria-pressed:text-ground"
              >
                {sign === "pattern" && <LeafDrawn pattern={a} />}
                {sign === "shape" && <ShapeDrawn shape={a} />}
                <span className="min-w-0">{words("ailment_answers", `${sign}.${a}`)}</span>
              </button>
            ))}
          </div>
        </div>
      )}
      <Button look="quiet" className="mt-2 min-h-11" onClick={() => answer(sign, PASSED)}>
        {say("ailment_page.cannot_say")}
      </Button>
    </section>
  );
}

const percent = (p: number) =>
  p < 1
    ? say("ailment_page.under_one")
    : say("ailment_page.about", { percent: p < 10 ? Math.round(p) : Math.round(p / 5) * 5 });

/** What is likely, why, and what to do first. */
function Answers({ d, told, plan }: { d: Diagnosis; told: boolean; plan: (begun: TreatmentBegun) => void }) {
  return (
    <section aria-label={say("ailment_page.what_is_likely")}>
      <h2 className="head">{say("ailment_page.what_is_likely")}</h2>
      {!told ? (
        <p className="note">{say("ailment_page.first_two")}</p>
      ) : (
        <>
          <ol className="m-0 list-none p-0">
            {d.likely.map((l, i) => (
              <Named key={l.ailment} l={l} open={i === 0} plan={plan} />
            ))}
          </ol>
          <p className="note mt-2">{say("ailment_page.one_at_a_time")}</p>
          <p className="note mt-1">{say("ailment_page.products_by_label")}</p>
          <p className="note mt-1">{say("ailment_page.not_sure")}</p>
        </>
      )}
    </section>
  );
}

function Named({ l, open, plan }: { l: Likely; open: boolean; plan: (begun: TreatmentBegun) => void }) {
  const name = words("ailments", l.ailment);
  return (
    <li className="border-b border-rule py-2">
      <details open={open}>
        <summary className="min-h-9">
          <b>{name}</b> <span className="note">{percent(l.percent)}</span>
          <svg viewBox="0 0 100 4" preserveAspectRatio="none" className="mt-1 block h-1.5 w-full" aria-hidden="true">
            <rect width="100" height="4" fill="var(--rule)" />
            <rect width={l.percent} height="4" fill="var(--ink)" />
          </svg>
        </summary>
        <p className="my-1">{words("ailment_says", l.ailment)}</p>
        <Arguments of={l.speaksFor} label={say("ailment_page.speaks_for")} mark="+" />
        {l.speaksFor.length === 0 && <p className="note">{say("ailment_page.nothing_speaks")}</p>}
        <Arguments of={l.speaksAgainst} label={say("ailment_page.speaks_against")} mark="−" />
        <p className="mt-2 text-sm">{say("ailment_page.do_first")}</p>
        <ol className="m-0 list-decimal pl-6">
          {l.steps.map((s) => (
            <li key={s.step} className="py-0.5">
              {words("ailment_steps", s.step)}
              {s.cure && (
                <>
                  {" "}
                  <Button
                    look="quiet"
                    className="min-h-8"
                    onClick={() =>
                      plan({
                        cure: s.cure!,
                        reason: name,
                        ailment: l.ailment,
                        product: s.cure === "other" ? words("ailment_steps", s.step) : "",
                        expects: say("ailment_page.expect"),
                      })
                    }
                  >
                    {say("ailment_page.plan_this")}
                  </Button>
                </>
              )}
            </li>
          ))}
        </ol>
      </details>
    </li>
  );
}

const times = (t: number) => (t < 2 ? figures(t) : Math.round(t));

/** A sign as it was answered, or as the record has it, in words. */
const told = (sign: string, answer: string) =>
  answer === "yes" || answer === "no"
    ? words("ailment_known", `${sign}.${answer}`)
    : words("ailment_answers", `${sign}.${answer}`);

function Arguments({ of, label, mark }: { of: Likely["speaksFor"]; label: string; mark: string }) {
  if (of.length === 0) return null;
  return (
    <ul aria-label={label} className="m-0 list-none p-0 text-sm">
      {of.map((a) => (
        <li key={a.sign}>
          <span className="fig inline-block w-4">{mark}</span>
          {told(a.sign, a.answer)}{" "}
          <span className="note">
            {a.times >= 1
              ? say("ailment_page.times_as_common", { times: times(a.times) })
              : say("ailment_page.times_as_rare", { times: times(1 / a.times) })}
          </span>
        </li>
      ))}
    </ul>
  );
}

/** Which look would bring another ailment to the first place. */
function Changes({ d }: { d: Diagnosis }) {
  return (
    <details className="mb-3">
      <summary className="min-h-9 py-1">{say("ailment_page.what_would_change")}</summary>
      {d.changes.length === 0 && <p className="note">{say("ailment_page.no_look_would")}</p>}
      <ul className="m-0 list-none p-0">
        {d.changes.map((c) => (
          <li key={c.sign} className="border-b border-rule py-1">
            {words("ailment_signs", c.sign)}
            <ul className="note m-0 list-disc pl-5">
              {c.turns.map((t) => (
                <li key={t.answer}>
                  {say("ailment_page.would_point_to", {
                    answer: told(c.sign, t.answer),
                    ailment: words("ailments", t.ailment),
                  })}
                </li>
              ))}
            </ul>
          </li>
        ))}
      </ul>
    </details>
  );
}

/** What the record says of its own, with its figures. */
function OnRecord({ d }: { d: Diagnosis }) {
  return (
    <details className="mb-3">
      <summary className="min-h-9 py-1">{say("ailment_page.on_record")}</summary>
      <p className="note">{say("ailment_page.record_note")}</p>
      <ul className="m-0 columns-2 list-none gap-6 p-0 text-sm">
        {d.record.map((f) => (
          <li key={f.sign} className={f.answer === "yes" ? "font-semibold" : ""}>
            {told(f.sign, f.answer)}
            {f.value !== undefined && f.unit && (
              <span className="note font-normal">
                {" "}
                {figures(f.value)} {f.unit}
              </span>
            )}
          </li>
        ))}
      </ul>
    </details>
  );
}
