import { useEffect, useRef } from "react";

/** Keys that act on the page itself, as shown by “?”. */
export const KEYS: { key: string; does: string }[] = [
  { key: "t", does: "Today" },
  { key: "b", does: "Bench" },
  { key: "m", does: "Mixes" },
  { key: "f", does: "Feeds" },
  { key: "y", does: "Year" },
  { key: "s", does: "Shelf" },
  { key: "g", does: "Garden" },
  { key: "n", does: "a new lot" },
  { key: "/", does: "to the search of this page" },
  { key: "u", does: "undo what was done last" },
  { key: "Ctrl K", does: "find anything: lots, feeds, pages, commands" },
  { key: "?", does: "this list" },
];

function typing(target: EventTarget | null): boolean {
  return target instanceof HTMLElement && target.closest("input, textarea, select, [contenteditable]") !== null;
}

/** Calls what belongs to a key, except while something is being typed or a panel is open. Ctrl K works everywhere. */
export function useKeys(actions: Record<string, () => void>) {
  const latest = useRef(actions);
  useEffect(() => {
    latest.current = actions;
  });
  useEffect(() => {
    const pressed = (e: KeyboardEvent) => {
      if (e.key.toLowerCase() === "k" && (e.ctrlKey || e.metaKey)) {
        e.preventDefault();
        latest.current["Ctrl K"]?.();
        return;
      }
      if (e.ctrlKey || e.metaKey || e.altKey || typing(e.target) || document.querySelector("[role=dialog]")) return;
      const action = latest.current[e.key];
      if (action) {
        e.preventDefault();
        action();
      }
    };
    window.addEventListener("keydown", pressed);
    return () => window.removeEventListener("keydown", pressed);
  }, []);
}
