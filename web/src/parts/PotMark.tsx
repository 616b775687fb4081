import { useId } from "react";
import type { PotInput } from "../api";

/** Outlines in a box of 30 by 30: where the pot begins and ends, and its wall. */
const SHAPES: Record<PotInput["shape"], { top: number; floor: number; wall: string }> = {
  round: { top: 4, floor: 26, wall: "M3,4L7,26H23L27,4" },
  square: { top: 4, floor: 26, wall: "M3,4L4.5,26H25.5L27,4" },
  box: { top: 13, floor: 26, wall: "M1,13V26H29V13" },
  oval: { top: 13, floor: 26, wall: "M1,13C1,22 4,26 9,26H21C26,26 29,22 29,13" },
  bag: { top: 3, floor: 27, wall: "M5,3V23Q5,27 9,27H21Q25,27 25,23V3" },
  basket: { top: 9, floor: 25, wall: "M2,9C3,19 8,25 15,25C22,25 27,19 28,9" },
  mount: { top: 3, floor: 27, wall: "M9,3V27H21V3H9" },
  plug: { top: 4, floor: 27, wall: "M9,4L12.5,27H17.5L21,4" },
};

/** The pot as a mark in a list: how full of the water it may lose it still is. 1 is just drained, 0 is due. */
export function PotMark({ left, shape }: { left: number; shape: PotInput["shape"] }) {
  const id = useId();
  const s = SHAPES[shape];
  const level = s.top + 2 + (1 - Math.max(0, Math.min(1, left))) * (s.floor - s.top - 2);
  return (
    <svg viewBox="0 0 30 30" width="30" height="30" aria-hidden="true" className="shrink-0">
      <clipPath id={id}>
        <path d={`${s.wall}Z`} />
      </clipPath>
      <rect
        x="0"
        width="30"
        y={level}
        height={30 - level}
        fill="var(--water)"
        fillOpacity="0.75"
        clipPath={`url(#${id})`}
      />
      <path d={s.wall} fill="none" stroke="var(--ink)" strokeWidth="1.8" />
    </svg>
  );
}
