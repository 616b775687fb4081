import type { ReactNode } from "react";
import type { Verdict } from "../../api";
import { ReadingStrip } from "../../parts/ReadingStrip";
import { words } from "../../text";
import { advice, bandName, fact } from "../../text/readings";
import { day, figures, type Shown } from "../../text/numbers";
import { Button } from "../../ui/Button";

type Props = {
  verdict: Verdict;
  shown: Shown;
  open?: (step: string) => void;
  /** What stands beside one thing to do: the way to take it into the plan, or that it is in it. */
  beside?: (advised: Verdict["advice"][number]) => ReactNode;
};

/** What a reading says: how sure, why, what to do, and what would change it. */
export function VerdictCard({ verdict: v, shown, open, beside }: Props) {
  const judged = v.ph ?? v.ec;
  const corrected = [
    v.ph && v.shown.ph !== undefined && Math.abs(v.shown.ph - v.ph.value) > 0.004 && `pH ${figures(v.shown.ph, 3)}`,
    v.ec && v.shown.ec !== undefined && Math.abs(v.shown.ec - v.ec.value) > 0.004 && `${figures(v.shown.ec)} mS/cm`,
  ].filter(Boolean);
  return (
    <section aria-label="What it says" className="mb-6">
      <div className="grid gap-x-8 xl:grid-cols-2">
        {v.ph && <ReadingStrip name="pH" unit="" j={v.ph} digits={2} />}
        {v.ec && <ReadingStrip name="EC" unit="mS/cm at 25 °C" j={v.ec} digits={2} />}
      </div>
      {corrected.length > 0 && (
        <p className="note">The pen showed {corrected.join(" and ")}; corrected by its calibration.</p>
      )}
      {v.shown.findings.map((f) => (
        <p key={f} className="note text-stop">
          ▲ {words("pen", f)}
        </p>
      ))}
      {v.soak && <SoakSays soak={v.soak} />}
      {judged ? (
        <>
          <h3 className="head mt-2">What to do</h3>
          <ol className="m-0 list-decimal pl-5">
            {v.advice.map((a) => (
              <li key={a.action} className="mb-1">
                {advice(a, v, shown)} {beside?.(a)}
              </li>
            ))}
          </ol>
          <div className="grid gap-x-8 xl:grid-cols-2">
            {v.causes.length > 0 && <Causes causes={v.causes} />}
            {v.changes.length > 0 && (
              <div>
                <h3 className="head mt-2">What would change this</h3>
                <ul className="m-0 list-disc pl-5 text-sm">
                  {v.changes.map((c) => (
                    <li key={c.id}>{words("changes", c.id, { n: String(c.figure ?? "") })}</li>
                  ))}
                </ul>
              </div>
            )}
          </div>
          {open && (
            <Button
              look="quiet"
              onClick={() =>
                open(
                  v.advice.some((a) => a.action === "flush")
                    ? "reading.flush"
                    : v.ec
                      ? "reading.ec_inside"
                      : "reading.ph_inside",
                )
              }
            >
              Show the working
            </Button>
          )}
          <p className="note">Band: {bandName(v.band)}.</p>
        </>
      ) : (
        <p className="note">
          What is in the can is held against what was meant on the page Feeds, Dose, not against a band.
        </p>
      )}
    </section>
  );
}

function Causes({ causes }: { causes: Verdict["causes"] }) {
  return (
    <div>
      <h3 className="head mt-2">Why it may be</h3>
      <ul className="m-0 list-none p-0 text-sm">
        {causes.map((c) => (
          <li key={c.cause} className="mb-1">
            <b>{words("causes", c.cause)}.</b>{" "}
            {c.speaksFor.map((f) => (
              <span key={f.id} className="mr-2">
                <span aria-label="for" className="fig">
                  +
                </span>{" "}
                {fact(f)}
              </span>
            ))}
            {c.speaksAgainst.map((f) => (
              <span key={f.id} className="mr-2 text-soft">
                <span aria-label="against" className="fig">
                  −
                </span>{" "}
                {fact(f)}
              </span>
            ))}
          </li>
        ))}
      </ul>
    </div>
  );
}

/** What a soak says of the mix: how the roots stand, how far it has fallen, how long it lasts. */
function SoakSays({ soak: s }: { soak: NonNullable<Verdict["soak"]> }) {
  return (
    <section aria-label="What the soak says" className="mb-2">
      <p>
        Between waterings the roots stand <b className="fig">at or below pH {figures(s.standingHigh)}</b>, likely{" "}
        <span className="fig">
          {figures(s.standingLow)} to {figures(s.standingHigh)}
        </span>
        .
      </p>
      {s.fall !== undefined && s.firstPh !== undefined && s.firstOn ? (
        <p className={s.spent ? "text-stop" : ""}>
          {s.spent && "▲ "}
          {s.fall > 0 ? `Fallen by ${figures(s.fall)} ± ${figures(s.fallPlusMinus ?? 0, 1)}` : "Not fallen"} since its
          batch's first soak ({figures(s.firstPh)}, {day(s.firstOn)}).
          {s.spent && " The mix is spent."}
          {s.leavesOn && ` At this pace it reaches the plant's lowest about ${day(s.leavesOn)}.`}
        </p>
      ) : (
        <p className="note">
          Its batch has no first soak to be held against: fresh bark and moss are acid too. Soak a handful of each new
          batch, and write it on the batch's card.
        </p>
      )}
      <p className="note">
        The water's alkalinity took up acid, and an exchange in hours is not complete: 0.3 more is assumed.
      </p>
    </section>
  );
}
