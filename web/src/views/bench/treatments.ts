/** What a treatment is begun with: from a finding, or by hand with nothing. */
export type TreatmentBegun = { cure?: string; reason?: string; readOn?: string };

/** The day so many days after another. */
export function lookOn(day: string, days: number): string {
  const then = new Date(`${day}T12:00:00Z`);
  then.setUTCDate(then.getUTCDate() + days);
  return then.toISOString().slice(0, 10);
}

/** What an advice after a reading is carried out as; nothing of those that are no treatment. */
export const CURE_OF: Record<string, string> = {
  flush_with_purer_water: "flush",
  raise_ph: "raise_ph",
  iron_if_yellow: "iron",
  iron_sulfate: "iron",
  refresh_partly: "fresh_mix",
  repot: "fresh_mix",
  plan_repot: "fresh_mix",
};
