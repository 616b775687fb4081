import { say } from "../text";
import type { ReactNode } from "react";

/** A number whose working opens when it is pressed. */
export function Worked({
  step,
  open,
  children,
  big,
}: {
  step: string;
  open: (step: string) => void;
  children: ReactNode;
  big?: boolean;
}) {
  return (
    <button
      type="button"
      onClick={() => open(step)}
      title={say("common.show_the_working")}
      className={`fig text-left whitespace-nowrap underline decoration-rule-strong decoration-dotted underline-offset-4 hover:decoration-ink ${big ? "text-xl font-semibold" : "font-semibold"}`}
    >
      {children}
    </button>
  );
}
