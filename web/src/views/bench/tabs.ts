import type { Key } from "../../text";

/** The parts of a lot's page, each with an address of its own. */
export type LotTab = "now" | "pot" | "feeding" | "health" | "journal";

export const LOT_TABS: { id: LotTab; label: Key }[] = [
  {
    id: "now",
    label: "bench_page.tab_now",
  },
  {
    id: "pot",
    label: "bench_page.tab_pot_and_plant",
  },
  {
    id: "feeding",
    label: "bench_page.tab_feeding",
  },
  {
    id: "health",
    label: "bench_page.tab_health",
  },
  {
    id: "journal",
    label: "bench_page.journal",
  },
];

/** Where the parts of before are now: their addresses stand in notes and in printed links. */
const BEFORE: Record<string, LotTab> = { dose: "now", plant: "pot", mix: "pot", food: "feeding", readings: "health" };

/** The part an address asks for; none where it says nothing that there is. */
export function lotTab(asked: string | undefined): LotTab | undefined {
  return LOT_TABS.find((t) => t.id === asked)?.id ?? BEFORE[asked ?? ""];
}
