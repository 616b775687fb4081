import type { Layer } from "../api";
import type { Shown } from "../text/numbers";
import { Crown } from "./Crown";
import { PotBody } from "./PotBody";
import { say } from "../text";
import { wallOf } from "./potWall";

const HEIGHT = 270;
const LEFT = 62;
/** A pot below a plant is never drawn smaller than this; its plant is then drawn as far as it goes. */
const LEAST = 100;
/** A tray, against the width of its pot. */
const TRAY = 1.5;
const TALLEST = 330;

/**
 * The pot cut open, to scale: each layer's tint is the share of its pores that hold water, as computed for that height;
 * beside it the same as a curve, water to the left of the line, air between it and the dashed edge of the pores.
 */
export function PotSection({
  layers,
  potHeightCm,
  topWidthCm,
  shown,
  plant,
  store,
}: {
  layers: Layer[];
  potHeightCm: number;
  topWidthCm: number;
  shown: Shown;
  /** What stands in it, drawn above it to the same scale. */
  plant?: { spreadCm: number; heightCm: number; shape: string } | undefined;
  /** Water that stands ready: below the pot, or in a tray around its foot; how deep when it is full, and how full it is. */
  store?: { around: boolean; deepCm: number; left: number } | undefined;
}) {
  const first = layers[0];
  const last = layers[layers.length - 1];
  if (!first || !last) return null;
  const wall = wallOf(layers, potHeightCm, topWidthCm);
  if (!wall) return null;
  const { mixHeight, rim, widthAt, widest } = wall;
  const below = store && !store.around ? store.deepCm : 0;
  const broad = store?.around ? TRAY * widest : widest;
  const alone = Math.min(HEIGHT / (rim + below), 250 / broad);
  const together = plant
    ? Math.min(TALLEST / (mixHeight + plant.heightCm), 250 / Math.max(broad, plant.spreadCm))
    : alone;
  const scale = Math.min(alone, Math.max(together, LEAST / rim));
  const above = plant ? Math.max(0, Math.min(TALLEST, (mixHeight + plant.heightCm - rim) * scale)) : 0;
  const drawn = rim * scale;
  const middle = LEFT + 125;
  const y = (h: number) => 12 + above + drawn - h * scale;
  const x = (h: number, side: number) => middle + (side * widthAt(h) * scale) / 2;
  const curveLeft = LEFT + 280;
  const curve = (v: number) => curveLeft + v * 90;
  const path = (of: (l: Layer) => number) =>
    layers.map((l, i) => `${i ? "L" : "M"}${curve(of(l)).toFixed(1)},${y(l.aboveFloorCm).toFixed(1)}`).join("");
  const mean = (of: (l: Layer) => number) => Math.round((layers.reduce((s, l) => s + of(l), 0) / layers.length) * 100);
  const ticks = [0, mixHeight / 2, mixHeight];
  return (
    <figure className="m-0">
      <svg
        viewBox={`0 0 ${LEFT + 380} ${above + drawn + below * scale + 46}`}
        className="w-full"
        role="img"
        aria-label={say("parts.pot_in_section_water_fills_of", {
          value: Math.round(first.water * 100),
          value2: Math.round(last.water * 100),
          mean: mean((l) => l.water),
          mean2: mean((l) => l.porosity - l.water),
        })}
      >
        {plant && (
          <Crown
            shape={plant.shape}
            middle={middle}
            foot={y(mixHeight)}
            wide={plant.spreadCm * scale}
            tall={plant.heightCm * scale}
          />
        )}
        {store && (
          <Store
            store={store}
            foot={y(0)}
            deep={store.deepCm * scale}
            left={store.around ? middle - (broad * scale) / 2 : x(0, -1)}
            right={store.around ? middle + (broad * scale) / 2 : x(0, 1)}
          />
        )}
        <PotBody layers={layers} wall={wall} x={x} y={y} />
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
          {say("parts.water_air_solid")}
        </text>
      </svg>
    </figure>
  );
}

/** The water that stands ready, in the vessel it stands in. */
function Store({
  store,
  foot,
  deep,
  left,
  right,
}: {
  store: { around: boolean; left: number };
  foot: number;
  deep: number;
  left: number;
  right: number;
}) {
  const top = store.around ? foot - deep : foot + 4;
  const level = top + deep * (1 - Math.max(0, Math.min(1, store.left)));
  return (
    <>
      <rect x={left} width={right - left} y={level} height={top + deep - level} fill="var(--water)" fillOpacity="0.6" />
      <path
        d={`M${left},${top - (store.around ? 4 : 0)}V${top + deep}H${right}V${top - (store.around ? 4 : 0)}`}
        fill="none"
        stroke="var(--ink)"
        strokeWidth="2.5"
      />
    </>
  );
}
