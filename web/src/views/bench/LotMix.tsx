import { useQuery } from "@tanstack/react-query";
import { Link, useNavigate, useSearch } from "@tanstack/react-router";
import { useState } from "react";
import type { Catalogue, Garden, Lot, MixAge, Sign } from "../../api";
import { mixAgeQuery, mixesQuery } from "../../api/queries";
import { Worked } from "../../parts/Worked";
import { WorkingPanel } from "../../parts/WorkingPanel";
import { words } from "../../text";
import { mixName } from "../../text/mixes";
import { figures, longDay, month } from "../../text/numbers";
import { Button } from "../../ui/Button";
import { Loading, Trouble } from "../../ui/States";
import { DeedPanel } from "./deeds";

const SEEN: Sign[] = ["WATER_STANDS", "ALGAE", "SOUR_SMELL"];

/** How old the mix of a lot has become, what tells so, and what to do about it. */
export function LotMix({ lot, garden, catalogue }: { lot: Lot; garden: Garden; catalogue: Catalogue }) {
  const [seen, setSeen] = useState<Sign[]>([]);
  const [renewing, setRenewing] = useState(false);
  const age = useQuery(mixAgeQuery(garden.id, lot.id, seen));
  const mixes = useQuery(mixesQuery(garden.id)).data;
  const { working } = useSearch({ from: "/g/$garden/bench/$lot" });
  const navigate = useNavigate({ from: "/g/$garden/bench/$lot" });
  if (age.isLoadingError) return <Trouble problem={age.error} again={() => void age.refetch()} />;
  if (!age.data || !mixes) return <Loading what="the age of its mix" />;
  const a = age.data;
  const batch = mixes.made.find((m) => m.id === lot.mix);
  const open = (step: string) => void navigate({ search: (s) => ({ ...s, working: step }) });
  return (
    <div className="max-w-3xl">
      <p className="text-lg">
        {batch ? (
          <Link to="/g/$garden/mixes/batches/$batch" params={{ garden: garden.id, batch: batch.id }}>
            {mixName(mixes, lot.mix)}
          </Link>
        ) : (
          <Link to="/g/$garden/mixes/$mix" params={{ garden: garden.id, mix: lot.mix }}>
            {mixName(mixes, lot.mix)}
          </Link>
        )}
        , {a.sinceKnown ? "in this pot since" : "in this pot at least since"} {longDay(a.since)}
      </p>
      <Life age={a} />
      <p>
        <Worked step="media.spent" open={open} big>
          {spent(a.spent)}
        </Worked>{" "}
        of its life is spent <span className="note">({range(a)}): </span>
        <Worked step="media.wet_time" open={open}>
          {figures(a.wetMonths)} months
        </Worked>{" "}
        <span className="note">
          kept wet at 20 °C is what its own days come to; kept wet it lasts {lasts(a.wetYears)}, wetted and dried in
          turn {lasts(a.cycledYears)}.
        </span>
      </p>
      <p className="note">
        {a.likely
          ? `If it goes on like this it is used up about ${month(a.likely)}; ${a.earliest && a.earliest > garden.today ? month(a.earliest) : "now"} at the earliest${a.latest ? `, ${month(a.latest)} at the latest` : ""}.`
          : "It will serve for more than fifteen years."}{" "}
        {a.assumedUntil &&
          a.assumedUntil > a.since &&
          `Until ${longDay(a.assumedUntil)} no watering is recorded: it is taken to have been watered by its plan.`}
      </p>
      <section aria-label="What to do" className="my-3 border-l-4 border-ink pl-3">
        <h2 className="head">What to do</h2>
        {a.advice.map((r) => (
          <div key={r.step} className="mb-2">
            <p>{words("renewals", r.step, { on: r.on === garden.today ? "now on" : longDay(r.on) })}</p>
            {r.because.length > 0 && (
              <p className="note">Because {r.because.map((s) => words("signs", s)).join("; ")}.</p>
            )}
          </div>
        ))}
        {a.advice.some((r) => r.step === "REPOT" || r.step === "PARTIAL" || r.step === "EMERGENCY") && (
          <p className="note">▲ {words("cautions", "potting_mix")}</p>
        )}
        <Button onClick={() => setRenewing(true)}>Record fresh mix …</Button>
      </section>
      <fieldset className="m-0 border-0 p-0">
        <legend className="head w-full">Do you see any of this?</legend>
        {SEEN.map((s) => (
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
      <p className="note mt-2">
        Raising the pH of the feed buys an old mix about a month, two in winter; it does not make it young.
      </p>
      {renewing && (
        <DeedPanel deed="pot" lots={[lot]} garden={garden} catalogue={catalogue} close={() => setRenewing(false)} />
      )}
      {working !== undefined && (
        <WorkingPanel
          steps={a.working}
          at={working}
          close={() => void navigate({ search: (s) => ({ ...s, working: undefined }) })}
        />
      )}
    </div>
  );
}

const spent = (percent: number) => (percent < 1 ? "next to nothing" : `about ${figures(percent, 1)} %`);
const range = (a: MixAge) =>
  a.spent < 1 ? "it hardly ages" : `${figures(a.spentLow, 1)} to ${figures(a.spentHigh, 1)} %`;
const lasts = (years: number) =>
  years > 40 ? "for ever" : years < 1.5 ? `${figures(years * 12, 2)} months` : `${figures(years, 2)} years`;

/** The life of the mix as a bar, what is spent filled from the left, with how sure that is. */
function Life({ age }: { age: MixAge }) {
  const at = (percent: number) => `${Math.min(100, percent) * 0.8}%`;
  return (
    <svg
      width="100%"
      height="46"
      role="img"
      aria-label={`Of the life of the mix ${spent(age.spent)} is spent, ${range(age)}.`}
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
        fresh
      </text>
      <text x="80%" y="40" fontSize="12" fill="var(--soft)" textAnchor="end">
        used up
      </text>
    </svg>
  );
}
