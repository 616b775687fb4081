import { lazy, Suspense, useState } from "react";
import { type Key, more, say } from "../text";

const Meaning = lazy(async () => {
  await more();
  return import("./Meaning");
});

/** Words of the trade that are told where a field or a column is headed by them. */
export type TermId = Extract<Key, `terms.${string}`> extends `terms.${infer Id}` ? Id : never;

/** A mark behind a word of the trade that says what it means; what it opens is fetched when it is first asked for. */
export function Term({ id, name }: { id: TermId; name: string }) {
  const [asked, setAsked] = useState(false);
  const mark = {
    type: "button" as const,
    "aria-label": say("frame.what_is", { name }),
    className:
      "no-print ml-1 inline-flex size-6 items-center justify-center align-baseline text-soft underline decoration-dotted underline-offset-4",
    children: "?",
  };
  const shut = <button {...mark} aria-haspopup="dialog" onClick={() => setAsked(true)} />;
  return asked ? (
    <Suspense fallback={shut}>
      <Meaning mark={mark} id={id} />
    </Suspense>
  ) : (
    shut
  );
}
