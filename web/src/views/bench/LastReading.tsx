import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { Link } from "@tanstack/react-router";
import { api, edit, newId, type Garden, type Lot, type Todo, type Verdict } from "../../api";
import { lastVerdictQuery, useAct } from "../../api/queries";
import { whereTo } from "../../parts/begun";
import { Retire } from "../../parts/Retire";
import { todo } from "../../text/readings";
import { day, type Shown } from "../../text/numbers";
import { Button } from "../../ui/Button";
import { Loading, Trouble } from "../../ui/States";
import { useTold } from "../../ui/useUndo";
import { say, words } from "../../text";
import { PlanTreatment } from "./Treatments";
import type { TreatmentBegun } from "./treatments";
import { VerdictCard } from "./VerdictCard";

/** Said of how things stand; and what stands in the plan of itself. */
const NOT_TAKEN = ["carry_on", "feed_as_planned", "no_feed_planned", "flush", "skip_next_feed"];

/** What the last reading says, each thing to do a tap away from the plan, and what was taken into it. */
export function LastReading({ lot, garden, shown }: { lot: Lot; garden: Garden; shown: Shown }) {
  const last = useQuery(lastVerdictQuery(garden.id, lot.id));
  const told = useTold(garden.id);
  const take = useAct(
    garden.id,
    (action: string) =>
      edit(
        api.PUT("/api/gardens/{garden}/lots/{lot}/todos", {
          params: { path: { garden: garden.id, lot: lot.id } },
          body: { id: newId(), action },
        }),
      ),
    ({ act }) => told(say("bench_page.taken_into_the_plan"), act),
  );
  const [treat, setTreat] = useState<TreatmentBegun>();
  if (last.isPending) return <Loading what={say("bench_page.the_last_reading")} />;
  if (last.isLoadingError) return <Trouble problem={last.error} again={() => void last.refetch()} />;
  const { verdict, readOn, todos } = last.data;
  if (!verdict || !readOn) return null;
  const taken = (action: string) => todos.find((t) => t.action === action && t.readOn === readOn);
  const flushOn = lot.state.nextFlushOn;
  const intoThePlan = (action: string) => (
    <Button
      look="quiet"
      className="no-print text-sm"
      disabled={take.isPending}
      onClick={() => take.mutate(action)}
      aria-label={say("bench_page.into_the_plan", { action: words("todos", action) })}
    >
      {say("bench_page.into_the_plan_2")}
    </Button>
  );
  const beside = (advised: Verdict["advice"][number]) => {
    const { action, cure } = advised;
    if (action === "flush") return flushOn ? <span className="note">{say("bench_page.in_the_plan")}</span> : null;
    if (action === "skip_next_feed")
      return lot.state.feedBinding === "hold_salty" ? (
        <span className="note">{say("bench_page.held_until_the_next_reading")}</span>
      ) : null;
    if (NOT_TAKEN.includes(action)) return null;
    const way = whereTo(advised, garden, lot, verdict);
    return (
      <>
        {way && (
          <Link
            to={way.to}
            params={{ garden: garden.id }}
            onClick={way.begin}
            className="mr-2 inline-block leading-8 underline underline-offset-4"
          >
            {way.label} →
          </Link>
        )}
        {cure && (
          <Button
            look="quiet"
            className="no-print mr-2 text-sm"
            onClick={() => setTreat({ cure, reason: words("todos", action), readOn })}
            aria-label={say("bench_page.as_a_treatment", { action: words("todos", action) })}
          >
            {say("bench_page.as_a_treatment_2")}
          </Button>
        )}
        {taken(action) ? <span className="note">{say("bench_page.in_the_plan")}</span> : intoThePlan(action)}
      </>
    );
  };
  return (
    <>
      <h2 className="head">{say("bench_page.the_last_reading_day", { day: day(readOn) })}</h2>
      {take.isError && <Trouble problem={take.error} />}
      <VerdictCard verdict={verdict} shown={shown} beside={beside} />
      {treat && <PlanTreatment lot={lot} garden={garden} begun={treat} close={() => setTreat(undefined)} />}
      {todos.length > 0 && (
        <section aria-label={say("bench_page.taken_into_the_plan_2")} className="mb-6">
          <h3 className="head">{say("bench_page.taken_into_the_plan_2")}</h3>
          <ul className="m-0 list-none p-0 text-sm">
            {todos.map((t) => (
              <Taken key={t.id} todo={t} garden={garden} shown={shown} />
            ))}
          </ul>
        </section>
      )}
    </>
  );
}

/** Until when it holds, or when it is due. */
function when(t: Todo, today: string): string {
  if (t.doneOn) return say("bench_page.done", { day: day(t.doneOn) });
  if (t.action === "skip_next_feed")
    return t.untilOn && t.untilOn > today ? say("bench_page.until_day", { day: day(t.untilOn) }) : "over";
  if (t.action === "weaken_feed") return say("bench_page.until_the_next_reading");
  return t.untilOn
    ? say("bench_page.by_day", { day: day(t.untilOn) })
    : say("bench_page.due_day", { day: day(t.dueOn) });
}

function Taken({ todo: t, garden, shown }: { todo: Todo; garden: Garden; shown: Shown }) {
  return (
    <li className="flex items-baseline justify-between gap-2 border-b border-rule py-1">
      <span>
        {todo(t, shown)} <span className="note">· {when(t, garden.today)}</span>
      </span>
      {!t.doneOn && (
        <span className="no-print">
          <Retire
            kind="todo"
            thing={t}
            garden={garden}
            name={say("bench_page.drop")}
            said={say("bench_page.taken_out_of_the_plan")}
          />
        </span>
      )}
    </li>
  );
}
