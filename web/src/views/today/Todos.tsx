import { Link } from "@tanstack/react-router";
import { api, edit, type Garden, type Today } from "../../api";
import { useAct } from "../../api/queries";
import { todo } from "../../text/readings";
import { day, type Shown } from "../../text/numbers";
import { Button } from "../../ui/Button";
import { Trouble } from "../../ui/States";
import { say } from "../../text";
import { useTold } from "../../ui/useUndo";

type Due = Today["todos"][number];

/** What readings asked for and was taken into the plan. */
export function Todos({ due, garden, shown }: { due: Due[]; garden: Garden; shown: Shown }) {
  return (
    <section aria-label={say("today_page.after_readings")} className="mb-6">
      <h2 className="head">{say("today_page.after_readings")}</h2>
      <ul className="m-0 list-none p-0">
        {due.map((d) => (
          <Row key={d.todo.id} due={d} garden={garden} shown={shown} />
        ))}
      </ul>
    </section>
  );
}

function Row({ due: d, garden, shown }: { due: Due; garden: Garden; shown: Shown }) {
  const told = useTold(garden.id);
  const done = useAct(
    garden.id,
    () =>
      edit(
        api.PUT("/api/gardens/{garden}/todos/{todo}", {
          params: { path: { garden: garden.id, todo: d.todo.id } },
          body: { done: true, version: d.todo.version },
        }),
      ),
    ({ act }) => told(say("today_page.name_done", { name: d.lot.name }), act),
  );
  const read = d.todo.action.startsWith("retest");
  return (
    <li className="flex items-center justify-between gap-3 border-b border-rule py-1.5">
      <span>
        {todo(d.todo, shown)}{" "}
        <Link
          to="/g/$garden/bench/$lot"
          params={{ garden: garden.id, lot: d.lot.id }}
          search={{ tab: "health" }}
          className="inline-block leading-8 underline underline-offset-4"
        >
          {d.lot.name}
        </Link>
        <span className="note block">
          {say("today_page.after_the_reading_of", {
            day: day(d.todo.readOn),
            value: d.todo.untilOn && say("today_page.by", { day: day(d.todo.untilOn) }),
          })}
          {read && say("today_page.recording_a_reading_ticks_it")}
        </span>
        {done.isError && <Trouble problem={done.error} />}
      </span>
      {!read && (
        <Button className="min-h-11" disabled={done.isPending} onClick={() => done.mutate(undefined)}>
          {say("common.done")}
        </Button>
      )}
    </li>
  );
}
