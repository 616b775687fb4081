const WEIGHED = ["g/L", "oz/US gal"];
const POURED = ["mL/L", "fl oz/US gal"];
const SPOONED = ["tsp/L", "tsp/US gal", "tbsp/US gal"];

/** What a strength is counted by besides the product itself. */
export const COUNTED = { nitrogen: "ppm N", element: "ppm" };

/** In what the strength of a product may be typed: weighed or poured, by the spoon, and by what it feeds with where that is known. */
export function strengthUnits(weighed: boolean, counted?: string): string[] {
  return [...(weighed ? WEIGHED : POURED), ...SPOONED, ...(counted ? [counted] : [])];
}
