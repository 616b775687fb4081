import { type FormEvent, type ReactNode, useRef } from "react";
import { newId, type Fault, type Garden, type Lot, type Problem, type Recorded } from "../../api";
import { useAct } from "../../api/queries";
import { say } from "../../text";
import { Button } from "../../ui/Button";
import { DateField } from "../../ui/Fields";
import { Panel } from "../../ui/Panel";
import { Trouble } from "../../ui/States";
import { useTold } from "../../ui/useUndo";

/** One lot by its name, several by how many they are. */
export function named(lots: Lot[]): string {
  return lots.length === 1 ? lots[0]!.name : say("bench_page.lots", { count: lots.length });
}

/** Sends a deed under one key until it is recorded, then says so with the way to undo it. */
export function useDeed(garden: Garden, text: string, close: () => void, send: (key: string) => Promise<Recorded>) {
  const key = useRef(newId());
  const told = useTold(garden.id);
  return useAct<undefined, Recorded>(
    garden.id,
    () => send(key.current),
    (act) => {
      told(text, act.actId);
      close();
    },
  );
}

/** A short task that is recorded once, or left. */
export function Form({
  title,
  close,
  act,
  label,
  wide,
  children,
}: {
  title: string;
  close: () => void;
  act: { isPending: boolean; error: Problem | null; mutate: (nothing: undefined) => void };
  label: string;
  wide?: boolean;
  children: ReactNode;
}) {
  const own = act.error && (act.error.retry || act.error.faults.some((f) => !f.field.includes(".")));
  return (
    <Panel title={title} close={close} {...(wide ? { wide } : {})}>
      <form
        onSubmit={(e: FormEvent) => {
          e.preventDefault();
          act.mutate(undefined);
        }}
      >
        {children}
        {own && <Trouble problem={act.error} />}
        <div className="mt-3 flex items-center gap-3">
          <Button look="ink" type="submit" disabled={act.isPending} className="min-h-11">
            {act.isPending ? say("common.recording") : act.error?.retry ? say("common.retry") : label}
          </Button>
          <Button look="quiet" onClick={close}>
            {say("common.leave_it")}
          </Button>
        </div>
      </form>
    </Panel>
  );
}

/** The day on which it was done. */
export function On({
  value,
  change,
  faults,
  max,
}: {
  value: string;
  change: (v: string) => void;
  faults: Fault[];
  max?: string;
}) {
  return (
    <DateField
      label={say("common.on")}
      field="occurred_at"
      faults={faults}
      value={value}
      onChange={(v) => change(v ?? max ?? "")}
    />
  );
}
