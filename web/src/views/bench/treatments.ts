/** What a treatment is begun with: from a finding, or by hand with nothing. */
export type TreatmentBegun = {
  cure?: string;
  reason?: string;
  readOn?: string;
  ailment?: string;
  product?: string;
  expects?: string;
};

/** The day so many days after another. */
export function lookOn(day: string, days: number): string {
  const then = new Date(`${day}T12:00:00Z`);
  then.setUTCDate(then.getUTCDate() + days);
  return then.toISOString().slice(0, 10);
}
