import { useQuery } from "@tanstack/react-query";
import { Link, useNavigate, useSearch } from "@tanstack/react-router";
import { api, call, type Catalogue, type Garden, type MixAnswer, type MixBenchAsk, type Mixes } from "../../api";
import { catalogueQuery, gardenQuery, mixesQuery, useGardenId } from "../../api/queries";
import { useLive } from "../../api/useLive";
import { PotRow } from "../../parts/PotRow";
import { askOfKey, componentName, currencyOf, keyOf, mixChoices, mixName } from "../../text/mixes";
import { figures, Shown } from "../../text/numbers";
import { ChoiceField } from "../../ui/Fields";
import { Loading, Trouble } from "../../ui/States";
import { mixFacts } from "./mixFacts";
import { say } from "../../text";
import { potsFor, type LookedPot } from "./mixInput";

/** Two mixes, or a mix and a batch made of it earlier, side by side. */
export function Compare() {
  const id = useGardenId();
  const mixes = useQuery(mixesQuery(id));
  const garden = useQuery(gardenQuery(id)).data;
  const catalogue = useQuery(catalogueQuery).data;
  if (mixes.isLoadingError) return <Trouble problem={mixes.error} again={() => void mixes.refetch()} />;
  if (!mixes.data || !garden || !catalogue) return <Loading what={say("mixes_page.the_mixes")} />;
  return <Both garden={garden} catalogue={catalogue} mixes={mixes.data} />;
}

function useMixOf(mixes: Mixes, key: string, pots: LookedPot[]) {
  const mix = askOfKey(mixes, key);
  const ask: MixBenchAsk | undefined = mix && {
    mix,
    pots: pots.map((p) => p.pot),
    lime: "DOLOMITE",
    fineness: "POWDER",
    working: false,
  };
  return useLive<MixBenchAsk, MixAnswer>(ask, (body, signal) => call(api.POST("/api/mix", { body, signal })));
}

function Both({ garden, catalogue, mixes }: { garden: Garden; catalogue: Catalogue; mixes: Mixes }) {
  const search = useSearch({ from: "/g/$garden/mixes/compare" });
  const navigate = useNavigate({ from: "/g/$garden/mixes/compare" });
  const shown = new Shown(catalogue.units, garden.unitHabit);
  const choices = mixChoices(mixes);
  const one = search.one ?? choices[0]?.value ?? "";
  const other = search.other ?? choices.find((c) => c.value !== one)?.value ?? "";
  const pots = potsFor("", [], garden, catalogue);
  const first = useMixOf(mixes, one, pots);
  const second = useMixOf(mixes, other, pots);
  const problem = first.problem ?? second.problem;
  const sides = [
    { end: "one", key: one, answer: first.answer },
    { end: "other", key: other, answer: second.answer },
  ] as const;
  const facts = sides.map((s) => s.answer && mixFacts(s.answer, shown, currencyOf(mixes)));
  return (
    <div className="min-w-0">
      <Link to="/g/$garden/mixes" params={{ garden: garden.id }} className="note lg:hidden">
        {say("mixes_page.all_mixes")}
      </Link>
      <h1 className="mb-2 text-2xl">{say("mixes_page.two_mixes_side_by_side")}</h1>
      {problem && <Trouble problem={problem} />}
      <div className="grid gap-x-8 sm:grid-cols-2">
        {sides.map((s) => (
          <section key={s.end} aria-label={mixName(mixes, s.key)} className="min-w-0">
            <ChoiceField
              label={s.end === "one" ? say("mixes_page.this") : say("mixes_page.beside")}
              field="mix"
              faults={[]}
              value={s.key}
              onChange={(v) => void navigate({ search: { one, other, [s.end]: v }, replace: true })}
              options={mixChoices(mixes, s.key)}
            />
            {s.answer && <PartsOf mixes={mixes} which={s.key} answer={s.answer} />}
            {s.answer && s.answer.pots.length === pots.length && (
              <PotRow
                shown={shown}
                pots={s.answer.pots.map((mix, i) => ({ name: pots[i]!.name, mix }))}
                foot={() => null}
              />
            )}
          </section>
        ))}
      </div>
      {facts[0] && facts[1] && (
        <table className="mt-4 w-full border-collapse text-sm">
          <thead>
            <tr className="border-b border-rule-strong text-left">
              <th className="py-1 font-normal">
                <span className="sr-only">{say("common.what")}</span>
              </th>
              {sides.map((s) => (
                <th key={s.end} className="py-1 pr-4">
                  {mixName(mixes, s.key)}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {facts[0].map((f, i) => {
              const beside = facts[1]![i]!.value;
              return (
                <tr key={f.label} className="border-b border-rule">
                  <th scope="row" className="py-1 pr-4 text-left font-normal">
                    {f.label} {f.note && <span className="note">{f.note}</span>}
                  </th>
                  <td className={`fig py-1 pr-4 ${f.value === beside ? "note" : "font-semibold"}`}>{f.value}</td>
                  <td className={`fig py-1 ${f.value === beside ? "note" : "font-semibold"}`}>
                    {f.value === beside ? say("mixes_page.the_same") : beside}
                  </td>
                </tr>
              );
            })}
          </tbody>
        </table>
      )}
    </div>
  );
}

function PartsOf({ mixes, which, answer }: { mixes: Mixes; which: string; answer: MixAnswer }) {
  const parts =
    mixes.recipes.find((r) => keyOf(r) === which)?.parts ?? mixes.made.find((m) => m.id === which)?.parts ?? [];
  const said = parts.map((p, i) => {
    const c = mixes.components.find((x) => keyOf(x) === p.component);
    return `${figures(answer.shares[i] ?? 0, 2)} % ${(c ? componentName(c) : p.component).toLowerCase()}`;
  });
  return <p className="mb-2 text-sm">{said.join(", ")}</p>;
}
