import { Slider } from "radix-ui";
import { say } from "../../text";
import { useId } from "react";

/** Hatchings that tell the parts of a mix apart without colour. */
const HATCH = [
  { angle: 0, gap: 1000 },
  { angle: 45, gap: 7 },
  { angle: -45, gap: 7 },
  { angle: 90, gap: 6 },
  { angle: 0, gap: 6 },
  { angle: 45, gap: 4 },
  { angle: -45, gap: 4 },
  { angle: 90, gap: 3.5 },
];

/** The hatching of the part at a place in the list. */
export function Hatch({ at, id }: { at: number; id: string }) {
  const h = HATCH[at % HATCH.length]!;
  return (
    <pattern id={id} width={h.gap} height={h.gap} patternUnits="userSpaceOnUse" patternTransform={`rotate(${h.angle})`}>
      <line x1="0" x2={h.gap} y1="0" y2="0" stroke="var(--ink)" strokeWidth="1.2" />
    </pattern>
  );
}

/** The mark that stands for a part beside its name. */
export function PartMark({ at }: { at: number }) {
  return (
    <svg width="18" height="18" aria-hidden="true" className="shrink-0">
      <defs>
        <Hatch at={at} id={`mark-${at}`} />
      </defs>
      <rect width="17" height="17" x=".5" y=".5" fill={`url(#mark-${at})`} stroke="var(--ink)" />
    </svg>
  );
}

/** Where one part ends and the next begins, per cent. */
const edgesOf = (shares: number[]) =>
  shares.slice(0, -1).reduce<number[]>((e, s) => [...e, (e[e.length - 1] ?? 0) + s], []);

/** What is put in, side by side to its share. */
export function Hatched({ shares }: { shares: number[] }) {
  const id = useId();
  const lefts = [0, ...edgesOf(shares)];
  return (
    <svg width="100%" height="48" aria-hidden="true" className="block border-x-[2.5px] border-b-[2.5px] border-ink">
      <defs>
        {shares.map((_, i) => (
          <Hatch key={i} at={i} id={`${id}-${i}`} />
        ))}
      </defs>
      {shares.map((s, i) => (
        <rect
          key={i}
          x={`${lefts[i]}%`}
          width={`${s}%`}
          y="12%"
          height="88%"
          fill={`url(#${id}-${i})`}
          stroke="var(--rule-strong)"
        />
      ))}
    </svg>
  );
}

/**
 * The same with the lines between to be dragged, or moved by the arrow keys.
 *
 * @param shares per cent of each part, adding up to 100
 */
export function Trough({
  names,
  shares,
  change,
}: {
  names: string[];
  shares: number[];
  change: (shares: number[]) => void;
}) {
  const edges = edgesOf(shares);
  return (
    <div className="relative h-12">
      <div className="absolute inset-0">
        <Hatched shares={shares} />
      </div>
      {edges.length > 0 && (
        <Slider.Root
          min={0}
          max={100}
          step={1}
          minStepsBetweenThumbs={0}
          value={edges.map((e) => Math.round(e))}
          onValueChange={(next) => {
            const all = [0, ...next, 100];
            change(shares.map((_, i) => all[i + 1]! - all[i]!));
          }}
          className="absolute inset-0 flex touch-none items-center"
        >
          <Slider.Track className="h-full w-full" />
          {edges.map((_, i) => (
            <Slider.Thumb
              key={names[i]}
              aria-label={say("mixes_page.between_and", { names: names[i], names2: names[i + 1] })}
              className="flex h-12 w-6 cursor-ew-resize justify-center"
            >
              <span className="block h-full w-2.5 border-2 border-ink bg-ground" />
            </Slider.Thumb>
          ))}
        </Slider.Root>
      )}
    </div>
  );
}
