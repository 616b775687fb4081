import { useEffect, useRef, useState } from "react";
import { Problem } from ".";

const PAUSE_MS = 120;

export type Live<Out> = { answer: Out | undefined; problem: Problem | undefined; pending: boolean };

/**
 * The answer to what is being typed: asked a moment after the last keystroke, one request in flight, the newest wins.
 * While a new answer is on its way, or the input is refused, the last good answer stays.
 */
export function useLive<In, Out>(
  input: In | undefined,
  ask: (input: In, signal: AbortSignal) => Promise<Out>,
  /** What the answer rests on beside the input: it is asked anew when this changes. */
  restingOn?: number,
): Live<Out> {
  const [state, setState] = useState<Live<Out>>({
    answer: undefined,
    problem: undefined,
    pending: input !== undefined,
  });
  const key = input === undefined ? undefined : JSON.stringify(input);
  const asking = useRef(ask);
  useEffect(() => {
    asking.current = ask;
  });
  useEffect(() => {
    if (key === undefined) return;
    const abort = new AbortController();
    const timer = setTimeout(() => {
      setState((s) => ({ ...s, pending: true }));
      asking
        .current(JSON.parse(key) as In, abort.signal)
        .then((answer) => {
          if (!abort.signal.aborted) setState({ answer, problem: undefined, pending: false });
        })
        .catch((e: unknown) => {
          if (!abort.signal.aborted && e instanceof Problem) setState((s) => ({ ...s, problem: e, pending: false }));
        });
    }, PAUSE_MS);
    return () => {
      clearTimeout(timer);
      abort.abort();
    };
  }, [key, restingOn]);
  return state;
}
