import { useEffect, useRef } from "react";

/** Keys that act on the page itself, as shown by “?”. */
export const KEYS = [
  { key: "t", does: "common.today" },
  { key: "b", does: "common.bench" },
  { key: "p", does: "frame.plants" },
  { key: "m", does: "common.mixes" },
  { key: "f", does: "common.feeds" },
  { key: "y", does: "frame.year" },
  { key: "s", does: "common.shelf" },
  { key: "g", does: "frame.garden" },
  { key: "n", does: "frame.a_new_lot" },
  { key: "/", does: "frame.to_the_search_of_this_page" },
  { key: "u", does: "frame.undo_what_was_done_last" },
  { key: "Ctrl K", does: "frame.find_anything_lots_feeds_pages_commands" },
  { key: "?", does: "frame.this_list" },
] as const;

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
