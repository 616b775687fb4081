import { useEffect, useRef, useState } from "react";
import { Problem } from ".";

const PAUSE_MS = 120;
/** After an outage it is asked again by itself. */
const AGAIN_MS = 3000;

export type Live<Out> = { answer: Out | undefined; problem: Problem | undefined; pending: boolean };

const NOTHING = { answer: undefined, problem: undefined, pending: false };

/**
 * The answer to what is being typed: asked a moment after the last keystroke, one request in flight, the newest wins.
 * While a new answer is on its way, or the input is refused, the last good answer stays; without input there is none.
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
    const send = () => {
      setState((s) => ({ ...s, pending: true }));
      asking
        .current(JSON.parse(key) as In, abort.signal)
        .then((answer) => {
          if (!abort.signal.aborted) setState({ answer, problem: undefined, pending: false });
        })
        .catch((e: unknown) => {
          if (abort.signal.aborted || !(e instanceof Problem)) return;
          setState((s) => ({ ...s, problem: e, pending: false }));
          if (e.retry) timer = setTimeout(send, AGAIN_MS);
        });
    };
    let timer = setTimeout(send, PAUSE_MS);
    return () => {
      clearTimeout(timer);
      abort.abort();
    };
  }, [key, restingOn]);
  return key === undefined ? NOTHING : state;
}
