import type { ReactNode } from "react";
import type { Verdict } from "../../api";
import { ReadingStrip } from "../../parts/ReadingStrip";
import { words, say, rich } from "../../text";
import { bandName } from "../../text/bands";
import { advice, fact } from "../../text/readings";
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
    <section aria-label={say("bench_page.what_it_says")} className="mb-6">
      <div className="grid gap-x-8 xl:grid-cols-2">
        {v.ph && <ReadingStrip name="pH" unit="" j={v.ph} digits={2} />}
        {v.ec && <ReadingStrip name="EC" unit="mS/cm at 25 °C" j={v.ec} digits={2} />}
      </div>
      {corrected.length > 0 && (
        <p className="note">
          {say("bench_page.the_pen_showed_corrected_by_its", { corrected: corrected.join(" and ") })}
        </p>
      )}
      {v.shown.findings.map((f) => (
        <p key={f} className="note text-stop">
          ▲ {words("pen", f)}
        </p>
      ))}
      {v.soak && <SoakSays soak={v.soak} />}
      {judged ? (
        <>
          <h3 className="head mt-2">{say("bench_page.what_to_do")}</h3>
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
                <h3 className="head mt-2">{say("bench_page.what_would_change_this")}</h3>
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
              {say("common.show_the_working")}
            </Button>
          )}
          <p className="note">{say("bench_page.band", { bandName: bandName(v.band) })}</p>
        </>
      ) : (
        <p className="note">{say("bench_page.what_is_in_the_can_is")}</p>
      )}
    </section>
  );
}

function Causes({ causes }: { causes: Verdict["causes"] }) {
  return (
    <div>
      <h3 className="head mt-2">{say("bench_page.why_it_may_be")}</h3>
      <ul className="m-0 list-none p-0 text-sm">
        {causes.map((c) => (
          <li key={c.cause} className="mb-1">
            <b>{words("causes", c.cause)}.</b>{" "}
            {c.speaksFor.map((f) => (
              <span key={f.id} className="mr-2">
                <span aria-label={say("bench_page.for")} className="fig">
                  +
                </span>{" "}
                {fact(f)}
              </span>
            ))}
            {c.speaksAgainst.map((f) => (
              <span key={f.id} className="mr-2 text-soft">
                <span aria-label={say("bench_page.against")} className="fig">
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
    <section aria-label={say("bench_page.what_the_soak_says")} className="mb-2">
      <p>
        {rich("bench_page.between_waterings_the_roots_stand_at", {
          b: (c) => <b className="fig">{c}</b>,
          standingHigh: figures(s.standingHigh),
          part: (c) => <span className="fig">{c}</span>,
          standingLow: figures(s.standingLow),
        })}
      </p>
      {s.fall !== undefined && s.firstPh !== undefined && s.firstOn ? (
        <p className={s.spent ? "text-stop" : ""}>
          {s.spent && "▲ "}
          {rich("bench_page.since_its_batchs_first_soak", {
            value:
              s.fall > 0
                ? say("bench_page.fallen_by", {
                    fall: figures(s.fall),
                    fallPlusMinus: figures(s.fallPlusMinus ?? 0, 1),
                  })
                : say("bench_page.not_fallen"),
            firstPh: figures(s.firstPh),
            day: day(s.firstOn),
            value2: s.spent && say("bench_page.the_mix_is_spent"),
            value3: s.leavesOn && say("bench_page.at_this_pace_it_reaches_the", { day: day(s.leavesOn) }),
          })}
        </p>
      ) : (
        <p className="note">{say("bench_page.its_batch_has_no_first_soak")}</p>
      )}
      <p className="note">{say("bench_page.the_waters_alkalinity_took_up_acid")}</p>
    </section>
  );
}
