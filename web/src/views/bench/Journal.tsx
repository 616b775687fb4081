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
import { feedsQuery, journalQuery, mixesQuery, useAct } from "../../api/queries";
import { words, say, type Key } from "../../text";
import { tendedWords } from "../../text/care";
import { mixName } from "../../text/mixes";
import { day, figures, moment, plain, type Shown } from "../../text/numbers";
import { Button } from "../../ui/Button";
import { DateField, NumberField } from "../../ui/Fields";
import { Form } from "./deedForm";
import { productUnits } from "./productUnits";
import { Loading, Nothing, Trouble } from "../../ui/States";
import { useTold, useUndo } from "../../ui/useUndo";
import { type Deed, DeedPanel } from "./deeds";

const LATE: { id: Deed; label: Key }[] = [
  {
    id: "water",
    label: "bench_page.log_a_watering",
  },
  {
    id: "feed",
    label: "bench_page.log_a_feed",
  },
  {
    id: "note",
    label: "bench_page.write_a_note",
  },
];

function what({ event: e }: Entry, shown: Shown, mixes: Mixes | undefined): string {
  const mix = (key: string) => mixName(mixes, key);
  switch (e.kind) {
    case "correction":
      return say("bench_page.row_taken_back", { row: e.row });
    case "reading":
      return [
        e.ph !== undefined && `pH ${figures(e.ph, 2)}`,
        e.ec !== undefined &&
          `${figures(e.ec)} mS/cm${e.typed.ec ? say("bench_page.typed", { text: e.typed.ec.text, unit: e.typed.ec.unit }) : ""}`,
      ]
        .filter(Boolean)
        .join(", ");
    case "note":
      return e.text;
    case "tending":
      return tendedWords(e);
    case "lifting":
      return say("bench_page.up_to", { holds: words("holds", e.hold), day: day(e.untilOn), reason: e.reason });
    case "skipping":
      return [say("bench_page.skips_until_day", { skips: words("skips", e.reason), day: day(e.untilOn) }), e.note]
        .filter(Boolean)
        .join("; ");
    case "moving":
      return `${e.fromPlace} → ${e.toPlace}`;
    case "potting":
      return say("bench_page.each", {
        litresBefore: shown.litres(e.litresBefore),
        litresAfter: shown.litres(e.litresAfter),
        mix: e.mixBefore === e.mixAfter ? mix(e.mixAfter) : `${mix(e.mixBefore)} → ${mix(e.mixAfter)}`,
        value: e.fresh < 100 ? say("bench_page.of_it_fresh", { fresh: figures(e.fresh) }) : "",
        value2: e.rootsCut ? say("bench_page.of_the_roots_cut", { rootsCut: figures(e.rootsCut) }) : "",
      });
    case "loss":
    case "splitting":
    case "retiring":
      return [
        say("bench_page.potsbefore_potsafter_pots", { potsBefore: e.potsBefore, potsAfter: e.potsAfter }),
        e.kind === "splitting" && e.otherLot && say("bench_page.other_part", { otherLot: e.otherLot }),
        e.why,
      ]
        .filter(Boolean)
        .join("; ");
    case "watering":
      return [
        say("bench_page.litreseach_each_pot", { litresEach: shown.litres(e.litresEach) }),
        e.way !== "top" && words("trait_words", `way.${e.way}`),
        e.flush && say("common.flushed"),
        e.ofPots && say("bench_page.pots_of_it_only", { pots: e.ofPots }),
        e.seen?.note,
      ]
        .filter(Boolean)
        .join("; ");
    case "feeding":
      return [
        BESIDE.includes(e.way)
          ? words("given_beside", e.way, { product: shown.product(e.productEach, e.measure), feedName: e.feedName })
          : say("bench_page.each_pot_of", {
              litresEach: shown.litres(e.litresEach),
              product: shown.product(e.productEach, e.measure),
              feedName: e.feedName,
            }),
        !["top", ...BESIDE].includes(e.way) && words("trait_words", `way.${e.way}`),
        e.ofPots && say("bench_page.pots_of_it_only", { pots: e.ofPots }),
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
  if (journal.isPending) return <Loading what={say("bench_page.the_journal")} />;
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
              {say(d.label)}
            </Button>
          ))}
        <input
          type="search"
          aria-label={say("bench_page.find_in_the_journal")}
          placeholder={say("bench_page.find_in_the_journal")}
          className="box ml-auto !w-52 !font-text"
          value={find}
          onChange={(e) => setFind(e.target.value)}
        />
      </div>
      {entries.length === 0 ? (
        <Nothing title={say("bench_page.nothing_has_happened_yet")}>
          <p>{say("bench_page.what_is_ticked_off_on_today")}</p>
        </Nothing>
      ) : (
        <table className="w-full border-collapse text-left">
          <thead>
            <tr className="note border-b border-rule-strong">
              <th className="hidden py-1 font-semibold sm:table-cell">{say("bench_page.row")}</th>
              <th className="font-semibold">{say("bench_page.when")}</th>
              <th className="font-semibold">{say("common.what")}</th>
              <th className="font-semibold">{say("bench_page.how_much")}</th>
              <th className="no-print">
                <span className="sr-only">{say("common.change")}</span>
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
                  {e.clockAhead && say("bench_page.senders_clock_ran_ahead")}
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
                          aria-label={say("bench_page.amend_row", { id: e.id })}
                        >
                          {say("bench_page.amend")}
                        </Button>
                      )}
                      <Button
                        look="quiet"
                        className="text-sm"
                        onClick={() => undo(e.actId)}
                        aria-label={say("bench_page.undo_row", { id: e.id })}
                      >
                        {say("common.undo")}
                      </Button>
                    </>
                  )}
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
      {entries.length > 0 && listed.length === 0 && (
        <p className="note p-3">{say("bench_page.no_line_is_like_that")}</p>
      )}
      {journal.hasNextPage && (
        <Button className="mt-2" onClick={() => void journal.fetchNextPage()} disabled={journal.isFetchingNextPage}>
          {journal.isFetchingNextPage ? say("bench_page.fetching") : say("bench_page.older_lines")}
        </Button>
      )}
      {deed && (
        <DeedPanel deed={deed} lots={[lot]} garden={garden} catalogue={catalogue} close={() => setDeed(undefined)} />
      )}
      {amended && <Amend entry={amended} garden={garden} close={() => setAmended(undefined)} />}
    </>
  );
}

/** Ways in which feed is given without water. */
const BESIDE = ["strewn", "sprayed", "mixed_in", "placed"];

/** A line as it should have been; the old one stays in the journal, struck out. */
function Amend({ entry: e, garden, close }: { entry: Entry; garden: Garden; close: () => void }) {
  const { event } = e;
  const fed = event.kind === "feeding" ? event : undefined;
  const feeds = useQuery({ ...feedsQuery(garden.id), enabled: fed !== undefined }).data ?? [];
  const beside = fed !== undefined && BESIDE.includes(fed.way);
  const poured = event.kind === "watering" || (event.kind === "feeding" && !beside);
  const read = event.kind === "reading" ? event : undefined;
  const key = useRef(newId());
  const told = useTold(garden.id);
  const [on, setOn] = useState<string>();
  const [litres, setLitres] = useState({ text: poured ? plain(event.litresEach) : "", unit: "L" });
  const [amount, setAmount] = useState({
    text: fed ? plain(fed.productEach) : "",
    unit: fed?.measure === "grams" ? "g" : "mL",
  });
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
                ...(fed && amount.text !== plain(fed.productEach) ? { amountEach: amount } : {}),
                ...(event.kind === "note" ? { note } : {}),
              },
            }),
          ),
    (done) => {
      told(say("bench_page.amended"), done.actId);
      close();
    },
  );
  const faults = act.error?.faults ?? [];
  return (
    <Form
      title={say("bench_page.amend_entries_moment", {
        entries: words("entries", event.kind),
        moment: moment(e.occurredAt, garden.timeZone),
      })}
      close={close}
      act={act}
      label={say("bench_page.amend")}
    >
      {!read && (
        <DateField
          label={say("bench_page.on_another_day")}
          field="occurred_at"
          faults={faults}
          value={on}
          onChange={setOn}
        />
      )}
      {poured && (
        <NumberField
          label={say("bench_page.each_pot_got")}
          field="litres"
          faults={faults}
          value={litres}
          units={["L", "mL", "US qt", "US fl oz"]}
          onChange={setLitres}
        />
      )}
      {fed && (
        <NumberField
          label={say("bench_page.product_in_each_pot")}
          field="amount"
          faults={faults}
          value={amount}
          units={productUnits(
            garden,
            feeds.find((f) => f.name === fed.feedName),
          )}
          onChange={setAmount}
        />
      )}
      {event.kind === "note" && (
        <>
          <label htmlFor="amended-note" className="block text-sm">
            {say("common.note")}
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
            label={say("bench_page.tds_or_ec")}
            field="reading.ec"
            faults={faults}
            value={ec}
            units={["ppm", "mS/cm", "µS/cm"]}
            onChange={setEc}
          />
        </div>
      )}
    </Form>
  );
}
