import { useQuery } from "@tanstack/react-query";
import type { Entry, Garden, Lot } from "../../api";
import { journalQuery } from "../../api/queries";
import { words } from "../../text";
import { figures, moment, type Shown } from "../../text/numbers";
import { Loading, Nothing, Trouble } from "../../ui/States";

function what(e: Entry, shown: Shown): string {
  if (e.kind === "correction") return `row ${e.corrects} taken back`;
  if (e.kind === "reading") {
    return [
      e.ph !== undefined && `pH ${figures(e.ph, 2)}`,
      e.ec !== undefined && `${figures(e.ec)} mS/cm (typed ${e.ecTyped} ${e.ecUnit})`,
    ]
      .filter(Boolean)
      .join(", ");
  }
  const feed =
    e.feedName && e.productEach !== undefined
      ? `, ${shown.product(e.productEach, e.measure ?? "")} of ${e.feedName}`
      : "";
  return `${shown.litres(e.litresEach ?? 0)} each pot${feed}`;
}

/** Everything that happened to a lot, newest first. Nothing is ever removed: what was taken back stays, struck out. */
export function Journal({ lot, garden, shown }: { lot: Lot; garden: Garden; shown: Shown }) {
  const journal = useQuery(journalQuery(garden.id, lot.id));
  if (journal.isPending) return <Loading what="the journal" />;
  if (journal.isLoadingError) return <Trouble problem={journal.error} again={() => void journal.refetch()} />;
  if (journal.data.length === 0) {
    return (
      <Nothing title="Nothing has happened yet.">
        <p>What is ticked off on Today and what you measure is written here.</p>
      </Nothing>
    );
  }
  return (
    <table className="w-full max-w-3xl border-collapse text-left">
      <thead>
        <tr className="note border-b border-rule-strong">
          <th className="py-1 font-semibold">Row</th>
          <th className="font-semibold">When</th>
          <th className="font-semibold">What</th>
          <th className="font-semibold">How much</th>
        </tr>
      </thead>
      <tbody>
        {journal.data.map((e) => (
          <tr key={e.id} className={`border-b border-rule ${e.undone ? "text-soft line-through" : ""}`}>
            <td className="fig py-1 pr-3">{e.id}</td>
            <td className="fig pr-3 sm:whitespace-nowrap">{moment(e.occurredAt, garden.timeZone)}</td>
            <td className="pr-3 sm:whitespace-nowrap">
              {words("entries", e.kind)}
              {e.clockAhead && " (sender's clock ran ahead)"}
            </td>
            <td className="fig">{what(e, shown)}</td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
