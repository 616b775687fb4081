/** Answers as they stand in the address: the way back undoes the last of them. */
export type Seen = { sign: string; answer: string }[];

export const PASSED = "passed";

/** Reads "part.old_leaves~pattern.pale_all"; what is no answer is left out. */
export function seenIn(text: string | undefined): Seen {
  return [...(text ?? "").matchAll(/(\w+)\.(\w+)/g)].map(([, sign = "", answer = ""]) => ({ sign, answer }));
}

/** Answers as an address has them. */
const inAddress = (seen: Seen) => seen.map((s) => `${s.sign}.${s.answer}`).join("~");

/** The same without an answer to a sign, which nobody can give after all. */
export function withoutAnswer(seen: Seen, sign: string): string {
  return inAddress(seen.filter((s) => s.sign !== sign));
}

/** The same with one more answer, or another one to the same sign. */
export function withAnswer(seen: Seen, sign: string, answer: string): string {
  const known = seen.some((s) => s.sign === sign);
  const all = known ? seen.map((s) => (s.sign === sign ? { sign, answer } : s)) : [...seen, { sign, answer }];
  return inAddress(all);
}
