/** The pot as a mark in a list: how full of the water it may lose it still is. 1 is just drained, 0 is due. */
export function PotMark({ left, square }: { left: number; square: boolean }) {
  const level = 6 + (1 - Math.max(0, Math.min(1, left))) * 19;
  const inset = square ? 1.5 : 4;
  const at = (y: number) => 4 + ((y - 4) / 22) * inset;
  return (
    <svg viewBox="0 0 30 30" width="30" height="30" aria-hidden="true" className="shrink-0">
      <polygon
        points={`${at(level)},${level} ${30 - at(level)},${level} ${30 - at(26)},26 ${at(26)},26`}
        fill="var(--water)"
        fillOpacity="0.75"
      />
      <path d={`M3,4H27L${27 - inset},26H${3 + inset}Z`} fill="none" stroke="var(--ink)" strokeWidth="1.8" />
    </svg>
  );
}
