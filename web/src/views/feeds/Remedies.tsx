import { REMEDY_BLANK, remedyDraft, type RemedyDraft } from "../../parts/begun";
import { PlantField } from "../../parts/PlantField";
import { askOfKind } from "../../text/plants";
import { useQuery } from "@tanstack/react-query";
import { Link, useNavigate, useSearch } from "@tanstack/react-router";
import { api, call, type RemedyAnswer, type RemedyAsk } from "../../api";
import { catalogueQuery, gardenQuery, useGardenId, guideQuery } from "../../api/queries";
import { useLive } from "../../api/useLive";
import { Worked } from "../../parts/Worked";
import { WorkingPanel } from "../../parts/WorkingPanel";
import { words } from "../../text";
import { figures, Shown } from "../../text/numbers";
import { ChoiceField, NumberField } from "../../ui/Fields";
import { Segmented } from "../../ui/Segmented";
import { Loading, Trouble } from "../../ui/States";
import { useDraft } from "../../ui/useDraft";
import { usualWater } from "../../parts/usual";

/** One nutrient that is short: how much, how, how often, and when not. */
export function Remedies() {
  const id = useGardenId();
  const garden = useQuery(gardenQuery(id)).data;
  const catalogue = useQuery(catalogueQuery).data;
  const all = useQuery({
    queryKey: ["remedies"],
    queryFn: () => call(api.GET("/api/live/remedy")),
    staleTime: Infinity,
  }).data;
  const draft = useDraft<RemedyDraft>(remedyDraft(id), REMEDY_BLANK);
  const { working } = useSearch({ from: "/g/$garden/feeds/remedies" });
  const navigate = useNavigate({ from: "/g/$garden/feeds/remedies" });
  const open = (step: string | undefined) => void navigate({ search: { ...(step ? { working: step } : {}) } });
  const d = draft.value;
  const guide = useQuery(guideQuery(id)).data;
  const species = d.species || guide?.kinds[0]?.key || "";
  const kind = askOfKind(guide, species);
  const water = usualWater(garden);
  const ask: RemedyAsk | undefined =
    water && kind
      ? {
          remedy: d.remedy,
          species: kind,
          mixPh: d.mixPh,
          waterPh: { text: String(water.ph), unit: "pH" },
          litres: d.litres,
          leaf: d.leaf,
          wetting: d.wetting,
          celsius: d.celsius,
          sun: d.sun,
        }
      : undefined;
  const live = useLive<RemedyAsk, RemedyAnswer>(ask, (body, signal) =>
    call(api.POST("/api/live/remedy", { body, signal })),
  );
  if (!garden || !catalogue || !all || !water) return <Loading what="the single nutrients" />;
  const shown = new Shown(catalogue.units, garden.unitHabit);
  const remedy = all.remedies.find((r) => r.key === d.remedy);
  const spray = remedy?.method === "foliar" || remedy?.method === "label";
  const dry = remedy?.method === "dry";
  const faults = live.problem?.faults ?? [];
  const a = live.answer;
  return (
    <div className="min-w-0 gap-6 md:grid md:grid-cols-[17rem_1fr]">
      <section aria-label="What is short">
        <Link to="/g/$garden/feeds" params={{ garden: id }} className="note lg:hidden">
          ← all feeds
        </Link>
        <h1 className="mb-2 text-2xl">Single nutrients</h1>
        <ChoiceField
          label="Give"
          field="remedy"
          faults={faults}
          value={d.remedy}
          onChange={(v) => draft.change({ remedy: v })}
          options={all.remedies.map((r) => ({
            value: r.key,
            label: words("remedies", r.key),
            group: words("lacks", r.element).split(":")[0]!,
          }))}
          hint={remedy && `What it looks like. ${words("lacks", remedy.element)}.`}
        />
        <PlantField
          garden={id}
          label="To"
          faults={faults}
          value={species}
          onChange={(v) => draft.change({ species: v })}
        />
        <NumberField
          label="pH of the mix, by its runoff"
          field="remedy.mix_ph"
          faults={faults}
          value={d.mixPh}
          shownUnit=""
          placeholder="if measured"
          onChange={(mixPh) => draft.change({ mixPh })}
        />
        <NumberField
          label={dry ? "Mix in the pot" : spray ? "Spray made" : "Water made"}
          field="remedy.litres"
          faults={faults}
          value={d.litres}
          units={["L", "mL", "US gal"]}
          onChange={(litres) => draft.change({ litres })}
        />
        {spray && (
          <>
            <p className="mb-0.5 text-sm">Its leaves are</p>
            <div className="mb-2">
              <Segmented
                label="Its leaves are"
                value={d.leaf}
                onChange={(leaf) => draft.change({ leaf: leaf as RemedyDraft["leaf"] })}
                options={(["thin", "thick", "hairy"] as const).map((l) => ({ value: l, label: words("leaves", l) }))}
              />
            </div>
            <NumberField
              label="Warmth now"
              field="remedy.celsius"
              faults={faults}
              value={d.celsius}
              units={["°C", "°F"]}
              onChange={(celsius) => draft.change({ celsius })}
            />
            {(
              [
                ["wetting", "a wetting agent is in it"],
                ["sun", "sun or a lamp is on the leaves"],
              ] as const
            ).map(([key, label]) => (
              <label key={key} className="flex min-h-8 items-center gap-2">
                <input
                  type="checkbox"
                  className="size-5"
                  checked={d[key]}
                  onChange={(e) => draft.change({ [key]: e.target.checked })}
                />
                {label}
              </label>
            ))}
          </>
        )}
      </section>
      <section aria-label="Answer" aria-live="polite" aria-busy={live.pending} className="min-w-0 max-w-3xl">
        {live.problem && <Trouble problem={live.problem} />}
        {a && !live.problem && (
          <>
            <h2 className="head !border-feed">{words("remedies", d.remedy)}</h2>
            {a.refusals.map((f) => (
              <p key={f.code} role="alert" className="my-2 border-l-4 border-stop pl-3">
                ▲ {f.detail}
              </p>
            ))}
            {a.better.length > 0 && a.refusals.some((f) => f.code === "chelate_lets_go") && (
              <p className="note">Holds at this pH: {a.better.map((b) => words("remedies", b)).join("; ")}.</p>
            )}
            {a.refusals.length === 0 && (
              <div className="my-1 border-l-4 border-ink pl-3">
                {remedy?.method === "label" ? (
                  <p>How much stands on its own label, and nowhere else.</p>
                ) : (
                  <p>
                    <Worked step="remedy.amount" open={open} big>
                      {figures(a.lowGrams)}–{shown.grams(a.highGrams)}
                    </Worked>{" "}
                    {dry ? "worked into the surface and watered in" : `into ${d.litres.text} ${d.litres.unit} of water`}
                    {a.mgPerLHigh > 0 && (
                      <>
                        :{" "}
                        <Worked step="remedy.element" open={open}>
                          {figures(a.mgPerLLow)}–{figures(a.mgPerLHigh)} mg/L {remedy?.element}
                        </Worked>
                      </>
                    )}
                  </p>
                )}
                <p className="note">
                  {a.daysLow === a.daysHigh
                    ? `Not again before ${a.daysLow} days.`
                    : `The weak one not again before ${a.daysLow} days, the strong one not before ${a.daysHigh}.`}{" "}
                  Begin with the weak end.
                </p>
              </div>
            )}
            <ul className="m-0 list-none p-0">
              {a.notes.map((n) => (
                <li key={n} className="border-b border-rule py-1">
                  {words("treatment_notes", n)}
                </li>
              ))}
            </ul>
            <ul aria-label="Cautions" className="note mt-3 list-none border-t border-stop p-0 pt-2">
              {a.cautions.map((c) => (
                <li key={c}>▲ {words("cautions", c)}</li>
              ))}
            </ul>
          </>
        )}
        <details className="mt-4">
          <summary className="underline decoration-rule-strong underline-offset-4">
            Brewed at home: teas and steeps
          </summary>
          <p className="note my-1">
            What is in a brew nobody knows: no figure in mg/L is claimed. Thin it, use it fresh, on moist mix, at most
            fortnightly, and feed nothing else that week.
          </p>
          <table className="w-full border-collapse text-sm">
            <thead>
              <tr className="note">
                <th className="text-left font-normal">Brew</th>
                <th className="pl-3 text-right font-normal">steep at most</th>
                <th className="pl-3 text-right font-normal">thin</th>
                <th className="pl-3 text-left font-normal">on plants to eat</th>
              </tr>
            </thead>
            <tbody>
              {all.brews.map((b) => (
                <tr key={b.key} className="border-t border-rule">
                  <th scope="row" className="py-1 text-left font-normal">
                    {words("brews", b.key)}
                  </th>
                  <td className="fig pl-3 text-right whitespace-nowrap">
                    {b.steepDays} {b.steepDays === 1 ? "day" : "days"}
                  </td>
                  <td className="fig pl-3 text-right">{b.fold}-fold</td>
                  <td className="pl-3">{b.food ? "yes, washed" : "▲ no"}</td>
                </tr>
              ))}
            </tbody>
          </table>
          <p className="note mt-1">
            Raw manure: 120 days before harvest where the soil touches what is eaten, 90 otherwise. Never charcoal from
            barbecue briquettes.
          </p>
        </details>
      </section>
      {working !== undefined && <WorkingPanel steps={a?.working} at={working} close={() => open(undefined)} />}
    </div>
  );
}
