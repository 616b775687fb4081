import type { Happened } from "../api";
import { words, say } from ".";

/** Care as it was given: which, what was found, what was used. */
export function tendedWords(e: Happened<"tending">): string {
  return [
    words("chores", e.chore),
    e.found && say("parts.found", { found: words("found", e.found) }),
    e.product && say("parts.used", { product: e.product }),
    e.seen?.note,
  ]
    .filter(Boolean)
    .join("; ");
}
