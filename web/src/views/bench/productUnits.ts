import type { Feed, Garden } from "../../api";

const EITHER = ["g", "mL"];
const SPOONS = { metric: ["tsp", "tbsp"], us: ["US tsp", "US tbsp"] };

const OWN = { dry: ["scoop", "handful"], liquid: ["cap"] };

/**
 * In what a person measures a product: by weight, by volume, in the spoons of their kitchen, or with what the product itself
 * is measured with, where its feed says what that holds.
 */
export function productUnits(garden: Garden, feed?: Feed): string[] {
  return [
    ...EITHER,
    ...SPOONS[garden.unitHabit === "us" ? "us" : "metric"],
    ...(feed?.ownMl !== undefined ? OWN[feed.form] : []),
  ];
}
