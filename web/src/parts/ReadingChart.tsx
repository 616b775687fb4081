import {
  ComposedChart,
  ErrorBar,
  Line,
  ReferenceArea,
  ReferenceLine,
  ResponsiveContainer,
  Tooltip,
  XAxis,
  YAxis,
} from "recharts";

export type ChartPoint = { at: number; value: number; plusMinus: number };

type Props = {
  name: string;
  unit: string;
  points: ChartPoint[];
  low: number;
  high: number;
  feedings: number[];
  day: (at: number) => string;
};

/** One quantity over time against its band, each point with its ±, and a mark for each feed. */
export default function ReadingChart({ name, unit, points, low, high, feedings, day }: Props) {
  const values = points.flatMap((p) => [p.value - p.plusMinus, p.value + p.plusMinus]);
  const pad = (high - low) * 0.15;
  const bottom = Math.max(0, Math.min(low, ...values) - pad);
  const top = Math.max(high, ...values) + pad;
  const from = Math.min(...points.map((p) => p.at), ...feedings) - 86_400_000;
  const to = Math.max(...points.map((p) => p.at), ...feedings) + 86_400_000;
  return (
    <figure className="m-0">
      <figcaption className="text-sm">
        {name} <span className="note">({unit})</span>
      </figcaption>
      <div role="img" aria-label={`${name} over time; the readings are in the table below`}>
        <ResponsiveContainer width="100%" height={150}>
          <ComposedChart data={points} margin={{ top: 6, right: 8, bottom: 0, left: -18 }} accessibilityLayer={false}>
            <ReferenceArea y1={low} y2={high} fill="var(--water-wash)" fillOpacity={0.7} stroke="var(--water)" />
            {feedings.map((f) => (
              <ReferenceLine key={f} x={f} stroke="var(--feed)" strokeDasharray="2 3" />
            ))}
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
