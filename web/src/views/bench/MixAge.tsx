import { useQuery } from "@tanstack/react-query";
import { Link } from "@tanstack/react-router";
import { useState } from "react";
import type { Catalogue, Garden, Lot, MixAge, Sign } from "../../api";
import { mixAgeQuery, mixesQuery } from "../../api/queries";
import { Worked } from "../../parts/Worked";
import { WorkingPanel } from "../../parts/WorkingPanel";
import { words, say, rich } from "../../text";
import { mixName, usedMix } from "../../text/mixes";
import { figures, longDay, month } from "../../text/numbers";
import { Button } from "../../ui/Button";
import { Loading, Trouble } from "../../ui/States";
import { DeedPanel } from "./deeds";
import { MIX_SIGNS } from "./Wrong";

/** How old the mix of a lot has become, what tells so, and what to do about it. */
export function MixAge({ lot, garden, catalogue }: { lot: Lot; garden: Garden; catalogue: Catalogue }) {
  const [seen, setSeen] = useState<Sign[]>([]);
  const [renewing, setRenewing] = useState(false);
  const age = useQuery(mixAgeQuery(garden.id, lot.id, seen));
  const mixes = useQuery(mixesQuery(garden.id)).data;
  const [working, open] = useState<string>();
  if (age.isLoadingError) return <Trouble problem={age.error} again={() => void age.refetch()} />;
  if (!age.data || !mixes) return <Loading what={say("bench_page.the_age_of_its_mix")} />;
  const a = age.data;
  const batch = mixes.made.find((m) => m.id === lot.mix);
  const old = usedMix(mixes, lot.mix);
  return (
    <section aria-label={say("bench_page.the_age_of_its_mix")} className="mt-6">
      <h2 className="head">{say("bench_page.its_mix")}</h2>
      <p className="text-lg">
        {batch ? (
          <Link to="/g/$garden/mixes/batches/$batch" params={{ garden: garden.id, batch: batch.id }}>
            {mixName(mixes, lot.mix)}
          </Link>
        ) : old ? (
          <Link to="/g/$garden/mixes/used/$used" params={{ garden: garden.id, used: old.id }}>
            {mixName(mixes, lot.mix)}
          </Link>
        ) : (
          <Link to="/g/$garden/mixes/$mix" params={{ garden: garden.id, mix: lot.mix }}>
            {mixName(mixes, lot.mix)}
          </Link>
        )}
        , {a.sinceKnown ? say("bench_page.in_this_pot_since") : say("bench_page.in_this_pot_at_least_since")}{" "}
        {longDay(a.since)}
      </p>
      <Life age={a} />
      <p>
        <Worked step="media.spent" open={open} big>
          {spent(a.spent)}
        </Worked>{" "}
        {rich("bench_page.of_its_life_is_spent", {
          part: (c) => <span className="note">{c}</span>,
          range: range(a),
          worked: (
            <Worked step="media.wet_time" open={open}>
              {say("bench_page.months", { wetMonths: figures(a.wetMonths) })}
            </Worked>
          ),
        })}{" "}
        <span className="note">
          {say("bench_page.kept_wet_at_20_c_is", { lasts: lasts(a.wetYears), lasts2: lasts(a.cycledYears) })}
        </span>
      </p>
      <p className="note">
        {a.likely
          ? say("bench_page.if_it_goes_on_like_this", {
              month: month(a.likely),
              month2: a.earliest && a.earliest > garden.today ? month(a.earliest) : say("bench_page.now"),
              value: a.latest ? say("bench_page.at_the_latest", { month: month(a.latest) }) : "",
            })
          : say("bench_page.it_will_serve_for_more_than")}{" "}
        {a.assumedUntil &&
          a.assumedUntil > a.since &&
          say("bench_page.until_no_watering_is_recorded_it", { longDay: longDay(a.assumedUntil) })}
      </p>
      <section aria-label={say("bench_page.what_to_do")} className="my-3 border-l-4 border-ink pl-3">
        <h2 className="head">{say("bench_page.what_to_do")}</h2>
        {a.advice.map((r) => (
          <div key={r.step} className="mb-2">
            <p>{words("renewals", r.step, { on: r.on === garden.today ? say("bench_page.now_on") : longDay(r.on) })}</p>
            {r.because.length > 0 && (
              <p className="note">
                {say("bench_page.because_because", { because: r.because.map((s) => words("signs", s)).join("; ") })}
              </p>
            )}
          </div>
        ))}
        {a.advice.some((r) => r.step === "REPOT" || r.step === "PARTIAL" || r.step === "EMERGENCY") && (
          <p className="note">▲ {words("cautions", "potting_mix")}</p>
        )}
        <div className="flex flex-wrap items-center gap-3">
          <Button onClick={() => setRenewing(true)}>{say("bench_page.record_fresh_mix")}</Button>
          <Link to="/g/$garden/mixes/used" params={{ garden: garden.id }} search={{ lot: lot.id }}>
            {say("used_page.keep_old")}
          </Link>
        </div>
      </section>
      <fieldset className="m-0 border-0 p-0">
        <legend className="head w-full">{say("bench_page.do_you_see_any_of_this")}</legend>
        {MIX_SIGNS.map((s) => (
          <label key={s} className="flex min-h-8 items-center gap-2">
            <input
              type="checkbox"
              className="size-5"
              checked={seen.includes(s)}
              onChange={(e) => setSeen(e.target.checked ? [...seen, s] : seen.filter((x) => x !== s))}
            />
            {words("signs", s)}
          </label>
        ))}
      </fieldset>
      <p className="note mt-2">{say("bench_page.raising_the_ph_of_the_feed")}</p>
      {renewing && (
        <DeedPanel deed="pot" lots={[lot]} garden={garden} catalogue={catalogue} close={() => setRenewing(false)} />
      )}
      {working && <WorkingPanel steps={a.working} at={working} close={() => open(undefined)} />}
    </section>
  );
}

const spent = (percent: number) =>
  percent < 1 ? say("bench_page.next_to_nothing") : say("bench_page.about", { percent: figures(percent, 1) });
const range = (a: MixAge) =>
  a.spent < 1
    ? say("bench_page.it_hardly_ages")
    : say("bench_page.to", { spentLow: figures(a.spentLow, 1), spentHigh: figures(a.spentHigh, 1) });
const lasts = (years: number) =>
  years > 40
    ? say("common.for_ever")
    : years < 1.5
      ? say("bench_page.value_months", { value: figures(years * 12, 2) })
      : say("bench_page.years", { years: figures(years, 2) });

/** The life of the mix as a bar, what is spent filled from the left, with how sure that is. */
function Life({ age }: { age: MixAge }) {
  const at = (percent: number) => `${Math.min(100, percent) * 0.8}%`;
  return (
    <svg
      width="100%"
      height="46"
      role="img"
      aria-label={say("bench_page.of_the_life_of_the_mix", { spent: spent(age.spent), range: range(age) })}
      className="my-2 block"
    >
      <rect x="0" y="8" width="80%" height="18" fill="none" stroke="var(--ink)" strokeWidth="2" />
      <rect x="0" y="8" width={at(age.spent)} height="18" fill="var(--feed-wash)" stroke="var(--ink)" />
      <line
        x1={`${Math.min(124, age.spentLow) * 0.8}%`}
        x2={`${Math.min(124, age.spentHigh) * 0.8}%`}
        y1="17"
        y2="17"
        stroke="var(--feed)"
        strokeWidth="4"
      />
      <text x="0" y="40" fontSize="12" fill="var(--soft)">
        {say("bench_page.fresh")}
      </text>
      <text x="80%" y="40" fontSize="12" fill="var(--soft)" textAnchor="end">
        {say("bench_page.used_up")}
      </text>
    </svg>
  );
}
