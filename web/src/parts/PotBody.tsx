import type { Layer } from "../api";
import type { Wall } from "./potWall";

/**
 * One pot cut open, as part of a drawing: each layer's tint is the share of its pores that hold water.
 *
 * @param x where a height's edge lies, −1 for the left and 1 for the right
 */
export function PotBody({
  layers,
  wall,
  x,
  y,
}: {
  layers: Layer[];
  wall: Wall;
  x: (h: number, side: number) => number;
  y: (h: number) => number;
}) {
  const side = (s: number, points: Wall["points"]) => points.map((p) => `${x(p.h, s)},${y(p.h)}`).join("L");
  const { mixHeight, rim, step } = wall;
  return (
    <>
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
        d={`M${side(-1, [...wall.points].reverse())}L${side(1, wall.points)}`}
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
    </>
  );
}
