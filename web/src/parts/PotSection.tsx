import type { Layer } from "../api";
import type { Shown } from "../text/numbers";

const HEIGHT = 270;
const LEFT = 62;

/**
 * The pot cut open, to scale: each layer's tint is the share of its pores that hold water, as computed for that height;
 * beside it the same as a curve, water to the left of the line, air between it and the dashed edge of the pores.
 */
export function PotSection({
  layers,
  potHeightCm,
  topWidthCm,
  shown,
}: {
  layers: Layer[];
  potHeightCm: number;
  topWidthCm: number;
  shown: Shown;
}) {
  const first = layers[0];
  const last = layers[layers.length - 1];
  if (!first || !last) return null;
  const step = layers.length > 1 ? layers[1]!.aboveFloorCm - first.aboveFloorCm : potHeightCm;
  const mixHeight = last.aboveFloorCm + step / 2;
  const rim = Math.max(potHeightCm, mixHeight * 1.02);
  // the wall, height by height, from the layers' own widths; beyond the lowest it runs on as it does above it
  const beyond = layers.length > 1 ? first.widthCm - (layers[1]!.widthCm - first.widthCm) / 2 : first.widthCm;
  const wall = [
    { h: 0, w: Math.max(0, beyond) },
    ...layers.map((l) => ({ h: l.aboveFloorCm, w: l.widthCm })),
    { h: rim, w: topWidthCm },
  ];
  const widthAt = (h: number) => {
    const i = wall.findIndex((p) => p.h >= h);
    const above = wall[Math.max(i, 1)] ?? wall[wall.length - 1]!;
    const below = wall[Math.max(i, 1) - 1] ?? wall[0]!;
    return below.w + ((above.w - below.w) * (h - below.h)) / (above.h - below.h || 1);
  };
  const widest = Math.max(...wall.map((p) => p.w));
  const scale = Math.min(HEIGHT / rim, 250 / widest);
  const drawn = rim * scale;
  const middle = LEFT + 125;
  const y = (h: number) => 12 + drawn - h * scale;
  const x = (h: number, side: number) => middle + (side * widthAt(h) * scale) / 2;
  const side = (s: number, points: typeof wall) => points.map((p) => `${x(p.h, s)},${y(p.h)}`).join("L");
  const curveLeft = LEFT + 280;
  const curve = (v: number) => curveLeft + v * 90;
  const path = (of: (l: Layer) => number) =>
    layers.map((l, i) => `${i ? "L" : "M"}${curve(of(l)).toFixed(1)},${y(l.aboveFloorCm).toFixed(1)}`).join("");
  const mean = (of: (l: Layer) => number) => Math.round((layers.reduce((s, l) => s + of(l), 0) / layers.length) * 100);
  const ticks = [0, mixHeight / 2, mixHeight];
  return (
    <figure className="m-0">
      <svg
        viewBox={`0 0 ${LEFT + 380} ${drawn + 46}`}
        className="w-full"
        role="img"
        aria-label={`Pot in section. Water fills ${Math.round(first.water * 100)} % of the mix at the floor and ${Math.round(last.water * 100)} % at the top; ${mean((l) => l.water)} % on average, with ${mean((l) => l.porosity - l.water)} % air.`}
      >
        {layers.map((l) => {
          const low = l.aboveFloorCm - step / 2;
          const high = l.aboveFloorCm + step / 2;
          return (
            <polygon
              key={l.aboveFloorCm}
              points={`${x(low, -1)},${y(low)} ${x(low, 1)},${y(low)} ${x(high, 1)},${y(high)} ${x(high, -1)},${y(high)}`}
              fill="var(--water)"
              fillOpacity={(l.water / l.porosity) * 0.85}
            />
          );
        })}
        <path
          d={`M${side(-1, [...wall].reverse())}L${side(1, wall)}`}
          fill="none"
          stroke="var(--ink)"
          strokeWidth="2.5"
        />
        <path
          d={`M${x(rim, -1) - 5},${y(rim)}h8M${x(rim, 1) - 3},${y(rim)}h8`}
          stroke="var(--ink)"
          strokeWidth="2.5"
          fill="none"
        />
        <line
          x1={x(mixHeight, -1)}
          x2={x(mixHeight, 1)}
          y1={y(mixHeight)}
          y2={y(mixHeight)}
          stroke="var(--ink)"
          strokeDasharray="1 3"
        />
        {ticks.map((t) => (
          <g key={t}>
            <line x1={LEFT - 8} x2={LEFT - 2} y1={y(t)} y2={y(t)} stroke="var(--rule-strong)" />
            <text x={LEFT - 11} y={y(t) + 4} textAnchor="end" fontSize="11" className="fig" fill="var(--soft)">
              {shown.centimetres(t)}
            </text>
          </g>
        ))}
        <line x1={curveLeft} x2={curveLeft} y1={y(mixHeight)} y2={y(0)} stroke="var(--rule-strong)" />
        <line x1={curveLeft} x2={curve(1)} y1={y(0)} y2={y(0)} stroke="var(--rule-strong)" />
        <path
          d={`${path((l) => l.water)}L${curve(0)},${y(last.aboveFloorCm)}L${curve(0)},${y(0)}L${curve(first.water)},${y(0)}Z`}
          fill="var(--water-wash)"
        />
        <path d={path((l) => l.water)} fill="none" stroke="var(--water)" strokeWidth="2.5" />
        <path d={path((l) => l.porosity)} fill="none" stroke="var(--ink)" strokeDasharray="3 3" />
        <text x={curveLeft} y={y(0) + 14} fontSize="11" className="fig" fill="var(--soft)">
          0
        </text>
        <text x={curve(1)} y={y(0) + 14} fontSize="11" textAnchor="end" className="fig" fill="var(--soft)">
          100 %
        </text>
        <text x={curve(0.5)} y={y(0) + 28} fontSize="11" textAnchor="middle" className="fig" fill="var(--soft)">
          water │ air ┆ solid
        </text>
      </svg>
    </figure>
  );
}
