import type { Catalogue, Fault, MixAnswer, RecipeInput } from "../../api";
import { words, say } from "../../text";
import { figures, plain, type Shown } from "../../text/numbers";
import { Button } from "../../ui/Button";
import { ChoiceField } from "../../ui/Fields";

const RATES = ["low", "medium", "high"] as const;

/** What is stirred in besides lime: how much, what that adds, what it does not do. */
export function Amendments({
  input,
  change,
  catalogue,
  answer,
  faults,
  shown,
}: {
  input: RecipeInput;
  change: (part: Partial<RecipeInput>) => void;
  catalogue: Catalogue;
  answer: MixAnswer;
  faults: Fault[];
  shown: Shown;
}) {
  const chosen = input.amendments ?? [];
  const set = (key: string, grams: string) =>
    change({ amendments: chosen.map((a) => (a.key === key ? { key, grams } : a)) });
  return (
    <section aria-label={say("mixes_page.stirred_in_besides")} className="mt-4">
      <h2 className="head">{say("mixes_page.stirred_in_besides")}</h2>
      <ul className="m-0 list-none p-0">
        {chosen.map((a) => {
          const kind = catalogue.amendments.find((k) => k.key === a.key);
          const live = answer.amendments.find((x) => x.key === a.key);
          const adds = Object.entries(live?.adds ?? {});
          return (
            <li key={a.key} className="border-b border-rule py-1.5">
              <div className="flex items-center gap-2">
                <span className="min-w-0 flex-1 text-sm leading-tight">{words("amendments", a.key)}</span>
                <input
                  aria-label={say("mixes_page.grams_per_litre_of_mix", { amendments: words("amendments", a.key) })}
                  className="box !w-16 text-right"
                  value={a.grams}
                  onChange={(e) => set(a.key, e.target.value)}
                />
                <span className="note fig">g/L</span>
                <button
                  type="button"
                  aria-label={say("mixes_page.take_out", { amendments: words("amendments", a.key) })}
                  className="min-h-8 min-w-6"
                  onClick={() => change({ amendments: chosen.filter((x) => x.key !== a.key) })}
                >
                  ×
                </button>
              </div>
              {kind && (
                <p className="no-print flex flex-wrap gap-x-3">
                  {RATES.map((r) => (
                    <Button key={r} look="quiet" className="text-sm" onClick={() => set(a.key, plain(kind[r]))}>
                      {r} {plain(kind[r])}
                    </Button>
                  ))}
                </p>
              )}
              {live?.refused.map((f) => (
                <p key={f.code} role="alert" className="note !text-stop">
                  ▲ {f.detail}
                </p>
              ))}
              {live && live.refused.length === 0 && (
                <p className="note fig">
                  {adds.length > 0
                    ? say("mixes_page.adds_mg_per_litre_of_mix", {
                        adds: adds.map(([e, mg]) => `${words("elements", e)} ${figures(mg)}`).join(", "),
                        months: figures(live.months, 2),
                      })
                    : say("mixes_page.acts_for_about_months", { months: figures(live.months, 2) })}
                  {live.gramsEachPot.length > 0 &&
                    say("mixes_page.for_the_pots", {
                      gramsEachPot: live.gramsEachPot.map((g) => shown.grams(g)).join(", "),
                    })}
                </p>
              )}
              <p className="note">{words("amendment_notes", a.key)}</p>
            </li>
          );
        })}
      </ul>
      <div className="mt-2">
        <ChoiceField
          row
          label={say("mixes_page.stir_in")}
          field="amendment"
          faults={faults}
          value=""
          onChange={(key) => {
            const kind = catalogue.amendments.find((k) => k.key === key);
            if (kind) change({ amendments: [...chosen, { key, grams: plain(kind.medium) }] });
          }}
          options={[
            { value: "", label: say("mixes_page.something") },
            ...catalogue.amendments
              .filter((k) => !chosen.some((a) => a.key === k.key))
              .map((k) => ({ value: k.key, label: words("amendments", k.key) })),
          ]}
        />
      </div>
    </section>
  );
}
