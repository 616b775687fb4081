import { useEffect, useSyncExternalStore } from "react";

export type Theme = "light" | "dark";

const KEPT_AS = "theme";
const watching = new Set<() => void>();

function theme(): Theme {
  const kept = localStorage.getItem(KEPT_AS);
  if (kept === "light" || kept === "dark") return kept;
  return matchMedia("(prefers-color-scheme: dark)").matches ? "dark" : "light";
}

function watch(changed: () => void) {
  watching.add(changed);
  return () => void watching.delete(changed);
}

/** Light or dark: the system's choice until the person makes one, the same wherever it is asked for. */
export function useTheme() {
  const now = useSyncExternalStore(watch, theme);
  useEffect(() => {
    document.documentElement.dataset["theme"] = now;
  }, [now]);
  const turn = () => {
    localStorage.setItem(KEPT_AS, now === "light" ? "dark" : "light");
    watching.forEach((changed) => changed());
  };
  return { theme: now, turn };
}
