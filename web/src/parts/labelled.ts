import type { Batch, Lot } from "../api";
import { say } from "../text";

/** What labels are for: lots, or the pots of a batch. */
export type Labelled = { ids: { lot: string[] } | { batch: string }; name: string; count: number; pots: number };

export const ofLots = (lots: Lot[]): Labelled => ({
  ids: { lot: lots.map((l) => l.id) },
  name: lots.length === 1 ? lots[0]!.name : say("bench_page.lots", { count: lots.length }),
  count: lots.length,
  pots: lots.reduce((n, l) => n + l.pots, 0),
});

export const ofBatch = (b: Batch): Labelled => ({
  ids: { batch: b.id },
  name: `№ ${b.number}`,
  count: Math.max(1, b.pots.length),
  pots: b.pots.reduce((n, p) => n + p.count, 0) || 1,
});
