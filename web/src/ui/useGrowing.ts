import { startTransition, useEffect, useState } from "react";

const STEP = 30;

/** Of a long list first what a screen shows, then the rest bit by bit, so that the first can be pressed at once. */
export function useGrowing<T>(items: T[]): T[] {
  const [shown, setShown] = useState(STEP);
  const more = shown < items.length;
  useEffect(() => {
    if (more) startTransition(() => setShown((n) => n + STEP));
  }, [more, shown]);
  return more ? items.slice(0, shown) : items;
}
