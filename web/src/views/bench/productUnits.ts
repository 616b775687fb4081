import type { Garden } from "../../api";

const EITHER = ["g", "mL"];
const SPOONS = { metric: ["tsp", "tbsp"], us: ["US tsp", "US tbsp"] };

/** In what a person measures a product: by weight, by volume, or in the spoons of their kitchen. */
export function productUnits(garden: Garden): string[] {
  return [...EITHER, ...SPOONS[garden.unitHabit === "us" ? "us" : "metric"]];
}
