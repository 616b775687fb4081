import { say } from "../../text";
/** What can be done with feeds besides keeping their labels; each a page of its own. */
export const FEED_PAGES = [
  {
    to: "/g/$garden/feeds/dose",
    get label() {
      return say("frame.dose_bench_can_check");
    },
  },
  {
    to: "/g/$garden/feeds/blend",
    get label() {
      return say("frame.blend_from_the_shelf");
    },
  },
  {
    to: "/g/$garden/feeds/tank",
    get label() {
      return say("frame.tanks_and_injectors");
    },
  },
  {
    to: "/g/$garden/feeds/water",
    get label() {
      return say("frame.water_and_acid");
    },
  },
  {
    to: "/g/$garden/feeds/remedies",
    get label() {
      return say("frame.single_nutrients");
    },
  },
] as const;
