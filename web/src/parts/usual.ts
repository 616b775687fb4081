import type { Garden, Water } from "../api";

/** The water that is meant when nobody says which. */
export function usualWater(garden: Garden | undefined): Water | undefined {
  return garden?.waters.find((w) => w.id === garden.usualWaterId);
}
