import { Dialog } from "radix-ui";
import { useEffect, useRef } from "react";
import type { Step } from "../api";
import { words, say } from "../text";
import { figures, plain } from "../text/numbers";

/** What a symbol stands for: the field it was typed into, the step it comes from, or a row of a table. */
function meaning({ symbol, origin, from }: Step["inputs"][number]): string {
  const section = origin === "typed" ? "fields" : origin === "earlier" ? "steps" : undefined;
  return section ? words(section, from) : words("symbols", symbol);
}

/** Every step that led to a number: formula, what went in and where it came from, what came out, the source. */
export function WorkingPanel({
  steps,
  at,
  close,
  assumed = [],
}: {
  steps: Step[] | undefined;
  at: string;
  close: () => void;
  /** Fields that nobody filled in. */
  assumed?: string[];
}) {
  const marked = useRef<HTMLLIElement>(null);
  useEffect(() => {
    marked.current?.scrollIntoView({ block: "center" });
  }, [steps, at]);
  return (
    <Dialog.Root open onOpenChange={(open) => !open && close()}>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 z-30 bg-ink/30" />
        <Dialog.Content
          aria-describedby={undefined}
          className="fixed inset-y-0 right-0 z-40 w-[min(34rem,100vw)] overflow-y-auto border-l-2 border-ink bg-leaf p-5"
        >
          <div className="mb-3 flex items-baseline justify-between">
            <Dialog.Title className="text-xl">{say("parts.the_working")}</Dialog.Title>
            <Dialog.Close className="min-h-9 px-2 underline underline-offset-4">{say("parts.close_esc")}</Dialog.Close>
          </div>
          {!steps && <p className="note">{say("parts.working_it_out_again")}</p>}
          <ol className="list-none p-0">
            {steps?.map((s) => (
              <li
                key={s.id}
                ref={s.id === at ? marked : undefined}
                className={`border-t border-rule py-2 pl-3 ${s.id === at ? "border-l-4 border-l-ink" : ""}`}
              >
                <p className="flex justify-between gap-3">
                  <span>{words("steps", s.id)}</span>
                  <b className="fig whitespace-nowrap">
                    {figures(s.result, 3)} {s.unit}
                  </b>
                </p>
                <p className="fig my-1 text-sm">{s.formula}</p>
                <ul className="note fig list-none p-0">
                  {s.inputs.map((i) => (
                    <li key={i.symbol}>
                      {i.symbol} = {plain(i.value)} {i.unit}{" "}
                      <span className="font-text">
                        · {meaning(i)} <i>({words("origins", assumed.includes(i.from) ? "assumed" : i.origin)})</i>
                      </span>
                    </li>
                  ))}
                </ul>
                <p className="note">{say("parts.source", { sources: words("sources", s.source) })}</p>
              </li>
            ))}
          </ol>
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}
