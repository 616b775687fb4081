import { Link } from "@tanstack/react-router";
import { useState } from "react";
import type { Due, Garden, Seen } from "../../api";
import { record } from "../../api/outbox";
import { PotMark } from "../../parts/PotMark";
import { WayMark } from "../../parts/WayMark";
import { words, say } from "../../text";
import { figures, type Shown } from "../../text/numbers";
import { Segmented } from "../../ui/Segmented";
import { Leave } from "./Leave";
import { useParts } from "./useParts";

const DRYNESS = ["WET", "MOIST", "RIGHT", "DRY", "BONE_DRY"] as const;

/** Ways that go by the clock rather than by a measure. */
const BY_TIME = ["dunked", "drip", "overhead"];

type Props = { due: Due; garden: Garden; shown: Shown; vessel: string };

/** One lot of the round: what it gets, a tick for a thumb, and more for who looks closer. */
export function WorkRow({ due: d, garden, shown, vessel }: Props) {
  const [open, setOpen] = useState(false);
  const place = garden.places.find((p) => p.id === d.lot.placeId);
  const done = (seen?: Seen) =>
    record(garden.id, {
      lotId: d.lot.id,
      lotName: d.lot.name,
      item: d.item,
      vesselId: vessel,
      ...(seen ? { seen } : {}),
    });
  return (
    <li className="border-b border-rule py-2">
      <div className="flex items-center gap-3">
        <PotMark left={d.leftShare} shape={d.lot.shape} />
        <div className="min-w-0 flex-1">
          <Link
            to="/g/$garden/bench/$lot"
            params={{ garden: garden.id, lot: d.lot.id }}
            className="text-lg no-underline hover:underline"
          >
            {d.lot.name}
          </Link>
          <p className="note">
            {place?.name}
            {d.lot.pots > 1 && say("common.pots", { pots: d.lot.pots })}
            {d.overdueDays > 0 && (
              <b className="text-stop"> {say("today_page.days_late", { overdueDays: d.overdueDays })}</b>
            )}{" "}
            <button
              type="button"
              aria-expanded={open}
              aria-label={say("today_page.name_say_more_or_leave_it", { name: d.lot.name })}
              onClick={() => setOpen(!open)}
              className="min-h-8 px-1 underline underline-offset-4"
            >
              {open ? say("today_page.less") : say("today_page.more_2")}
            </button>
          </p>
        </div>
        {d.way !== "top" && (
          <span className="hidden sm:block">
            <WayMark way={d.way} />
          </span>
        )}
        <p className="min-w-0 text-right wrap-anywhere">
          <b className="fig text-2xl whitespace-nowrap">
            {d.beside
              ? d.beside.sprayLitres !== undefined
                ? shown.litres(d.beside.sprayLitres)
                : shown.product(d.beside.each, d.beside.measure)
              : BY_TIME.includes(d.way) && d.minutes !== undefined
                ? say("today_page.for_minutes", { minutes: Math.max(1, Math.round(d.minutes)) })
                : shown.litres(d.litresEach)}
          </b>
          <span className="note block">
            {d.beside
              ? say("today_page.beside_on_each", { way: d.beside.way, pots: d.lot.pots })
              : d.way === "top"
                ? d.lot.pots > 1
                  ? say("today_page.each_pot")
                  : say("today_page.to_this_pot")
                : say("today_page.way_gets", {
                    way: d.way,
                    minutes: Math.round(d.minutes ?? 0),
                    mm: figures(d.mm ?? 0),
                  })}
            {d.times > 1 && say("today_page.in_parts", { times: d.times })}
          </span>
        </p>
        {!open && d.times > 1 && <Parts due={d} done={done} />}
        {!open && d.times === 1 && (
          <button
            type="button"
            onClick={() => done()}
            aria-label={say("today_page.name_done_2", { name: d.lot.name })}
            className="min-h-14 min-w-16 shrink-0 px-1 rounded-[2px] border-2 border-ink bg-leaf text-lg hover:bg-ink hover:text-ground"
          >
            {say("common.done")}
          </button>
        )}
      </div>
      {open && <More {...{ d, garden, shown, done }} />}
    </li>
  );
}

/** A mark for each part of the day; with the last the watering is done. */
function Parts({ due: d, done }: { due: Due; done: () => void }) {
  const { parts, marked, mark } = useParts(d, done);
  return (
    <div
      role="group"
      aria-label={say("today_page.parts_of_the_day", { name: d.lot.name })}
      className="grid shrink-0 gap-1"
    >
      {parts.map((part) => (
        <button
          key={part}
          type="button"
          aria-pressed={marked.includes(part)}
          aria-label={say("today_page.name_part_done", { name: d.lot.name, part: say(part) })}
          onClick={() => mark(part)}
          className="min-h-11 min-w-20 border-2 border-ink bg-leaf px-1 aria-pressed:bg-ink aria-pressed:text-ground"
        >
          {marked.includes(part) ? "✓ " : ""}
          {say(part)}
        </button>
      ))}
    </div>
  );
}

function More({ d, garden, done }: { d: Due; garden: Garden; done: (seen?: Seen) => void }) {
  const us = garden.unitHabit === "us";
  const [dryness, setDryness] = useState("");
  const [before, setBefore] = useState("");
  const [after, setAfter] = useState("");
  const [runoff, setRunoff] = useState("");
  const [note, setNote] = useState("");
  const typed = (text: string, unit: string) => (text.trim() ? { text, unit } : undefined);
  const seen = (): Seen | undefined => {
    const s: Seen = {
      ...(dryness ? { dryness: dryness as NonNullable<Seen["dryness"]> } : {}),
      ...(before.trim() ? { before: typed(before, us ? "oz" : "g")! } : {}),
      ...(after.trim() ? { after: typed(after, us ? "oz" : "g")! } : {}),
      ...(runoff.trim() ? { runoff: typed(runoff, us ? "US fl oz" : "mL")! } : {}),
      ...(note.trim() ? { note } : {}),
    };
    return Object.keys(s).length > 0 ? s : undefined;
  };
  const field = (label: string, value: string, set: (v: string) => void, unit: string) => (
    <label className="text-sm">
      {label}
      <span className="flex items-center gap-1">
        <input
          className="box w-full"
          inputMode="decimal"
          autoComplete="off"
          value={value}
          onChange={(e) => set(e.target.value)}
        />
        <span className="fig note">{unit}</span>
      </span>
    </label>
  );
  return (
    <div className="mt-2 border-l-4 border-rule-strong pl-3">
      <p className="text-sm">{say("today_page.before_you_water_it_felt")}</p>
      <Segmented
        label={say("today_page.how_dry_it_felt", { name: d.lot.name })}
        value={dryness}
        onChange={setDryness}
        options={DRYNESS.map((x) => ({ value: x, label: words("dryness", x.toLowerCase()) }))}
      />
      <div className="mt-2 grid grid-cols-3 gap-2">
        {field(say("today_page.one_pot_weighs_before"), before, setBefore, us ? "oz" : "g")}
        {field(say("today_page.drained_after"), after, setAfter, us ? "oz" : "g")}
        {field(say("today_page.ran_through"), runoff, setRunoff, us ? "fl oz" : "mL")}
      </div>
      <label className="mt-2 block text-sm">
        {say("common.note")}
        <input
          className="box w-full !font-text"
          autoComplete="off"
          value={note}
          onChange={(e) => setNote(e.target.value)}
        />
      </label>
      <div className="my-2 flex flex-wrap items-end gap-x-6 gap-y-2">
        <button
          type="button"
          onClick={() => done(seen())}
          aria-label={say("today_page.name_done_2", { name: d.lot.name })}
          className="min-h-14 min-w-24 rounded-[2px] border-2 border-ink bg-leaf text-lg hover:bg-ink hover:text-ground"
        >
          {say("common.done")}
        </button>
        <Leave due={d} garden={garden} note={note} />
        <Link
          to="/g/$garden/ails/$lot"
          params={{ garden: garden.id, lot: d.lot.id }}
          className="inline-flex min-h-11 items-center"
        >
          {say("today_page.something_is_wrong")}
        </Link>
      </div>
    </div>
  );
}
