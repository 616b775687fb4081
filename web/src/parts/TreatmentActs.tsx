import { api, edit, type Garden, type Treatment } from "../api";
import { useAct } from "../api/queries";
import { say, words } from "../text";
import { Button } from "../ui/Button";
import { Trouble } from "../ui/States";
import { useTold } from "../ui/useUndo";

const OUTCOMES = ["better", "same", "worse"] as const;

/** Whether it is to be done, or to be done again. */
export const toDo = (t: Treatment) => !t.outcome && (!t.doneOn || t.doneOn < t.dueOn);

/** What it is, with what, how much. */
export const treatmentWords = (t: Treatment) =>
  [words("cures", t.cure), t.product, t.amount].filter(Boolean).join(", ");

/** What is to be tapped for a treatment: that it is done, or whether it has worked. */
export function TreatmentActs({ treatment: t, garden }: { treatment: Treatment; garden: Garden }) {
  const told = useTold(garden.id);
  const path = { garden: garden.id, treatment: t.id };
  const done = useAct(
    garden.id,
    () =>
      edit(
        api.PUT("/api/gardens/{garden}/treatments/{treatment}/done", {
          params: { path },
          body: { version: t.version },
        }),
      ),
    ({ act }) => told(say("parts.treatment_done", { treatment: treatmentWords(t) }), act),
  );
  const judge = useAct(
    garden.id,
    (outcome: (typeof OUTCOMES)[number]) =>
      edit(
        api.PUT("/api/gardens/{garden}/treatments/{treatment}/outcome", {
          params: { path },
          body: { outcome, version: t.version },
        }),
      ),
    ({ act }, outcome) => told(say("parts.it_is", { outcome: words("outcomes_of_treatment", outcome) }), act),
  );
  return (
    <>
      {toDo(t) && (
        <Button className="min-h-11" disabled={done.isPending} onClick={() => done.mutate(undefined)}>
          {say("common.done")}
        </Button>
      )}
      {t.doneOn && !t.outcome && (
        <span className="inline-flex flex-wrap gap-1">
          {OUTCOMES.map((o) => (
            <Button
              key={o}
              look="quiet"
              className="min-h-11"
              disabled={judge.isPending}
              onClick={() => judge.mutate(o)}
            >
              {words("outcomes_of_treatment", o)}
            </Button>
          ))}
        </span>
      )}
      {(done.isError || judge.isError) && <Trouble problem={done.error ?? judge.error ?? undefined} />}
    </>
  );
}
