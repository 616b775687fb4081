import type { ReactNode } from "react";
import type { MixInPot } from "../api";
import type { Shown } from "../text/numbers";
import { figures } from "../text/numbers";
import { PotBody } from "./PotBody";
import { wallOf } from "./potWall";

const TALLEST = 130;
const WIDEST = 130;

/** The same mix in several pots, drained, all drawn on one scale, each with what it holds there. */
export function PotRow({
  pots,
  shown,
  foot,
}: {
  pots: { name: string; mix: MixInPot }[];
  shown: Shown;
  foot: (i: number) => ReactNode;
}) {
  const walls = pots.map((p) => wallOf(p.mix.layers, p.mix.potHeightCm, p.mix.topWidthCm));
  const scale = Math.min(
    TALLEST / Math.max(...walls.map((w) => w?.rim ?? 1)),
    WIDEST / Math.max(...walls.map((w) => w?.widest ?? 1)),
  );
  return (
    <ul className="m-0 flex list-none flex-wrap items-end gap-x-4 gap-y-4 p-0">
      {pots.map((p, i) => {
        const wall = walls[i];
        if (!wall) return null;
        const width = Math.max(wall.widest * scale + 14, 60);
        const height = wall.rim * scale + 8;
        return (
          <li key={`${i} ${p.name}`} className="w-36">
            <svg
              width={width}
              height={height}
              viewBox={`0 0 ${width} ${height}`}
              role="img"
              aria-label={`${p.name}, in section: ${Math.round(p.mix.capacity)} % water and ${Math.round(p.mix.air)} % air when drained.`}
            >
              <PotBody
                layers={p.mix.layers}
                wall={wall}
                x={(h, side) => width / 2 + (side * wall.widthAt(h) * scale) / 2}
                y={(h) => height - 3 - h * scale}
              />
            </svg>
            <p className="text-sm leading-tight">{p.name}</p>
            <p className="fig text-sm">
              <b>{figures(p.mix.air)} %</b> air · <b className="text-water">{figures(p.mix.capacity)} %</b> water
            </p>
            <p className="note fig">
              {shown.litres(p.mix.litres)} of mix · {shown.centimetres(p.mix.mixHeightCm)} deep
              <br />
              {shown.litres(p.mix.availableLitres)} for roots · wet {shown.kilograms(p.mix.wetKg)}
            </p>
            {foot(i)}
          </li>
        );
      })}
    </ul>
  );
}
