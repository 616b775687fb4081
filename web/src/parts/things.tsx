import { type FormEvent, type ReactNode, useState } from "react";
import { newId, type Edited, type Fault, type Garden, Problem } from "../api";
import { useAct } from "../api/queries";
import { Button } from "../ui/Button";
import { Conflict } from "../ui/Conflict";
import { Trouble } from "../ui/States";
import { useTold } from "../ui/useUndo";
import { say, words } from "../text";
import { Retire } from "./Retire";

type Thing = { id: string; version: number; retired?: boolean; name: string };

/** A list of things, one of which may be open for change, and the way to add one. */
export function List<T extends Thing>({
  title,
  one,
  items,
  find,
  line,
  form,
}: {
  title: string;
  one: string;
  items: T[];
  find: string;
  line: (item: T) => ReactNode;
  form: (item: T | undefined, id: string, close: () => void) => ReactNode;
}) {
  const [open, setOpen] = useState<string>();
  const [fresh, setFresh] = useState(newId);
  const close = () => {
    setOpen(undefined);
    setFresh(newId());
  };
  const listed = items.filter((i) => !i.retired && i.name.toLowerCase().includes(find.toLowerCase()));
  if (find && listed.length === 0) return null;
  return (
    <section aria-label={title} className="mb-6 break-inside-avoid">
      <h2 className="head">{title}</h2>
      <ul className="m-0 list-none p-0">
        {listed.map((i) => (
          <li key={i.id} className="border-b border-rule py-1.5">
            {open === i.id ? (
              form(i, i.id, close)
            ) : (
              <div className="flex items-start justify-between gap-2">
                <span>{line(i)}</span>
                <Button
                  look="quiet"
                  onClick={() => setOpen(i.id)}
                  aria-label={say("common.change_name", { name: i.name })}
                >
                  {say("common.change")}
                </Button>
              </div>
            )}
          </li>
        ))}
      </ul>
      <div className="mt-2">
        {open === fresh ? (
          form(undefined, fresh, close)
        ) : (
          <Button onClick={() => setOpen(fresh)}>{say("common.add_a", { one })}</Button>
        )}
      </div>
    </section>
  );
}

type Input = { id: string; version: number };

/**
 * The form of one thing: saves it, says so with the way to undo it, and closes. What is refused stays as typed; where
 * someone else saved meanwhile, both are shown.
 */
export function ThingForm<In extends Input, Out>({
  garden,
  kind,
  input,
  send,
  inputOf,
  close,
  own = true,
  children,
}: {
  garden: Garden;
  kind: "vessel" | "water" | "meter" | "calibration" | "place" | "stock" | "component" | "batch";
  input: In;
  send: (body: In) => Promise<Edited<Out>>;
  /** What is saved now, as a form would hold it. */
  inputOf: (present: never) => Record<string, unknown>;
  close: () => void;
  /** Whether it may be put away; a thing as it ships may not. */
  own?: boolean;
  children: (faults: Fault[]) => ReactNode;
}) {
  const told = useTold(garden.id);
  const save = useAct(garden.id, send, ({ act }) => {
    told(say("common.saved_2"), act);
    close();
  });
  const problem = save.error;
  const present =
    problem instanceof Problem ? (problem.present as (Input & { version: number }) | undefined) : undefined;
  const faults = problem?.faults ?? [];
  return (
    <form
      aria-label={words("things", kind)}
      onSubmit={(e: FormEvent) => {
        e.preventDefault();
        save.mutate(input);
      }}
    >
      {children(faults)}
      {present && (
        <Conflict
          mine={input as unknown as Record<string, unknown>}
          theirs={inputOf(present as never)}
          named={() => undefined}
          keep={() => save.mutate({ ...input, version: present.version })}
          take={close}
        />
      )}
      {problem && !present && (problem.retry || problem.faults.some((f) => !f.field.includes("."))) && (
        <Trouble problem={problem} />
      )}
      <div className="flex items-center gap-3">
        <Button look="ink" type="submit" disabled={save.isPending || present !== undefined}>
          {save.isPending ? say("common.saving") : problem?.retry ? say("common.retry") : say("common.save")}
        </Button>
        <Button look="quiet" onClick={close}>
          {say("common.leave_it")}
        </Button>
        {own && input.version > 0 && <Retire kind={kind} thing={input} garden={garden} done={close} />}
      </div>
    </form>
  );
}
