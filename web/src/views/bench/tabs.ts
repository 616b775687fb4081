/** The parts of a lot's page, each with an address of its own. */
export type LotTab = "dose" | "plant" | "food" | "readings" | "mix" | "journal";

export const LOT_TABS: { id: LotTab; label: string }[] = [
  { id: "dose", label: "Pot and dose" },
  { id: "plant", label: "Plant" },
  { id: "food", label: "Food" },
  { id: "readings", label: "Readings" },
  { id: "mix", label: "Mix" },
  { id: "journal", label: "Journal" },
];
