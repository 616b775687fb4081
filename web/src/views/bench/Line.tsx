import type { ReactNode } from "react";
import { Term, type TermId } from "../../ui/Term";

/** A figure with what it is. */
export function Line({ label, term, children }: { label: string; term?: TermId; children: ReactNode }) {
  return (
    <div className="flex items-baseline justify-between gap-3 border-b border-rule py-1">
      <dt className="text-sm">
        {label}
        {term && <Term id={term} name={label} />}
      </dt>
      <dd className="m-0 text-right whitespace-nowrap">{children}</dd>
    </div>
  );
}
