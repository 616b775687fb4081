import {
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
  band: { low: number; high: number } | undefined;
  marks: Mark[];
  day: (at: number) => string;
};

/** One quantity over time against its band, each point with its ±, and a mark for what was done. */
export default function ReadingChart({ name, unit, points, band, marks, day }: Props) {
  const values = points.flatMap((p) => [p.value - p.plusMinus, p.value + p.plusMinus]);
  const low = band?.low ?? Math.min(...values);
  const high = band?.high ?? Math.max(...values);
  const pad = (high - low) * 0.15;
  const bottom = Math.max(0, Math.min(low, ...values) - pad);
  const top = Math.max(high, ...values) + pad;
  const times = [...points, ...marks].map((p) => p.at);
  const from = Math.min(...times) - DAY;
  const to = Math.max(...times) + DAY;
  return (
    <figure className="m-0">
      <figcaption className="text-sm">
        {name} <span className="note">({unit})</span>
      </figcaption>
      <div role="img" aria-label={`${name} over time; the readings are in the table below`}>
        <ResponsiveContainer width="100%" height={150}>
          <ComposedChart data={points} margin={{ top: 16, right: 8, bottom: 0, left: -18 }} accessibilityLayer={false}>
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
              formatter={(v) => [`${Number(v).toFixed(2)} ${unit}`, name]}
              contentStyle={{ background: "var(--leaf)", border: "1px solid var(--ink)" }}
            />
            <Line
              dataKey="value"
              stroke="var(--ink)"
              strokeWidth={2}
              dot={{ r: 4, fill: "var(--ink)" }}
              isAnimationActive={false}
            >
              <ErrorBar dataKey="plusMinus" stroke="var(--ink)" width={6} />
            </Line>
          </ComposedChart>
        </ResponsiveContainer>
      </div>
    </figure>
  );
}
