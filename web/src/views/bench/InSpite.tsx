import { useRef, useState } from "react";
import { api, call, newId, type Garden, type Lot, type Recorded } from "../../api";
import { useAct } from "../../api/queries";
import { words, say } from "../../text";
import { Button } from "../../ui/Button";
import { ChoiceField, DateField, TextField } from "../../ui/Fields";
import { Trouble } from "../../ui/States";
import { useTold } from "../../ui/useUndo";

type Props = {
  lot: Lot;
  garden: Garden;
  /** What can be decided on, by their ids. */
  ids: string[];
  name: string;
  label: string;
  example: string;
  /** What is said once it is done. */
  said: string;
};

/** Feed in spite of a hold, or set a warning aside: with a reason and an end, in the journal, and to be undone. */
export function InSpite({ lot, garden, ids, name, label, example, said }: Props) {
  const [open, setOpen] = useState(false);
  const [chosen, setChosen] = useState("");
  const [until, setUntil] = useState(garden.today);
  const [reason, setReason] = useState("");
  const key = useRef(newId());
  const told = useTold(garden.id);
  const hold = ids.includes(chosen) ? chosen : (ids[0] ?? "");
  const act = useAct<undefined, Recorded>(
    garden.id,
    () =>
      call(
        api.POST("/api/gardens/{garden}/deeds/lift", {
          params: { path: { garden: garden.id } },
          body: {
            clientKey: key.current,
            lotId: lot.id,
            hold,
            until,
            reason,
          },
        }),
      ),
    (a) => {
      told(`${lot.name}: ${said}.`, a.actId);
      key.current = newId();
      setReason("");
    },
  );
  const faults = act.error?.faults ?? [];
  return (
    <details className="mt-1" onToggle={(e) => setOpen(e.currentTarget.open)}>
      <summary className="inline-block min-h-8 cursor-pointer underline underline-offset-4">{name} …</summary>
      {open && (
        <form
          aria-label={name}
          className="mt-1 grid max-w-md gap-x-3 sm:grid-cols-2"
          onSubmit={(e) => {
            e.preventDefault();
            act.mutate(undefined);
          }}
        >
          <ChoiceField
            label={label}
            field="hold"
            faults={faults}
            value={hold}
            onChange={setChosen}
            options={ids.map((id) => ({ value: id, label: words("holds", id) }))}
          />
          <DateField
            label={say("bench_page.until")}
            field="hold.until"
            faults={faults}
            value={until}
            onChange={(v) => setUntil(v ?? garden.today)}
          />
          <div className="sm:col-span-2">
            <TextField
              label={say("bench_page.because")}
              field="hold.reason"
              faults={faults}
              value={reason}
              onChange={setReason}
              placeholder={example}
            />
            {act.isError && faults.length === 0 && <Trouble problem={act.error} />}
            <p className="note mb-1">{say("bench_page.it_goes_into_the_journal_what")}</p>
            <Button look="ink" type="submit" disabled={act.isPending}>
              {act.isPending ? say("common.saving") : name}
            </Button>
          </div>
        </form>
      )}
    </details>
  );
}
