/** What can be seen of the year; each a page of its own. */
export const YEAR_PAGES = [
  { to: "/g/$garden/year/ribbons", label: "The year ahead" },
  { to: "/g/$garden/year/work", label: "Work to come, going away" },
  { to: "/g/$garden/year/plants", label: "The whole guide" },
  { to: "/g/$garden/year/weather", label: "Weather" },
] as const;
