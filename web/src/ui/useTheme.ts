import { useEffect, useState } from "react";

export type Theme = "light" | "dark";

function preferred(): Theme {
  const kept = localStorage.getItem("theme");
  if (kept === "light" || kept === "dark") return kept;
  return matchMedia("(prefers-color-scheme: dark)").matches ? "dark" : "light";
}

/** Light or dark: the system's choice until the person makes one. */
export function useTheme() {
  const [theme, setTheme] = useState<Theme>(preferred);
  useEffect(() => {
    document.documentElement.dataset["theme"] = theme;
  }, [theme]);
  const turn = () => {
    const next = theme === "light" ? "dark" : "light";
    localStorage.setItem("theme", next);
    setTheme(next);
  };
  return { theme, turn };
}
