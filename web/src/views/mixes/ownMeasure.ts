import type { Garden, Vessel } from "../../api";

type Use = "tub" | "shovel" | "handful";

/** What the garden measures mix with, where somebody measured it. */
export const ownMeasure = (garden: Garden, use: Use): Vessel | undefined =>
  garden.vessels.find((v) => v.use === use && !v.retired);

/** Litres that a measure takes: the garden's own, or the usual. */
export const measureLitres = (garden: Garden, use: Use): number =>
  ownMeasure(garden, use)?.litres ?? garden.usualMeasures[use];
