import { useQuery } from "@tanstack/react-query";
import { Link } from "@tanstack/react-router";
import { api, edit, newId, type Garden, type Lot, type Todo, type Verdict } from "../../api";
import { lastVerdictQuery, useAct } from "../../api/queries";
import { whereTo } from "../../parts/begun";
import { todo } from "../../text/readings";
import { day, type Shown } from "../../text/numbers";
import { Button } from "../../ui/Button";
import { Loading, Trouble } from "../../ui/States";
import { useTold } from "../../ui/useUndo";
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
    ({ act }) => told("Taken into the plan.", act),
  );
  if (last.isPending) return <Loading what="the last reading" />;
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
      aria-label={`Into the plan: ${action.replaceAll("_", " ")}`}
    >
      Into the plan
    </Button>
  );
  const beside = (advised: Verdict["advice"][number]) => {
    const { action } = advised;
    if (action === "flush") return flushOn ? <span className="note">✓ in the plan</span> : null;
    if (action === "skip_next_feed")
      return lot.state.feedBinding === "hold_salty" ? (
        <span className="note">✓ held until the next reading</span>
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
        {taken(action) ? <span className="note">✓ in the plan</span> : intoThePlan(action)}
      </>
    );
  };
  return (
    <>
      <h2 className="head">The last reading, {day(readOn)}</h2>
      {take.isError && <Trouble problem={take.error} />}
      <VerdictCard verdict={verdict} shown={shown} beside={beside} />
      {todos.length > 0 && (
        <section aria-label="Taken into the plan" className="mb-6">
          <h3 className="head">Taken into the plan</h3>
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
  if (t.doneOn) return `done ${day(t.doneOn)}`;
  if (t.action === "skip_next_feed") return t.untilOn && t.untilOn > today ? `until ${day(t.untilOn)}` : "over";
  if (t.action === "weaken_feed") return "until the next reading";
  return t.untilOn ? `by ${day(t.untilOn)}` : `due ${day(t.dueOn)}`;
}

function Taken({ todo: t, garden, shown }: { todo: Todo; garden: Garden; shown: Shown }) {
  const told = useTold(garden.id);
  const drop = useAct(
    garden.id,
    () =>
      edit(
        api.POST("/api/gardens/{garden}/retired", {
          params: { path: { garden: garden.id } },
          body: { kind: "todo", id: t.id, version: t.version },
        }),
      ),
    ({ act }) => told("Taken out of the plan.", act),
  );
  return (
    <li className="flex items-baseline justify-between gap-2 border-b border-rule py-1">
      <span>
        {todo(t, shown)} <span className="note">· {when(t, garden.today)}</span>
      </span>
      {!t.doneOn && (
        <Button look="quiet" className="no-print" disabled={drop.isPending} onClick={() => drop.mutate(undefined)}>
          Drop
        </Button>
      )}
    </li>
  );
}
