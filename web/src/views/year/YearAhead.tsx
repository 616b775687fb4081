import { useQuery } from "@tanstack/react-query";
import { Link, useNavigate, useSearch } from "@tanstack/react-router";
import { useState } from "react";
import type { Garden, Year } from "../../api";
import { gardenQuery, useGardenId, yearQuery } from "../../api/queries";
import { words, say } from "../../text";
import { day, month, monthLetter } from "../../text/numbers";
import { Loading, Nothing, Trouble } from "../../ui/States";

type LotYear = Year["lots"][number];

const DAY_MS = 86_400_000;
const WIDE = 730;
/** Each day is two units wide. */
const STEP = 2;

/** The year before each lot in one ribbon: how it grows, when it is fed, flushed and repotted, what holds the feed back. */
export function YearAhead() {
  const id = useGardenId();
  const { place } = useSearch({ from: "/g/$garden/year/ribbons" });
  const navigate = useNavigate({ from: "/g/$garden/year/ribbons" });
  const [find, setFind] = useState("");
  const year = useQuery(yearQuery(id, find, place));
  const garden = useQuery(gardenQuery(id)).data;
  if (year.isPending || !garden) return <Loading what={say("year_page.the_year_ahead")} />;
  if (year.isLoadingError) return <Trouble problem={year.error} again={() => void year.refetch()} />;
  const y = year.data;
  return (
    <div className="min-w-0">
      <div className="mb-2 flex flex-wrap items-center gap-3">
        <h1 className="text-2xl">{say("frame.the_year_ahead_2")}</h1>
        <input
          type="search"
          aria-label={say("common.find_a_lot")}
          placeholder={say("common.find_a_lot")}
          className="box !w-48 !font-text"
          value={find}
          onChange={(e) => setFind(e.target.value)}
        />
        <select
          aria-label={say("common.place")}
          className="box !w-48 !font-text"
          value={place ?? ""}
          onChange={(e) => void navigate({ search: e.target.value ? { place: e.target.value } : {} })}
        >
          <option value="">{say("year_page.every_place")}</option>
          {garden.places
            .filter((p) => !p.retired)
            .map((p) => (
              <option key={p.id} value={p.id}>
                {p.name}
              </option>
            ))}
        </select>
      </div>
      <p className="note mb-2">{say("year_page.the_hill_is_growth_strokes_beneath")}</p>
      {y.lots.length === 0 ? (
        <Nothing title={say("year_page.no_lot_is_here")} />
      ) : (
        <div className="grid grid-cols-[8.5rem_1fr] items-center gap-x-3 sm:grid-cols-[12rem_1fr]">
          <span />
          <Months from={y.from} />
          {y.lots.map((l) => (
            <Row key={l.lotId} lot={l} from={y.from} garden={garden} />
          ))}
        </div>
      )}
      {y.all > y.lots.length && (
        <p className="note mt-2">
          {say("year_page.of_lots_find_others_by_name", { count: y.lots.length, all: y.all })}
        </p>
      )}
    </div>
  );
}

const at = (iso: string, from: string) => ((Date.parse(iso) - Date.parse(from)) / DAY_MS) * STEP;

function Months({ from }: { from: string }) {
  const start = new Date(`${from}T00:00:00Z`);
  const firsts = Array.from({ length: 12 }, (_, i) =>
    new Date(Date.UTC(start.getUTCFullYear(), start.getUTCMonth() + i + 1, 1)).toISOString().slice(0, 10),
  );
  return (
    <svg viewBox={`0 0 ${WIDE} 16`} className="w-full" aria-hidden="true">
      {firsts.map((m) => (
        <g key={m}>
          <line x1={at(m, from)} x2={at(m, from)} y1="2" y2="16" stroke="var(--rule-strong)" />
          <text x={at(m, from) + 4} y="12" fontSize="12" fill="var(--soft)">
            {monthLetter(m)}
          </text>
        </g>
      ))}
    </svg>
  );
}

function told(l: LotYear): string {
  const holds = l.holds.map((h) =>
    say("year_page.from_to", { holds: words("holds", h.hold), day: day(h.from), day2: day(h.to) }),
  );
  return [
    say("year_page.feeds", { name: l.name, count: l.feeds.length }),
    ...l.fedThroughout.map((f) => say("year_page.fed_at_every_watering", { from: day(f.from), to: day(f.to) })),
    ...l.coated.map((c) => say("year_page.coated_feed_gives", { from: day(c.from), to: day(c.to) })),
    ...(l.feeds[0] ? [say("year_page.the_next", { day: day(l.feeds[0]) })] : []),
    ...holds,
    ...(l.flushes[0] ? [say("year_page.flush", { day: day(l.flushes[0]) })] : []),
    ...(l.repot ? [say("year_page.fresh_mix_from", { day: day(l.repot) })] : []),
    ...(l.mixSpent ? [say("year_page.the_mix_is_used_up_about", { month: month(l.mixSpent) })] : []),
  ].join("; ");
}

function Row({ lot: l, from, garden }: { lot: LotYear; from: string; garden: Garden }) {
  const points = [...l.growth, l.growth[l.growth.length - 1] ?? 0];
  const hill = points.map((g, i) => `${Math.min(WIDE, i * l.daysAPoint * STEP)},${34 - g * 28}`).join(" ");
  const held = [...l.holds].sort((a, b) => at(a.from, from) - at(b.from, from));
  const place = garden.places.find((p) => p.id === l.placeId)?.name;
  const pattern = `held-${l.lotId}`;
  return (
    <>
      <div className="border-b border-rule py-1">
        <Link
          to="/g/$garden/bench/$lot"
          params={{ garden: garden.id, lot: l.lotId }}
          className="block min-h-8 no-underline hover:underline"
        >
          {l.name}
          <span className="note block">{place}</span>
        </Link>
      </div>
      <svg viewBox={`0 0 ${WIDE} 62`} className="w-full border-b border-rule" role="img" aria-label={told(l)}>
        <defs>
          <pattern id={pattern} width="6" height="6" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
            <line x1="0" x2="0" y1="0" y2="6" stroke="var(--stop)" strokeWidth="1.2" opacity="0.55" />
          </pattern>
        </defs>
        <polygon points={`0,34 ${hill} ${WIDE},34`} fill="var(--water)" opacity="0.25" />
        <polyline points={hill} fill="none" stroke="var(--water)" strokeWidth="1.5" />
        {l.coated.map((c) => (
          <g key={c.from}>
            <title>{say("year_page.coated_feed_gives", { from: day(c.from), to: day(c.to) })}</title>
            <rect
              x={at(c.from, from)}
              y="47"
              width={Math.max(3, at(c.to, from) - at(c.from, from))}
              height="3"
              fill="none"
              stroke="var(--feed)"
              strokeWidth="1.2"
            />
          </g>
        ))}
        {held.map((h) => (
          <g key={h.hold + h.from}>
            <title>{say("year_page.to", { holds: words("holds", h.hold), day: day(h.from), day2: day(h.to) })}</title>
            <rect
              x={at(h.from, from)}
              y="36"
              width={Math.max(1, at(h.to, from) - at(h.from, from))}
              height="10"
              fill={`url(#${pattern})`}
            />
          </g>
        ))}
        {labels(held, from).map((t) => (
          <text key={t.x} x={t.x} y="60" fontSize="10" fill="var(--soft)">
            {t.text}
          </text>
        ))}
        {l.fedThroughout.map((f) => (
          <g key={f.from}>
            <title>{say("year_page.fed_at_every_watering", { from: day(f.from), to: day(f.to) })}</title>
            <rect
              x={at(f.from, from)}
              y="37"
              width={Math.max(3, at(f.to, from) - at(f.from, from))}
              height="6"
              fill="var(--feed)"
            />
          </g>
        ))}
        {l.feeds.map((f) => (
          <line key={f} x1={at(f, from)} x2={at(f, from)} y1="35" y2="46" stroke="var(--feed)" strokeWidth="3" />
        ))}
        {l.flushes.map((f) => (
          <text key={f} x={at(f, from) - 4} y="33" fontSize="11" fill="var(--ink)">
            ◇
          </text>
        ))}
        {l.mixSpent && at(l.mixSpent, from) < WIDE && (
          <g>
            <title>{say("year_page.the_mix_is_used_up_about_month", { month: month(l.mixSpent) })}</title>
            <line
              x1={Math.max(1, at(l.mixSpent, from))}
              x2={Math.max(1, at(l.mixSpent, from))}
              y1="2"
              y2="46"
              stroke="var(--ink)"
              strokeWidth="1.6"
              strokeDasharray="3 3"
            />
          </g>
        )}
        {l.repot && (
          <text x={at(l.repot, from)} y="12" fontSize="13" fill="var(--ink)">
            ▽
          </text>
        )}
      </svg>
    </>
  );
}

/** Names of the holds beneath their days, where there is room for them. */
function labels(held: LotYear["holds"], from: string): { x: number; text: string }[] {
  const out: { x: number; text: string }[] = [];
  let free = 0;
  for (const h of held) {
    const x = Math.max(at(h.from, from), free);
    const text = words("holds", h.hold);
    if (x + text.length * 5.2 < WIDE && x < at(h.to, from) + 40) {
      out.push({ x, text });
      free = x + text.length * 5.2 + 8;
    }
  }
  return out;
}
