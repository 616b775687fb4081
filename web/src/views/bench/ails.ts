/** Answers as they stand in the address: the way back undoes the last of them. */
export type Seen = { sign: string; answer: string }[];

export const PASSED = "passed";

/** Reads "part.old_leaves~pattern.pale_all"; what is no answer is left out. */
export function seenIn(text: string | undefined): Seen {
  return [...(text ?? "").matchAll(/(\w+)\.(\w+)/g)].map(([, sign = "", answer = ""]) => ({ sign, answer }));
}

/** The same with one more answer, or another one to the same sign. */
export function withAnswer(seen: Seen, sign: string, answer: string): string {
  const known = seen.some((s) => s.sign === sign);
  const all = known ? seen.map((s) => (s.sign === sign ? { sign, answer } : s)) : [...seen, { sign, answer }];
  return all.map((s) => `${s.sign}.${s.answer}`).join("~");
}
