import { say } from "../../text";
/** What can be seen of the year; each a page of its own. */
export const YEAR_PAGES = [
  {
    to: "/g/$garden/year/ribbons",
    get label() {
      return say("frame.the_year_ahead_2");
    },
  },
  {
    to: "/g/$garden/year/work",
    get label() {
      return say("frame.work_to_come_going_away");
    },
  },
  {
    to: "/g/$garden/year/plants",
    get label() {
      return say("frame.the_whole_guide_2");
    },
  },
  {
    to: "/g/$garden/year/weather",
    get label() {
      return say("frame.weather");
    },
  },
] as const;
