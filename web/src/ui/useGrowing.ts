import { startTransition, useEffect, useState } from "react";

const FIRST = 10;
const STEP = 30;

/** Of a long list first what a screen shows, then the rest bit by bit, so that the first can be pressed at once. */
export function useGrowing<T>(items: T[]): T[] {
  const [shown, setShown] = useState(FIRST);
  const more = shown < items.length;
  useEffect(() => {
    if (!more) return;
    const drawn = requestAnimationFrame(() => startTransition(() => setShown((n) => n + STEP)));
    return () => cancelAnimationFrame(drawn);
  }, [more, shown]);
  return more ? items.slice(0, shown) : items;
}
