import type { ReactNode } from "react";
import type { Care } from "../../api";
import { say } from "../../text";
import { Trouble } from "../../ui/States";
import type { LotWork } from "./useLotWork";

/** What follows from a lot as it is written, redrawn with every keystroke; what it lacks, while it lacks it. */
export function Answer({ work: w, children }: { work: LotWork; children: (care: Care) => ReactNode }) {
  return (
    <section aria-label={say("common.answer")} aria-live="polite" aria-busy={w.live.pending}>
      {w.live.problem && (
        <div className="mb-3">
          <Trouble problem={w.live.problem} />
        </div>
      )}
      {w.live.answer ? (
        <div className={w.live.problem ? "opacity-40" : ""}>{children(w.live.answer)}</div>
      ) : (
        !w.live.problem && (
          <p className="note p-6">
            {w.begun ? say("common.working_it_out") : say("bench_page.choose_the_plant_and_say_how")}
          </p>
        )
      )}
    </section>
  );
}
