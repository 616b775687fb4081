import { REMEDY_BLANK, remedyDraft, type RemedyDraft } from "../../parts/begun";
import { PlantField } from "../../parts/PlantField";
import { askOfKind } from "../../text/plants";
import { useQuery } from "@tanstack/react-query";
import { Link, useNavigate, useSearch } from "@tanstack/react-router";
import { api, call, type RemedyAnswer, type RemedyAsk } from "../../api";
import { catalogueQuery, gardenQuery, useGardenId, guideQuery } from "../../api/queries";
import { useLive } from "../../api/useLive";
import { handText } from "../../parts/Hand";
import { COUNTED, strengthUnits } from "../../parts/strengths";
import { Worked } from "../../parts/Worked";
import { WorkingPanel } from "../../parts/WorkingPanel";
import { rich, words, say } from "../../text";
import { figures, Shown } from "../../text/numbers";
import { ChoiceField, NumberField } from "../../ui/Fields";
import { fieldsOf } from "../../ui/fieldsOf";
import { Segmented } from "../../ui/Segmented";
import { Loading, Trouble } from "../../ui/States";
import { useDraft } from "../../ui/useDraft";
import { usualWater } from "../../parts/usual";
import { Cautions } from "../../parts/Cautions";

/** One nutrient that is short: how much, how, how often, and when not. */
export function Remedies() {
  const id = useGardenId();
  const garden = useQuery(gardenQuery(id)).data;
  const catalogue = useQuery(catalogueQuery).data;
  const all = useQuery({
    queryKey: ["remedies"],
    queryFn: () => call(api.GET("/api/remedy")),
    staleTime: Infinity,
  }).data;
  const draft = useDraft<RemedyDraft>(remedyDraft(id), REMEDY_BLANK);
  const { working } = useSearch({ from: "/g/$garden/feeds/remedies" });
  const navigate = useNavigate({ from: "/g/$garden/feeds/remedies" });
  const open = (step: string | undefined) => void navigate({ search: { ...(step ? { working: step } : {}) } });
  const d = { ...REMEDY_BLANK, ...draft.value };
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
          hand: garden?.hand ?? "spoons",
          spoons: garden?.spoons ?? [],
          own: d.own,
        }
      : undefined;
  const live = useLive<RemedyAsk, RemedyAnswer>(ask, (body, signal) => call(api.POST("/api/remedy", { body, signal })));
  if (!garden || !catalogue || !all || !water) return <Loading what={say("feeds_page.the_single_nutrients")} />;
  const shown = new Shown(catalogue.units, garden.unitHabit);
  const remedy = all.remedies.find((r) => r.key === d.remedy);
  const spray = remedy?.method === "foliar" || remedy?.method === "label";
  const dry = remedy?.method === "dry";
  const faults = live.problem?.faults ?? [];
  const a = live.answer;
  const liquid = a?.measure === "millilitres";
  const ownUnits = strengthUnits(!liquid, liquid ? undefined : COUNTED.element);
  const on = fieldsOf(d, draft.change, faults);
  return (
    <div className="min-w-0 gap-6 md:grid md:grid-cols-[17rem_1fr]">
      <section aria-label={say("feeds_page.what_is_short")}>
        <Link to="/g/$garden/feeds" params={{ garden: id }} className="note lg:hidden">
          {say("feeds_page.all_feeds")}
        </Link>
        <h1 className="mb-2 text-2xl">{say("frame.single_nutrients")}</h1>
        <ChoiceField
          label={say("feeds_page.give")}
          options={all.remedies.map((r) => ({
            value: r.key,
            label: words("remedies", r.key),
            group: words("lacks", r.element).split(":")[0]!,
          }))}
          hint={remedy && say("feeds_page.what_it_looks_like", { lacks: words("lacks", remedy.element) })}
          {...on.choice("remedy", "remedy")}
        />
        <PlantField
          garden={id}
          label={say("common.to")}
          faults={faults}
          value={species}
          onChange={(v) => draft.change({ species: v })}
        />
        <NumberField
          label={say("feeds_page.ph_of_the_mix_by_its")}
          shownUnit=""
          placeholder={say("feeds_page.if_measured")}
          {...on("mixPh", "remedy.mix_ph")}
        />
        <NumberField
          label={
            dry ? say("feeds_page.mix_in_the_pot") : spray ? say("feeds_page.spray_made") : say("feeds_page.water_made")
          }
          units={["L", "mL", "cup", "US gal", "imp gal", "US qt", "US cup", "US fl oz"]}
          {...on("litres", "remedy.litres")}
        />
        {!dry && remedy?.method !== "label" && (
          <NumberField
            label={say("feeds_page.my_own_strength")}
            units={ownUnits}
            placeholder={say("feeds_page.to_check_it")}
            {...on("own", "remedy.own")}
          />
        )}
        {spray && (
          <>
            <p className="mb-0.5 text-sm">{say("feeds_page.its_leaves_are")}</p>
            <div className="mb-2">
              <Segmented
                label={say("feeds_page.its_leaves_are")}
                value={d.leaf}
                onChange={(leaf) => draft.change({ leaf: leaf as RemedyDraft["leaf"] })}
                options={(["thin", "thick", "hairy"] as const).map((l) => ({ value: l, label: words("leaves", l) }))}
              />
            </div>
            <NumberField
              label={say("feeds_page.warmth_now")}
              units={["°C", "°F"]}
              {...on("celsius", "remedy.celsius")}
            />
            {(
              [
                ["wetting", say("feeds_page.a_wetting_agent_is_in_it")],
                ["sun", say("feeds_page.sun_or_a_lamp_is_on")],
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
      <section
        aria-label={say("common.answer")}
        aria-live="polite"
        aria-busy={live.pending}
        className="min-w-0 max-w-3xl"
      >
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
              <p className="note">
                {say("feeds_page.holds_at_this_ph", { better: a.better.map((b) => words("remedies", b)).join("; ") })}
              </p>
            )}
            {a.refusals.length === 0 && (
              <div className="my-1 border-l-4 border-ink pl-3">
                {remedy?.method === "label" ? (
                  <p>{say("feeds_page.how_much_stands_on_its_own")}</p>
                ) : (
                  <p>
                    <Worked step="remedy.amount" open={open} big>
                      {a.high > a.low ? `${figures(a.low)}–` : ""}
                      {shown.product(a.high, a.measure)}
                    </Worked>{" "}
                    {dry
                      ? say("feeds_page.worked_into_the_surface_and_watered")
                      : say("feeds_page.into_of_water", { text: d.litres.text, unit: d.litres.unit })}
                    {a.mgPerLHigh > 0 && (
                      <>
                        :{" "}
                        <Worked step="remedy.element" open={open}>
                          {say("feeds_page.mg_l", {
                            mgPerLLow: figures(a.mgPerLLow),
                            mgPerLHigh: figures(a.mgPerLHigh),
                            element: remedy?.element,
                          })}
                        </Worked>
                      </>
                    )}
                  </p>
                )}
                {a.hand.length === 2 && a.hand.every((m) => m.pieces.length > 0) && (
                  <p className="note">
                    {say("feeds_page.by_hand_between", {
                      low: handText(a.hand[0]!),
                      high: handText(a.hand[1]!),
                      range: a.high > a.low ? "yes" : "no",
                    })}
                  </p>
                )}
                {a.own && (
                  <p role="status" className="my-1">
                    {a.own.beside === "stronger" && "▲ "}
                    {rich("feeds_page.your_strength_is", {
                      b: (c) => <b className="fig">{c}</b>,
                      perLitre: `${figures(a.own.perLitre)}\u00a0${liquid ? "mL/L" : "g/L"}`,
                      ppm: a.own.mgPerL > 0 ? "yes" : "no",
                      mgPerL: figures(a.own.mgPerL),
                      element: remedy?.element ?? "",
                      beside: a.own.beside,
                    })}
                  </p>
                )}
                <p className="note">
                  {say("feeds_page.begin_with_the_weak_end", {
                    range: a.high > a.low ? "yes" : "no",
                    value:
                      a.daysLow === a.daysHigh
                        ? say("feeds_page.not_again_before_days", { daysLow: a.daysLow })
                        : say("feeds_page.the_weak_one_not_again_before", { daysLow: a.daysLow, daysHigh: a.daysHigh }),
                  })}
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
            <Cautions ids={a.cautions} />
          </>
        )}
        <details className="mt-4">
          <summary className="underline decoration-rule-strong underline-offset-4">
            {say("feeds_page.brewed_at_home_teas_and_steeps")}
          </summary>
          <p className="note my-1">{say("feeds_page.what_is_in_a_brew_nobody")}</p>
          <table className="w-full border-collapse text-sm">
            <thead>
              <tr className="note">
                <th className="text-left font-normal">{say("feeds_page.brew")}</th>
                <th className="pl-3 text-right font-normal">{say("feeds_page.steep_at_most")}</th>
                <th className="pl-3 text-right font-normal">{say("feeds_page.thin")}</th>
                <th className="pl-3 text-left font-normal">{say("feeds_page.on_plants_to_eat")}</th>
              </tr>
            </thead>
            <tbody>
              {all.brews.map((b) => (
                <tr key={b.key} className="border-t border-rule">
                  <th scope="row" className="py-1 text-left font-normal">
                    {words("brews", b.key)}
                  </th>
                  <td className="fig pl-3 text-right whitespace-nowrap">
                    {say("common.counted_days", { count: b.steepDays })}
                  </td>
                  <td className="fig pl-3 text-right">{say("feeds_page.fold", { fold: b.fold })}</td>
                  <td className="pl-3">{b.food ? say("feeds_page.yes_washed") : say("feeds_page.no")}</td>
                </tr>
              ))}
            </tbody>
          </table>
          <p className="note mt-1">{say("feeds_page.raw_manure_120_days_before_harvest")}</p>
        </details>
      </section>
      {working !== undefined && <WorkingPanel steps={a?.working} at={working} close={() => open(undefined)} />}
    </div>
  );
}
