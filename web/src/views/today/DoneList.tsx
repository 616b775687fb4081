import type { Entry, Garden } from "../../api";
import { dismiss, type Outbox, withdraw } from "../../api/outbox";
import { words } from "../../text";
import { tendedWords } from "../../text/care";
import { clock, day, type Shown } from "../../text/numbers";
import { useUndo } from "../../ui/useUndo";

type Props = { done: Entry[]; box: Outbox; garden: Garden; shown: Shown };

function Line({
  mark,
  name,
  told,
  act,
  label,
}: {
  mark: string;
  name: string;
  told: string;
  act: () => void;
  label: string;
}) {
  return (
    <li className="flex items-center gap-3 border-b border-rule py-1">
      <span aria-hidden="true">{mark}</span>
      <span className="flex-1">
        {name} <span className="note">{told}</span>
      </span>
      <button
        type="button"
        onClick={act}
        className="min-h-11 px-2 underline underline-offset-4"
        aria-label={`${label} ${name}`}
      >
        {label}
      </button>
    </li>
  );
}

/** What was done today: sent, still waiting to be sent, and what the server would not take. */
export function DoneList({ done, box, garden, shown }: Props) {
  const undo = useUndo(garden.id);
  const what = ({ event: e }: Entry) => {
    switch (e.kind) {
      case "skipping":
        return `${words("entries", e.kind)}: ${words("skips", e.reason)}, until ${day(e.untilOn)}`;
      case "tending":
        return tendedWords(e);
      case "watering":
        return `${e.flush ? "flushed" : words("entries", e.kind)} · ${shown.litres(e.litresEach)} each`;
      case "feeding":
        return `${words("entries", e.kind)} · ${shown.litres(e.litresEach)} each`;
      case "lifting":
        return `${words("entries", e.kind)}: ${words("holds", e.hold)}`;
      default:
        return words("entries", e.kind);
    }
  };
  const told = (e: Entry) =>
    `${what(e)} · ${clock(e.event.kind === "skipping" ? e.recordedAt : e.occurredAt, garden.timeZone)}`;
  return (
    <section aria-label="Done today">
      {box.refused.length > 0 && (
        <>
          <h2 className="head !border-stop">Not recorded</h2>
          <ul className="mb-3 list-none p-0">
            {box.refused.map((r) => (
              <Line
                key={r.key}
                mark="▲"
                name={r.lotName}
                told={`ticked at ${clock(r.at, garden.timeZone)}: ${r.why}`}
                act={() => dismiss(garden.id, r.key)}
                label="Seen"
              />
            ))}
          </ul>
        </>
      )}
      <h2 className="head">Done today</h2>
      <ul className="list-none p-0">
        {[...box.waiting].reverse().map((w) => (
          <Line
            key={w.key}
            mark="…"
            name={w.lotName}
            told={`${w.skip ? "left" : "done"} at ${clock(w.at, garden.timeZone)}, waiting to be sent`}
            act={() => withdraw(garden.id, w.key)}
            label="Undo"
          />
        ))}
        {done.map((e) => (
          <Line
            key={e.id}
            mark={e.event.kind === "skipping" ? "–" : "✓"}
            name={e.lotName}
            told={told(e)}
            act={() => undo(e.actId)}
            label="Undo"
          />
        ))}
      </ul>
    </section>
  );
}
