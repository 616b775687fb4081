import { useRef, useState } from "react";
import { api, call, newId, type Care, type Garden, type Lot, type Recorded } from "../../api";
import { useAct } from "../../api/queries";
import { words } from "../../text";
import { Button } from "../../ui/Button";
import { ChoiceField, DateField, TextField } from "../../ui/Fields";
import { Trouble } from "../../ui/States";
import { useTold } from "../../ui/useUndo";

type Held = NonNullable<Care["nextFeed"]>["held"];

/** Feed in spite of what holds it back: with a reason and an end, in the journal, and to be undone. */
export function LiftHold({ lot, garden, held }: { lot: Lot; garden: Garden; held: Held }) {
  const [open, setOpen] = useState(false);
  const [chosen, setChosen] = useState("");
  const [until, setUntil] = useState(garden.today);
  const [reason, setReason] = useState("");
  const key = useRef(newId());
  const told = useTold(garden.id);
  const hold = held.some((h) => h.hold === chosen) ? chosen : (held[0]?.hold ?? "");
  const act = useAct<undefined, Recorded>(
    garden.id,
    () =>
      call(
        api.POST("/api/gardens/{garden}/deeds/lift", {
          params: { path: { garden: garden.id } },
          body: {
            clientKey: key.current,
            lotId: lot.id,
            hold: hold.toUpperCase() as "COLD",
            until,
            reason,
          },
        }),
      ),
    (a) => {
      told(`${lot.name}: may be fed.`, a.actId);
      key.current = newId();
      setReason("");
    },
  );
  const faults = act.error?.faults ?? [];
  return (
    <details className="mt-1" onToggle={(e) => setOpen(e.currentTarget.open)}>
      <summary className="inline-block min-h-8 cursor-pointer underline underline-offset-4">Feed anyway …</summary>
      {open && (
        <form
          aria-label="Feed anyway"
          className="mt-1 grid max-w-md gap-x-3 sm:grid-cols-2"
          onSubmit={(e) => {
            e.preventDefault();
            act.mutate(undefined);
          }}
        >
          <ChoiceField
            label="In spite of"
            field="hold"
            faults={faults}
            value={hold}
            onChange={setChosen}
            options={held.map((h) => ({ value: h.hold, label: words("holds", h.hold) }))}
          />
          <DateField
            label="Until"
            field="hold.until"
            faults={faults}
            value={until}
            onChange={(v) => setUntil(v ?? garden.today)}
          />
          <div className="sm:col-span-2">
            <TextField
              label="Because"
              field="hold.reason"
              faults={faults}
              value={reason}
              onChange={setReason}
              placeholder="new shoots already"
            />
            {act.isError && faults.length === 0 && <Trouble problem={act.error} />}
            <p className="note mb-1">
              It goes into the journal. What the label, this plant's limits or poison forbid stays forbidden.
            </p>
            <Button look="ink" type="submit" disabled={act.isPending}>
              {act.isPending ? "Saving …" : "Feed anyway"}
            </Button>
          </div>
        </form>
      )}
    </details>
  );
}
