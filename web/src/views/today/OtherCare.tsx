import { Link } from "@tanstack/react-router";
import { useState } from "react";
import type { Garden, Tended, Today } from "../../api";
import { record } from "../../api/outbox";
import { words, say, rich } from "../../text";
import type { Shown } from "../../text/numbers";
import { Button } from "../../ui/Button";
import { Leave } from "./Leave";
import { TendedFields } from "../../parts/TendedFields";

type Group = Today["chores"][number];
type Row = Group["due"][number];

const FIRST = 6;

/** Care beside water and feed: what to do, what to mind, then lot by lot. */
export function OtherCare({ groups, garden, shown }: { groups: Group[]; garden: Garden; shown: Shown }) {
  return (
    <section aria-label={say("common.other_care")} className="mb-6">
      <h2 className="mb-2 text-xl">{say("common.other_care")}</h2>
      {groups.map((g) => (
        <Kind key={g.chore} group={g} garden={garden} shown={shown} />
      ))}
    </section>
  );
}

function Kind({ group: g, garden, shown }: { group: Group; garden: Garden; shown: Shown }) {
  const [all, setAll] = useState(false);
  const rows = all ? g.due : g.due.slice(0, FIRST);
  const done = (d: Row, tended?: Tended) =>
    record(garden.id, { lotId: d.lot.id, lotName: d.lot.name, item: d.item, ...(tended ? { tended } : {}) });
  return (
    <section className="mb-4" aria-label={words("chores", g.chore)}>
      <h3 className="border-b-2 border-rule-strong pb-0.5 text-lg">
        {words("chores", g.chore)} <span className="note">{say("common.counted_lots", { count: g.due.length })}</span>
      </h3>
      <p className="note py-1">{words("chore_notes", g.chore)}</p>
      {g.cautions.length > 0 && (
        <details className="no-print text-sm">
          <summary className="inline-block min-h-8 cursor-pointer leading-8 underline underline-offset-4">
            {say("today_page.what_to_mind", { which: g.chore === "look_over" ? "yes" : "no" })}
          </summary>
          <ul className="mb-1 list-none p-0">
            {g.cautions.map((c) => (
              <li key={c}>▲ {words("cautions", c)}</li>
            ))}
          </ul>
        </details>
      )}
      <ul className="list-none p-0">
        {rows.map((d) => (
          <CareRow key={d.lot.id} row={d} chore={g.chore} garden={garden} shown={shown} done={(t) => done(d, t)} />
        ))}
      </ul>
      <p className="no-print flex gap-4 py-1">
        {rows.length < g.due.length && (
          <Button look="quiet" className="min-h-11" onClick={() => setAll(true)}>
            {say("today_page.more", { value: g.due.length - rows.length })}
          </Button>
        )}
        {g.due.length > 1 && g.chore !== "look_over" && (
          <Button look="quiet" className="min-h-11" onClick={() => g.due.forEach((d) => done(d))}>
            {say("today_page.all_done", { count: g.due.length })}
          </Button>
        )}
      </p>
    </section>
  );
}

function why(d: Row, shown: Shown): string {
  return d.everyDays !== undefined
    ? say("today_page.every_days", { everyDays: d.everyDays })
    : say("today_page.nights_down_to_stands", {
        celsius: shown.celsius(d.nightC ?? 0),
        degree: shown.degree,
        celsius2: shown.celsius(d.standsC ?? 0),
      });
}

function CareRow({
  row: d,
  chore,
  garden,
  shown,
  done,
}: {
  row: Row;
  chore: string;
  garden: Garden;
  shown: Shown;
  done: (tended?: Tended) => void;
}) {
  const [open, setOpen] = useState(false);
  const [tended, setTended] = useState<Tended>({});
  const place = garden.places.find((p) => p.id === d.lot.placeId)?.name;
  const look = chore === "look_over";
  return (
    <li className="border-b border-rule py-1.5">
      <div className="flex items-center gap-3">
        <div className="min-w-0 flex-1">
          <Link
            to="/g/$garden/bench/$lot"
            params={{ garden: garden.id, lot: d.lot.id }}
            className="no-underline hover:underline"
          >
            {d.lot.name}
          </Link>
          <p className="note">
            {place} · {why(d, shown)}{" "}
            <button
              type="button"
              aria-expanded={open}
              aria-label={say("today_page.say_more_or_leave_it", { name: d.lot.name, chores: words("chores", chore) })}
              onClick={() => setOpen(!open)}
              className="min-h-8 px-1 underline underline-offset-4"
            >
              {open ? say("today_page.less") : say("today_page.more_2")}
            </button>
          </p>
        </div>
        <button
          type="button"
          onClick={() => done(look && !tended.found ? { ...tended, found: "nothing" } : tended)}
          aria-label={say("today_page.done", { name: d.lot.name, chores: words("chores", chore) })}
          className="min-h-12 min-w-16 rounded-[2px] border-2 border-ink bg-leaf px-2 hover:bg-ink hover:text-ground"
        >
          {look && (tended.found ?? "nothing") === "nothing" ? say("today_page.clean") : say("common.done")}
        </button>
      </div>
      {open && (
        <div className="mt-2 border-l-4 border-rule-strong pl-3">
          <TendedFields look={look} tended={tended} change={setTended} faults={[]} />
          {(tended.found === "few" || tended.found === "many") && (
            <p className="my-1 text-sm">
              {rich("today_page.set_it_apart_and_say_so", {
                i: (c) => <i>{c}</i>,
                link: (c) => (
                  <Link
                    to="/g/$garden/bench/$lot"
                    params={{ garden: garden.id, lot: d.lot.id }}
                    search={{ tab: "pot" }}
                  >
                    {c}
                  </Link>
                ),
              })}
            </p>
          )}
          <Leave due={d} garden={garden} note="" reason="no_time" />
        </div>
      )}
    </li>
  );
}
