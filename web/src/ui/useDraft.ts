import { useCallback, useState } from "react";

const named = (key: string) => `draft:${key}`;

/** Begins a form's input before its page is opened. */
export const keepDraft = <T>(key: string, input: T) => sessionStorage.setItem(named(key), JSON.stringify(input));

/** A form's input that survives a reload. It holds the version it was begun from, so that a save of an older one is seen. */
export function useDraft<T>(key: string, saved: T) {
  const name = named(key);
  const [draft, setDraft] = useState<T | undefined>(() => {
    const kept = sessionStorage.getItem(name);
    return kept ? (JSON.parse(kept) as T) : undefined;
  });
  const change = useCallback(
    (part: Partial<T>) =>
      setDraft((d) => {
        const next = { ...(d ?? saved), ...part };
        keepDraft(key, next);
        return next;
      }),
    [key, saved],
  );
  const drop = useCallback(() => {
    sessionStorage.removeItem(name);
    setDraft(undefined);
  }, [name]);
  return { value: draft ?? saved, changed: draft !== undefined, change, drop };
}
