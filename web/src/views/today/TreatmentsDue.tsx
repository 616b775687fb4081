import { Link } from "@tanstack/react-router";
import type { Garden, Today } from "../../api";
import { toDo, TreatmentActs, treatmentWords } from "../../parts/TreatmentActs";
import { say } from "../../text";
import { day } from "../../text/numbers";

/** Treatments that are due: to be done, or to be looked at again. */
export function TreatmentsDue({ due, garden }: { due: Today["treatments"]; garden: Garden }) {
  return (
    <section aria-label={say("today_page.treatments")} className="mb-6">
      <h2 className="head">{say("today_page.treatments")}</h2>
      <ul className="m-0 list-none p-0">
        {due.map(({ lot, treatment: t }) => (
          <li key={t.id} className="flex flex-wrap items-center justify-between gap-3 border-b border-rule py-1.5">
            <span>
              {toDo(t) ? treatmentWords(t) : say("today_page.look_again")}{" "}
              <Link
                to="/g/$garden/bench/$lot"
                params={{ garden: garden.id, lot: lot.id }}
                search={{ tab: "health" }}
                className="inline-block leading-8 underline underline-offset-4"
              >
                {lot.name}
              </Link>
              <span className="note block">
                {toDo(t)
                  ? say("today_page.against", { reason: t.reason || "–", day: day(t.dueOn) })
                  : say("today_page.done_then_expect", {
                      treatment: treatmentWords(t),
                      day: day(t.doneOn ?? t.dueOn),
                      expects: t.expects || "–",
                    })}
              </span>
            </span>
            <TreatmentActs treatment={t} garden={garden} />
          </li>
        ))}
      </ul>
    </section>
  );
}
