import type { TankAsk, Typed } from "../../api";
import { keepDraft } from "../../ui/useDraft";

/** A tank as its page holds it. */
export type Tank = {
  name: string;
  setting: TankAsk["setting"];
  ratio: string;
  oneTank: boolean;
  litres: Typed;
  coldest: Typed;
  perDay: Typed;
  water: string;
  /** `unit` of the strength; absent for grams or millilitres to the litre. */
  products: { feed: string; perLitre: string; unit?: string; limit: string }[];
};

export const BLANK_TANK: Tank = {
  name: "",
  setting: "one_in",
  ratio: "100",
  oneTank: false,
  litres: { text: "10", unit: "L" },
  coldest: { text: "10", unit: "°C" },
  perDay: { text: "", unit: "L" },
  water: "",
  products: [],
};

export const tankKey = (garden: string) => `tank:${garden}`;

/** Begins a tank with feeds at the strengths that were worked out, g or mL in a litre of finished feed. */
export function stockOf(garden: string, parts: { feed: string; perLitre: number }[]) {
  keepDraft(tankKey(garden), {
    ...BLANK_TANK,
    products: parts.map((p) => ({ feed: p.feed, perLitre: String(Number(p.perLitre.toPrecision(3))), limit: "" })),
  });
}
