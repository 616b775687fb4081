import { useInfiniteQuery, useQuery } from "@tanstack/react-query";
import { useRef, useState } from "react";
import {
  api,
  call,
  newId,
  type Catalogue,
  type Entry,
  type EntryKind,
  type Garden,
  type Lot,
  type Mixes,
} from "../../api";
import { journalQuery, mixesQuery, useAct } from "../../api/queries";
import { words } from "../../text";
import { tendedWords } from "../../text/care";
import { mixName } from "../../text/mixes";
import { day, figures, moment, plain, type Shown } from "../../text/numbers";
import { Button } from "../../ui/Button";
import { DateField, NumberField } from "../../ui/Fields";
import { Panel } from "../../ui/Panel";
import { Loading, Nothing, Trouble } from "../../ui/States";
import { useTold, useUndo } from "../../ui/useUndo";
import { type Deed, DeedPanel } from "./deeds";

const LATE: { id: Deed; label: string }[] = [
  { id: "water", label: "Log a watering" },
  { id: "feed", label: "Log a feed" },
  { id: "note", label: "Write a note" },
];

function what({ event: e }: Entry, shown: Shown, mixes: Mixes | undefined): string {
  const mix = (key: string) => mixName(mixes, key);
  switch (e.kind) {
    case "correction":
      return `row ${e.row} taken back`;
    case "reading":
      return [
        e.ph !== undefined && `pH ${figures(e.ph, 2)}`,
        e.ec !== undefined &&
          `${figures(e.ec)} mS/cm${e.typed.ec ? ` (typed ${e.typed.ec.text} ${e.typed.ec.unit})` : ""}`,
      ]
        .filter(Boolean)
        .join(", ");
    case "note":
      return e.text;
    case "tending":
      return tendedWords(e);
    case "lifting":
      return `${words("holds", e.hold)}, up to ${day(e.untilOn)}: ${e.reason}`;
    case "skipping":
      return [`${words("skips", e.reason)}, until ${day(e.untilOn)}`, e.note].filter(Boolean).join("; ");
    case "moving":
      return `${e.fromPlace} → ${e.toPlace}`;
    case "potting":
      return `${shown.litres(e.litresBefore)} → ${shown.litres(e.litresAfter)} each; ${
        e.mixBefore === e.mixAfter ? mix(e.mixAfter) : `${mix(e.mixBefore)} → ${mix(e.mixAfter)}`
      }${e.fresh < 100 ? `, ${figures(e.fresh)} % of it fresh` : ""}${
        e.rootsCut ? `, ${figures(e.rootsCut)} % of the roots cut` : ""
      }`;
    case "loss":
    case "splitting":
    case "retiring":
      return [
        `${e.potsBefore} → ${e.potsAfter} pots`,
        e.kind === "splitting" && e.otherLot && `other part: ${e.otherLot}`,
        e.why,
      ]
        .filter(Boolean)
        .join("; ");
    case "watering":
      return [`${shown.litres(e.litresEach)} each pot`, e.flush && "flushed", e.seen?.note].filter(Boolean).join("; ");
    case "feeding":
      return [
        `${shown.litres(e.litresEach)} each pot, ${shown.product(e.productEach, e.measure)} of ${e.feedName}`,
        e.seen?.note,
      ]
        .filter(Boolean)
        .join("; ");
  }
}

const AMENDABLE: EntryKind[] = ["watering", "feeding", "note", "reading"];

/** Everything that happened to a lot, newest first. Nothing is ever removed: what was taken back stays, struck out. */
export function Journal({
  lot,
  garden,
  catalogue,
  shown,
}: {
  lot: Lot;
  garden: Garden;
  catalogue: Catalogue;
  shown: Shown;
}) {
  const journal = useInfiniteQuery(journalQuery(garden.id, lot.id));
  const mixes = useQuery(mixesQuery(garden.id)).data;
  const [deed, setDeed] = useState<Deed>();
  const [amended, setAmended] = useState<Entry>();
  const [find, setFind] = useState("");
  const undo = useUndo(garden.id);
  if (journal.isPending) return <Loading what="the journal" />;
  if (journal.isLoadingError) return <Trouble problem={journal.error} again={() => void journal.refetch()} />;
  const entries = journal.data.pages.flat();
  const sought = find.toLowerCase();
  const listed = entries.filter((e) =>
    `${words("entries", e.event.kind)} ${what(e, shown, mixes)}`.toLowerCase().includes(sought),
  );
  return (
    <>
      <div className="no-print mb-2 flex flex-wrap items-center gap-2">
        {!lot.retired &&
          LATE.map((d) => (
            <Button key={d.id} onClick={() => setDeed(d.id)}>
              {d.label}
            </Button>
          ))}
        <input
          type="search"
          aria-label="Find in the journal"
          placeholder="Find in the journal"
          className="box ml-auto !w-52 !font-text"
          value={find}
          onChange={(e) => setFind(e.target.value)}
        />
      </div>
      {entries.length === 0 ? (
        <Nothing title="Nothing has happened yet.">
          <p>What is ticked off on Today, what you log here and what you measure is written down.</p>
        </Nothing>
      ) : (
        <table className="w-full border-collapse text-left">
          <thead>
            <tr className="note border-b border-rule-strong">
              <th className="hidden py-1 font-semibold sm:table-cell">Row</th>
              <th className="font-semibold">When</th>
              <th className="font-semibold">What</th>
              <th className="font-semibold">How much</th>
              <th className="no-print">
                <span className="sr-only">Change</span>
              </th>
            </tr>
          </thead>
          <tbody>
            {listed.map((e) => (
              <tr key={e.id} className={`border-b border-rule align-top ${e.undone ? "text-soft" : ""}`}>
                <td className={`fig hidden py-1 pr-3 sm:table-cell ${e.undone ? "line-through" : ""}`}>{e.id}</td>
                <td className={`fig py-1 pr-3 sm:whitespace-nowrap ${e.undone ? "line-through" : ""}`}>
                  {moment(e.occurredAt, garden.timeZone)}
                </td>
                <td className={`py-1 pr-3 sm:whitespace-nowrap ${e.undone ? "line-through" : ""}`}>
                  {words("entries", e.event.kind)}
                  {e.clockAhead && " (sender's clock ran ahead)"}
                </td>
                <td className={`fig py-1 pr-2 ${e.undone ? "line-through" : ""}`}>{what(e, shown, mixes)}</td>
                <td className="no-print text-right whitespace-nowrap">
                  {!e.undone && e.event.kind !== "correction" && (
                    <>
                      {AMENDABLE.includes(e.event.kind) && (
                        <Button
                          look="quiet"
                          className="text-sm"
                          onClick={() => setAmended(e)}
                          aria-label={`Amend row ${e.id}`}
                        >
                          Amend
                        </Button>
                      )}
                      <Button
                        look="quiet"
                        className="text-sm"
                        onClick={() => undo(e.actId)}
                        aria-label={`Undo row ${e.id}`}
                      >
                        Undo
                      </Button>
                    </>
                  )}
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
      {entries.length > 0 && listed.length === 0 && <p className="note p-3">No line is like that.</p>}
      {journal.hasNextPage && (
        <Button className="mt-2" onClick={() => void journal.fetchNextPage()} disabled={journal.isFetchingNextPage}>
          {journal.isFetchingNextPage ? "Fetching …" : "Older lines"}
        </Button>
      )}
      {deed && (
        <DeedPanel deed={deed} lots={[lot]} garden={garden} catalogue={catalogue} close={() => setDeed(undefined)} />
      )}
      {amended && <Amend entry={amended} garden={garden} close={() => setAmended(undefined)} />}
    </>
  );
}

/** A line as it should have been; the old one stays in the journal, struck out. */
function Amend({ entry: e, garden, close }: { entry: Entry; garden: Garden; close: () => void }) {
  const { event } = e;
  const poured = event.kind === "watering" || event.kind === "feeding";
  const read = event.kind === "reading" ? event : undefined;
  const key = useRef(newId());
  const told = useTold(garden.id);
  const [on, setOn] = useState<string>();
  const [litres, setLitres] = useState({ text: poured ? plain(event.litresEach) : "", unit: "L" });
  const [note, setNote] = useState(event.kind === "note" ? event.text : "");
  const [ph, setPh] = useState(read?.typed.ph ?? { text: "", unit: "pH" });
  const [ec, setEc] = useState(read?.typed.ec ?? { text: "", unit: "mS/cm" });
  const meter = garden.meters.find((m) => m.id === read?.meterId) ?? garden.meters[0]!;
  const act = useAct(
    garden.id,
    () =>
      read
        ? call(
            api.PUT("/api/gardens/{garden}/readings/{row}", {
              params: { path: { garden: garden.id, row: e.id } },
              body: {
                clientKey: key.current,
                meterId: meter.id,
                method: read.method,
                celsius: read.typed.celsius,
                beforePh: read.typed.beforePh,
                hours: read.typed.hours,
                ph: ph.text.trim() ? ph : undefined,
                ec: ec.text.trim() ? ec : undefined,
              },
            }),
          )
        : call(
            api.PUT("/api/gardens/{garden}/journal/{row}", {
              params: { path: { garden: garden.id, row: e.id } },
              body: {
                clientKey: key.current,
                on,
                ...(poured ? { litresEach: litres } : {}),
                ...(event.kind === "note" ? { note } : {}),
              },
            }),
          ),
    (done) => {
      told("Amended.", done.actId);
      close();
    },
  );
  const faults = act.error?.faults ?? [];
  return (
    <Panel title={`Amend: ${words("entries", event.kind)}, ${moment(e.occurredAt, garden.timeZone)}`} close={close}>
      <form
        onSubmit={(f) => {
          f.preventDefault();
          act.mutate(undefined);
        }}
      >
        {!read && <DateField label="On another day" field="occurred_at" faults={faults} value={on} onChange={setOn} />}
        {poured && (
          <NumberField
            label="Each pot got"
            field="litres"
            faults={faults}
            value={litres}
            units={["L", "mL", "US qt", "US fl oz"]}
            onChange={setLitres}
          />
        )}
        {event.kind === "note" && (
          <>
            <label htmlFor="amended-note" className="block text-sm">
              Note
            </label>
            <textarea
              id="amended-note"
              className="box mb-2 min-h-24 !font-text"
              value={note}
              onChange={(f) => setNote(f.target.value)}
            />
          </>
        )}
        {read && (
          <div className="grid grid-cols-2 gap-3">
            <NumberField label="pH" field="reading.ph" faults={faults} value={ph} shownUnit="" onChange={setPh} />
            <NumberField
              label="TDS or EC"
              field="reading.ec"
              faults={faults}
              value={ec}
              units={["ppm", "mS/cm", "µS/cm"]}
              onChange={setEc}
            />
          </div>
        )}
        {act.error && (act.error.retry || act.error.status === 404) && <Trouble problem={act.error} />}
        <div className="mt-2 flex items-center gap-3">
          <Button look="ink" type="submit" disabled={act.isPending} className="min-h-11">
            {act.isPending ? "Recording …" : act.error?.retry ? "Retry" : "Amend"}
          </Button>
          <Button look="quiet" onClick={close}>
            Leave it
          </Button>
        </div>
      </form>
    </Panel>
  );
}
