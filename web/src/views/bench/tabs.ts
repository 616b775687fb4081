import { say } from "../../text";
/** The parts of a lot's page, each with an address of its own. */
export type LotTab = "dose" | "plant" | "food" | "readings" | "mix" | "journal";

export const LOT_TABS: { id: LotTab; label: string }[] = [
  {
    id: "dose",
    get label() {
      return say("bench_page.pot_and_dose");
    },
  },
  {
    id: "plant",
    get label() {
      return say("common.plant");
    },
  },
  {
    id: "food",
    get label() {
      return say("common.food");
    },
  },
  {
    id: "readings",
    get label() {
      return say("bench_page.readings");
    },
  },
  {
    id: "mix",
    get label() {
      return say("bench_page.mix");
    },
  },
  {
    id: "journal",
    get label() {
      return say("bench_page.journal");
    },
  },
];
