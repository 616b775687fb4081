/** What can be done with feeds besides keeping their labels; each a page of its own. */
export const FEED_PAGES = [
  {
    to: "/g/$garden/feeds/dose",
    label: "frame.dose_bench_can_check",
  },
  {
    to: "/g/$garden/feeds/blend",
    label: "frame.blend_from_the_shelf",
  },
  {
    to: "/g/$garden/feeds/tank",
    label: "frame.tanks_and_injectors",
  },
  {
    to: "/g/$garden/feeds/water",
    label: "frame.water_and_acid",
  },
  {
    to: "/g/$garden/feeds/remedies",
    label: "frame.single_nutrients",
  },
] as const;
