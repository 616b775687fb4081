import type { Key } from "../../text";

/** The parts of a lot's page, each with an address of its own. */
export type LotTab = "dose" | "plant" | "food" | "readings" | "mix" | "journal";

export const LOT_TABS: { id: LotTab; label: Key }[] = [
  {
    id: "dose",
    label: "bench_page.pot_and_dose",
  },
  {
    id: "plant",
    label: "common.plant",
  },
  {
    id: "food",
    label: "common.food",
  },
  {
    id: "readings",
    label: "bench_page.readings",
  },
  {
    id: "mix",
    label: "bench_page.mix",
  },
  {
    id: "journal",
    label: "bench_page.journal",
  },
];
