import type { Weather } from "../../api";
import { say } from "../../text";
import { day, figures, type Shown } from "../../text/numbers";

const WIDE = 1000;
const LEFT = 44;
const WARM_TOP = 16;
const WARM_BASE = 150;
const RAIN_TOP = 172;
const RAIN_BASE = 248;

/** Whole steps of a scale that hold what there is. */
function steps(low: number, high: number, step: number): number[] {
  const first = Math.floor(low / step);
  return Array.from({ length: Math.ceil(high / step) - first + 1 }, (_, i) => (first + i) * step);
}

/** The days side by side: how warm, how much rain fell and how much water the air took. */
export function WeatherPicture({ weather, shown, today }: { weather: Weather; shown: Shown; today: string }) {
  const { days } = weather;
  const warm = steps(Math.min(...days.map((d) => d.lowC)), Math.max(...days.map((d) => d.highC)), 5);
  const wet = steps(0, Math.max(5, ...days.map((d) => Math.max(d.rainMm, d.referenceMm))), 5);
  const room = (WIDE - LEFT) / days.length;
  const x = (i: number) => LEFT + (i + 0.5) * room;
  const between = (value: number, scale: number[], top: number, base: number) => {
    const [low, high] = [scale[0]!, scale[scale.length - 1]!];
    return base - ((value - low) / (high - low)) * (base - top);
  };
  const warmth = (c: number) => between(c, warm, WARM_TOP, WARM_BASE);
  const water = (mm: number) => between(mm, wet, RAIN_TOP, RAIN_BASE);
  const now = days.findIndex((d) => d.day === today);
  // every fourth day has its name, counted from today, so that no two touch
  const named = (i: number) => (i - Math.max(0, now)) % 4 === 0;
  const taken = days.map((d, i) => `${x(i)},${water(d.referenceMm)}`).join(" ");
  return (
    <figure className="m-0 mb-3">
      <svg viewBox={`0 0 ${WIDE} 272`} className="w-full" role="img" aria-label={said(weather, shown)}>
        {warm.map((c) => (
          <g key={c}>
            <line x1={LEFT} x2={WIDE} y1={warmth(c)} y2={warmth(c)} stroke="var(--rule)" />
            <text x={LEFT - 6} y={warmth(c) + 4} fontSize="11" textAnchor="end" fill="var(--soft)">
              {shown.celsius(c)}
            </text>
          </g>
        ))}
        <text x={LEFT} y="10" fontSize="11" fill="var(--soft)">
          {shown.degree}
        </text>
        {[wet[0]!, wet[wet.length - 1]!].map((mm) => (
          <g key={mm}>
            <line x1={LEFT} x2={WIDE} y1={water(mm)} y2={water(mm)} stroke="var(--rule)" />
            <text x={LEFT - 6} y={water(mm) + 4} fontSize="11" textAnchor="end" fill="var(--soft)">
              {mm}
            </text>
          </g>
        ))}
        {days.map((d, i) => (
          <g key={d.day} opacity={d.forecast ? 0.55 : 1}>
            <title>
              {say("year_page.weather_of_a_day", {
                day: day(d.day),
                low: shown.celsius(d.lowC),
                high: shown.celsius(d.highC),
                degree: shown.degree,
                rain: figures(d.rainMm),
                taken: figures(d.referenceMm),
              })}
            </title>
            <rect x={x(i) - room / 2} y="0" width={room} height={RAIN_BASE} fill="transparent" />
            <line
              x1={x(i)}
              x2={x(i)}
              y1={warmth(d.lowC)}
              y2={warmth(d.highC)}
              stroke="var(--ink)"
              strokeWidth={Math.min(10, room * 0.4)}
              strokeDasharray={d.forecast ? "4 2" : undefined}
            />
            {d.rainMm > 0 && (
              <rect
                x={x(i) - room * 0.3}
                y={water(d.rainMm)}
                width={room * 0.6}
                height={RAIN_BASE - water(d.rainMm)}
                fill="var(--water)"
              />
            )}
            {named(i) && (
              <text
                x={i === days.length - 1 ? x(i) + room / 2 : x(i)}
                y="266"
                fontSize="11"
                textAnchor={i === days.length - 1 ? "end" : "middle"}
                fill={d.day === today ? "var(--ink)" : "var(--soft)"}
                fontWeight={d.day === today ? 600 : 400}
              >
                {d.day === today ? say("parts.today") : day(d.day)}
              </text>
            )}
          </g>
        ))}
        <polyline
          points={taken}
          fill="none"
          stroke="var(--ink)"
          strokeWidth="1.5"
          strokeDasharray="1 3"
          strokeLinecap="round"
        />
      </svg>
      <figcaption className="note">{say("year_page.weather_legend")}</figcaption>
    </figure>
  );
}

function said({ days }: Weather, shown: Shown): string {
  return say("year_page.weather_said", {
    from: day(days[0]!.day),
    to: day(days[days.length - 1]!.day),
    low: shown.celsius(Math.min(...days.map((d) => d.lowC))),
    high: shown.celsius(Math.max(...days.map((d) => d.highC))),
    degree: shown.degree,
    rain: figures(days.reduce((sum, d) => sum + d.rainMm, 0)),
    taken: figures(days.reduce((sum, d) => sum + d.referenceMm, 0)),
  });
}
