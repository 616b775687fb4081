/** Outlines in a box of 30 by 30: pot or plant, and where the water is. */
const WAYS: Record<string, { ink: string; water: string }> = {
  top: { ink: "M7,12L9,27H21L23,12M3,4L9,6", water: "M10,8L11,11M14,7V11" },
  from_below: { ink: "M9,4L10.5,21H19.5L21,4M3,17V26H27V17", water: "M3,20H9.5M20.5,20H27M15,19V12M12,14L15,11L18,14" },
  standing: { ink: "M9,5L10.5,25H19.5L21,5M2,20V26H28V20", water: "M2,22H9.5M20.5,22H28M2,24H9.5M20.5,24H28" },
  reservoir: { ink: "M7,4L8,18H22L23,4M8,18L8.5,27H21.5L22,18", water: "M9,23H21M9.5,25H20.5M15,23V13" },
  clay_balls: {
    ink: "M6,4V27H24V4M10,9h0.1M15,8h0.1M20,9h0.1M12,14h0.1M18,14h0.1M9,18h0.1M15,18h0.1M21,18h0.1M27,6V20",
    water: "M6,22H24M6,24.5H24",
  },
  dunked: { ink: "M15,3V10M8,10C9,18 21,18 22,10M3,12V27H27V12", water: "M3,15H9M21,15H27M5,19H25M5,23H25" },
  misted: {
    ink: "M4,10H9V27H4ZM6,10V6H12",
    water: "M15,5h0.1M19,3h0.1M19,7h0.1M23,5h0.1M23,9h0.1M15,10h0.1M20,12h0.1",
  },
  drip: { ink: "M2,6H28M15,6V10M8,15L9.5,27H20.5L22,15", water: "M15,11.5V14" },
  overhead: { ink: "M15,2V5M11,5H19M8,18L9.5,27H20.5L22,18", water: "M12,7L8,14M15,7V14M18,7L22,14" },
};

/** How a pot gets its water, as a small drawing. */
export function WayMark({ way }: { way: string }) {
  const w = WAYS[way];
  return w ? (
    <svg viewBox="0 0 30 30" width="30" height="30" aria-hidden="true" className="shrink-0" strokeLinecap="round">
      <path d={w.water} fill="none" stroke="var(--water)" strokeWidth="2.2" />
      <path d={w.ink} fill="none" stroke="var(--ink)" strokeWidth="1.8" />
    </svg>
  ) : null;
}
