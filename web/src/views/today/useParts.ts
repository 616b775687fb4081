import { useState } from "react";
import type { Due } from "../../api";
import type { Key } from "../../text";

/** When a pot is watered that cannot wait for the next day. */
const PARTS: Record<number, Key[]> = {
  2: ["today_page.morning", "today_page.evening"],
  3: ["today_page.morning", "today_page.noon", "today_page.evening"],
  4: ["today_page.morning", "today_page.noon", "today_page.afternoon", "today_page.evening"],
};

/**
 * The parts of a day's watering with what is marked of them, kept on this device until the last is done: a watering counts
 * when all of it was given.
 */
export function useParts(d: Due, done: () => void) {
  const name = `parts:${d.lot.id}:${d.item}`;
  const [marked, setMarked] = useState<string[]>(() => JSON.parse(localStorage.getItem(name) ?? "[]") as string[]);
  const parts = PARTS[d.times] ?? [];
  const mark = (part: Key) => {
    const now = marked.includes(part) ? marked.filter((p) => p !== part) : [...marked, part];
    setMarked(now);
    if (parts.every((p) => now.includes(p))) {
      localStorage.removeItem(name);
      done();
    } else {
      localStorage.setItem(name, JSON.stringify(now));
    }
  };
  return { parts, marked, mark };
}
