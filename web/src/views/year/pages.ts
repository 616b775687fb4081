/** What can be seen of the year; each a page of its own. */
export const YEAR_PAGES = [
  {
    to: "/g/$garden/year/ribbons",
    label: "frame.the_year_ahead_2",
  },
  {
    to: "/g/$garden/year/work",
    label: "frame.work_to_come_going_away",
  },
  {
    to: "/g/$garden/year/weather",
    label: "frame.weather",
  },
] as const;
