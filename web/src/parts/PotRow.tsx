import type { ReactNode } from "react";
import type { MixInPot } from "../api";
import type { Shown } from "../text/numbers";
import { figures } from "../text/numbers";
import { PotBody } from "./PotBody";
import { say, rich } from "../text";
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
              aria-label={say("parts.in_section_water_and_air_when", {
                name: p.name,
                capacity: Math.round(p.mix.capacity),
                air: Math.round(p.mix.air),
              })}
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
              {rich("parts.air_water", {
                b: (c) => <b>{c}</b>,
                air: figures(p.mix.air),
                b2: (c) => <b className="text-water">{c}</b>,
                capacity: figures(p.mix.capacity),
              })}{" "}
              <span className="note whitespace-nowrap">± {Math.round(p.mix.plusMinus)}</span>
            </p>
            <p className="note fig">
              {say("parts.of_mix_deep", {
                litres: shown.litres(p.mix.litres),
                centimetres: shown.centimetres(p.mix.mixHeightCm),
              })}
              <br />
              {say("parts.for_roots_wet", {
                availableLitres: shown.litres(p.mix.availableLitres),
                kilograms: shown.kilograms(p.mix.wetKg),
              })}
            </p>
            {foot(i)}
          </li>
        );
      })}
    </ul>
  );
}
