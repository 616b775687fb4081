import type { MixAnswer } from "../../api";
import { Worked } from "../../parts/Worked";
import type { Shown } from "../../text/numbers";
import { say } from "../../text";
import { Term } from "../../ui/Term";
import { mixFacts } from "./mixFacts";

/** What the mix is, apart from any pot. */
export function MixNumbers({
  answer,
  shown,
  open,
  currency,
}: {
  answer: MixAnswer;
  shown: Shown;
  open: (step: string) => void;
  currency: string;
}) {
  return (
    <div>
      <h2 className="head">{say("mixes_page.the_mix_itself")}</h2>
      <dl className="m-0">
        {mixFacts(answer, shown, currency).map((f) => (
          <div key={f.label} className="flex items-baseline justify-between gap-2 border-b border-rule py-1">
            <dt className="text-sm">
              {f.label}
              {f.term && <Term id={f.term} name={f.label} />} {f.note && <span className="note">{f.note}</span>}
            </dt>
            <dd className="fig m-0 text-right font-semibold whitespace-nowrap">
              {f.step ? (
                <Worked step={f.step} open={open}>
                  {f.value}
                </Worked>
              ) : (
                f.value
              )}
            </dd>
          </div>
        ))}
      </dl>
    </div>
  );
}
