import { say } from "../text";
import {
  Area,
  ComposedChart,
  ErrorBar,
  Label,
  Line,
  ReferenceArea,
  ReferenceLine,
  ResponsiveContainer,
  Tooltip,
  XAxis,
  YAxis,
} from "recharts";

const DAY = 86_400_000;

export type ChartPoint = { at: number; value: number; plusMinus: number };

/** Something done to the lot: feeding, flush, potting, treatment. */
export type Mark = { at: number; kind: string };

/** The line and its cone on a day to come. */
export type Ahead = { at: number; mid: number; low: number; high: number };

const MARKS: Record<string, { letter: string; colour: string }> = {
  feeding: { letter: "F", colour: "var(--feed)" },
  flush: { letter: "W", colour: "var(--water)" },
  potting: { letter: "P", colour: "var(--ink)" },
  treatment: { letter: "T", colour: "var(--stop)" },
};

type Props = {
  name: string;
  unit: string;
  points: ChartPoint[];
  /** What the can read, where that is shown beside what came out. */
  cans: ChartPoint[];
  ahead: Ahead[];
  /** What the line with the cone is. */
  line?: string;
  /** Whether the points are joined. */
  joined?: boolean;
  band: { low: number; high: number } | undefined;
  marks: Mark[];
  /** What is to be seen, in words. */
  says: string;
  day: (at: number) => string;
};

/** One quantity over time against its band, each point with its ±, where it heads, and a mark for what was done. */
export default function ReadingChart({
  name,
  unit,
  points,
  cans,
  ahead,
  line = say("parts.heading_for"),
  joined = true,
  band,
  marks,
  says,
  day,
}: Props) {
  const values = [...points, ...cans].flatMap((p) => [p.value - p.plusMinus, p.value + p.plusMinus]);
  const low = band?.low ?? Math.min(...values);
  const high = band?.high ?? Math.max(...values);
  const pad = (high - low) * 0.15;
  // the cone opens far: the axis goes as far as its line, and what the readings need
  const mids = ahead.map((a) => a.mid);
  const bottom = Math.max(0, Math.min(low, ...values, ...mids) - pad);
  const top = Math.max(high, ...values, ...mids) + pad;
  const times = [...points, ...marks, ...cans, ...ahead].map((p) => p.at);
  const from = Math.min(...times) - DAY;
  const to = Math.max(...times) + DAY;
  const within = (v: number) => Math.min(top, Math.max(bottom, v));
  const data = [
    ...points,
    ...cans.map((c) => ({ at: c.at, can: c.value })),
    ...ahead.map((a) => ({ at: a.at, mid: within(a.mid), cone: [within(a.low), within(a.high)] })),
  ].sort((a, b) => a.at - b.at);
  return (
    <figure className="m-0">
      <figcaption className="text-sm">
        {name} <span className="note">({unit})</span>
      </figcaption>
      <div role="img" aria-label={says}>
        <ResponsiveContainer width="100%" height={150}>
          <ComposedChart data={data} margin={{ top: 16, right: 8, bottom: 0, left: -18 }} accessibilityLayer={false}>
            {band && (
              <ReferenceArea y1={low} y2={high} fill="var(--water-wash)" fillOpacity={0.7} stroke="var(--water)" />
            )}
            {marks.map((m) => {
              const mark = MARKS[m.kind]!;
              return (
                <ReferenceLine key={`${m.kind}${m.at}`} x={m.at} stroke={mark.colour} strokeDasharray="2 3">
                  <Label value={mark.letter} position="top" fontSize={10} fill={mark.colour} />
                </ReferenceLine>
              );
            })}
            <XAxis
              dataKey="at"
              type="number"
              domain={[from, to]}
              tickFormatter={day}
              tick={{ fontSize: 11, fill: "var(--soft)" }}
            />
            <YAxis
              domain={[bottom, top]}
              ticks={[low, (low + high) / 2, high]}
              tickFormatter={(v: number) => v.toFixed(1)}
              tick={{ fontSize: 11, fill: "var(--soft)" }}
            />
            <Tooltip
              labelFormatter={(v) => day(Number(v))}
              formatter={(v, of) =>
                Array.isArray(v)
                  ? [
                      say("parts.to", { Number: Number(v[0]).toFixed(2), Number2: Number(v[1]).toFixed(2), unit }),
                      say("parts.likely", { line }),
                    ]
                  : [
                      `${Number(v).toFixed(2)} ${unit}`,
                      of === "can" ? say("parts.in_the_can") : of === "mid" ? line : name,
                    ]
              }
              contentStyle={{ background: "var(--leaf)", border: "1px solid var(--ink)" }}
            />
            {ahead.length > 0 && (
              <Area
                dataKey="cone"
                stroke="none"
                fill="var(--soft)"
                fillOpacity={0.2}
                isAnimationActive={false}
                connectNulls
              />
            )}
            {ahead.length > 0 && (
              <Line
                dataKey="mid"
                stroke="var(--soft)"
                strokeDasharray="5 4"
                dot={false}
                isAnimationActive={false}
                connectNulls
              />
            )}
            {cans.length > 0 && (
              <Line
                dataKey="can"
                stroke="var(--feed)"
                strokeDasharray="1 3"
                dot={{ r: 3, fill: "var(--ground)", stroke: "var(--feed)" }}
                isAnimationActive={false}
                connectNulls
              />
            )}
            <Line
              dataKey="value"
              stroke={joined ? "var(--ink)" : "none"}
              strokeWidth={2}
              dot={{ r: points.length > 60 ? 1.5 : 4, fill: "var(--ink)" }}
              isAnimationActive={false}
              connectNulls
            >
              {points.length <= 60 && <ErrorBar dataKey="plusMinus" stroke="var(--ink)" width={6} />}
            </Line>
          </ComposedChart>
        </ResponsiveContainer>
      </div>
    </figure>
  );
}
