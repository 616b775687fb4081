/** What can be done with feeds besides keeping their labels; each a page of its own. */
export const FEED_PAGES = [
  { to: "/g/$garden/feeds/dose", label: "Dose bench, can check" },
  { to: "/g/$garden/feeds/blend", label: "Blend from the shelf" },
  { to: "/g/$garden/feeds/tank", label: "Tanks and injectors" },
  { to: "/g/$garden/feeds/water", label: "Water and acid" },
  { to: "/g/$garden/feeds/remedies", label: "Single nutrients" },
] as const;
