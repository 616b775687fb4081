import type { Entry, Garden } from "../../api";
import { dismiss, type Outbox, withdraw } from "../../api/outbox";
import { words, say } from "../../text";
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
        return say("today_page.until", {
          entries: words("entries", e.kind),
          skips: words("skips", e.reason),
          day: day(e.untilOn),
        });
      case "tending":
        return tendedWords(e);
      case "watering":
        return say("today_page.each", {
          value: e.flush ? say("common.flushed") : words("entries", e.kind),
          litresEach: shown.litres(e.litresEach),
        });
      case "feeding":
        if (e.litresEach === 0)
          return words("given_beside", e.way, {
            product: shown.product(e.productEach, e.measure),
            feedName: e.feedName,
          });
        return say("today_page.entries_litreseach_each", {
          entries: words("entries", e.kind),
          litresEach: shown.litres(e.litresEach),
        });
      case "lifting":
        return `${words("entries", e.kind)}: ${words("holds", e.hold)}`;
      default:
        return words("entries", e.kind);
    }
  };
  const told = (e: Entry) =>
    `${what(e)} · ${clock(e.event.kind === "skipping" ? e.recordedAt : e.occurredAt, garden.timeZone)}`;
  return (
    <section aria-label={say("today_page.done_today")}>
      {box.refused.length > 0 && (
        <>
          <h2 className="head !border-stop">{say("today_page.not_recorded")}</h2>
          <ul className="mb-3 list-none p-0">
            {box.refused.map((r) => (
              <Line
                key={r.key}
                mark="▲"
                name={r.lotName}
                told={say("today_page.ticked_at", { clock: clock(r.at, garden.timeZone), why: r.why })}
                act={() => dismiss(garden.id, r.key)}
                label={say("today_page.seen")}
              />
            ))}
          </ul>
        </>
      )}
      <h2 className="head">{say("today_page.done_today")}</h2>
      <ul className="list-none p-0">
        {[...box.waiting].reverse().map((w) => (
          <Line
            key={w.key}
            mark="…"
            name={w.lotName}
            told={say("today_page.done_at_waiting_to_be_sent", {
              which: w.skip ? "yes" : "no",
              clock: clock(w.at, garden.timeZone),
            })}
            act={() => withdraw(garden.id, w.key)}
            label={say("common.undo")}
          />
        ))}
        {done.map((e) => (
          <Line
            key={e.id}
            mark={e.event.kind === "skipping" ? "–" : "✓"}
            name={e.lotName}
            told={told(e)}
            act={() => undo(e.actId)}
            label={say("common.undo")}
          />
        ))}
      </ul>
    </section>
  );
}
