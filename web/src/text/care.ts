import type { Entry } from "../api";
import { words } from ".";

/** Care as it was given: which, what was found, what was used. */
export function tendedWords(e: Entry): string {
  return [
    words("chores", e.chore ?? ""),
    e.found && `found: ${words("found", e.found)}`,
    e.product && `used: ${e.product}`,
    e.note,
  ]
    .filter(Boolean)
    .join("; ");
}
