import { DOSE_BLANK, doseDraft, type DoseDraft } from "../../parts/begun";
import { PlantField, useKindAsk } from "../../parts/PlantField";
import { useQuery } from "@tanstack/react-query";
import { Link, useNavigate, useSearch } from "@tanstack/react-router";
import { api, call, type DoseAsk, type DoseBench as Answer, type Feed, type Garden } from "../../api";
import { catalogueQuery, feedsQuery, gardenQuery, stockQuery, useGardenId } from "../../api/queries";
import { useLive } from "../../api/useLive";
import { HandDrawn, HandWords } from "../../parts/Hand";
import { Worked } from "../../parts/Worked";
import { WorkingPanel } from "../../parts/WorkingPanel";
import { words, say } from "../../text";
import { figures, plain, Shown } from "../../text/numbers";
import { ChoiceField, NumberField } from "../../ui/Fields";
import { fieldsOf } from "../../ui/fieldsOf";
import { Segmented } from "../../ui/Segmented";
import { Loading, Nothing, Trouble } from "../../ui/States";
import { Term } from "../../ui/Term";
import { useDraft } from "../../ui/useDraft";
import { usualWater } from "../../parts/usual";
import { CanCheck } from "./CanCheck";
import { stockOf } from "./tank";
import { WaterChoice } from "./WaterChoice";
import { Cautions } from "../../parts/Cautions";

/** One feed in every can there is: to the label, to so much nitrogen, or the same food in another rhythm. */
export function DoseBench() {
  const id = useGardenId();
  const garden = useQuery(gardenQuery(id)).data;
  const feeds = useQuery(feedsQuery(id));
  const catalogue = useQuery(catalogueQuery).data;
  const stock = useQuery(stockQuery(id)).data;
  const draft = useDraft<DoseDraft>(doseDraft(id), DOSE_BLANK);
  const { working } = useSearch({ from: "/g/$garden/feeds/dose" });
  const navigate = useNavigate({ from: "/g/$garden/feeds/dose" });
  const open = (step: string | undefined) => void navigate({ search: { ...(step ? { working: step } : {}) } });
  const there = feeds.data?.filter((f) => !f.retired) ?? [];
  const b = { ...DOSE_BLANK, ...draft.value };
  const feed = there.find((f) => f.id === b.feed) ?? there[0];
  const water = garden?.waters.find((w) => w.id === b.water) ?? usualWater(garden);
  const pack = stock?.find((s) => s.stock.feedId === feed?.id && !s.stock.retired)?.stock;
  const kind = useKindAsk(id, b.species);
  const meter = garden?.meters.find((m) => !m.retired);
  const us = garden?.unitHabit === "us";
  const amount = { ...b.amount, unit: b.amount.unit || (feed?.form === "liquid" ? "mL" : "g") };
  const told =
    b.aim === "mixed" ? amount.text.trim() && b.litres.text.trim() : b.aim !== "pen" || b.reading.text.trim();
  const ask: DoseAsk | undefined =
    garden && feed && water && told
      ? {
          feed,
          water,
          ...(kind ? { species: kind } : {}),
          aim: b.aim,
          ...(b.aim === "share" ? { value: b.share } : b.aim === "nitrogen" ? { value: b.nitrogen } : {}),
          ...(b.aim === "pen" ? { reading: b.reading, ...(meter ? { meter } : {}) } : {}),
          ...(b.aim === "mixed" ? { amount, litres: b.litres } : {}),
          ...(b.aim === "same_food" ? { labelDays: b.labelDays, days: b.days } : {}),
          vessels: garden.vessels,
          hand: garden.hand,
          spoons: garden.spoons,
          ...(pack?.pack !== undefined && pack.cost !== undefined ? { pack: pack.pack, cost: pack.cost } : {}),
          working: working !== undefined,
        }
      : undefined;
  const live = useLive<DoseAsk, Answer>(ask, (body, signal) => call(api.POST("/api/feed/dose", { body, signal })));
  if (!garden || !catalogue || feeds.isPending) return <Loading what={say("feeds_page.the_dose_bench")} />;
  if (!feed || !water) {
    return (
      <Nothing title={say("feeds_page.a_feed_is_needed_first")}>
        <p>{say("feeds_page.put_the_bottle_or_box_on")}</p>
      </Nothing>
    );
  }
  const shown = new Shown(catalogue.units, garden.unitHabit);
  const faults = live.problem?.faults ?? [];
  const a = live.answer;
  const on = fieldsOf(b, draft.change, faults);
  return (
    <div className="min-w-0 gap-6 md:grid md:grid-cols-[15.5rem_1fr]">
      <section aria-label={say("feeds_page.what_is_mixed")}>
        <Link to="/g/$garden/feeds" params={{ garden: id }} className="note lg:hidden">
          {say("feeds_page.all_feeds")}
        </Link>
        <h1 className="mb-2 text-2xl">{say("feeds_page.dose_bench")}</h1>
        <ChoiceField
          label={say("common.feed")}
          field="feed"
          faults={faults}
          value={feed.id}
          onChange={(v) => draft.change({ feed: v })}
          options={there.map((f) => ({
            value: f.id,
            label: `${f.name} ${plain(f.n)}-${plain(f.p2o5)}-${plain(f.k2o)}`,
          }))}
        />
        <PlantField
          garden={id}
          label={say("feeds_page.for")}
          faults={faults}
          value={b.species}
          onChange={(species) => draft.change({ species })}
          none={say("feeds_page.any_plant_cautiously")}
        />
        <WaterChoice garden={garden} water={water} faults={faults} choose={(v) => draft.change({ water: v })} />
        <div className="mb-2">
          <p className="mb-0.5 text-sm">{say("feeds_page.mixed_to")}</p>
          <Segmented
            label={say("feeds_page.mixed_to")}
            value={b.aim}
            onChange={(aim) => draft.change({ aim: aim as DoseAsk["aim"] })}
            options={[
              { value: "label", label: say("feeds_page.the_label") },
              { value: "share", label: say("feeds_page.a_share_of_it") },
              { value: "nitrogen", label: say("feeds_page.aimed_at_nitrogen") },
              { value: "pen", label: say("feeds_page.a_pen_number") },
              { value: "same_food", label: say("feeds_page.another_rhythm") },
              { value: "mixed", label: say("feeds_page.what_i_have_mixed") },
            ]}
          />
        </div>
        {b.aim === "share" && (
          <NumberField label={say("feeds_page.of_the_labels_top_rate")} {...on("share", "share")} />
        )}
        {b.aim === "nitrogen" && (
          <NumberField
            label={say("feeds_page.nitrogen_in_the_can")}
            shownUnit="mg/L N"
            hint={say("feeds_page.ppm_of_a_feed_chart_is")}
            {...on("nitrogen", "nitrogen")}
          />
        )}
        {b.aim === "pen" && (
          <NumberField
            label={say("feeds_page.the_pen_over_the_water")}
            units={["mS/cm", "µS/cm", "ppm"]}
            hint={
              meter?.scale
                ? say("feeds_page.ppm_on_the_scale_of", { name: meter.name, id: meter.scale.slice(3) })
                : say("feeds_page.its_ppm_scale_is_not_told")
            }
            {...on("reading", "reading")}
          />
        )}
        {b.aim === "mixed" && (
          <>
            <NumberField
              label={say("feeds_page.this_much_of_it")}
              units={
                us ? ["oz", "US fl oz", "US tsp", "US tbsp", "g", "mL"] : ["g", "mL", "tsp", "tbsp", "oz", "US fl oz"]
              }
              {...on("amount", "mixed.amount")}
              value={amount}
            />
            <NumberField
              label={say("feeds_page.in_this_much_water")}
              units={us ? ["US gal", "L"] : ["L", "US gal"]}
              {...on("litres", "mixed.litres")}
            />
          </>
        )}
        {b.aim === "same_food" && (
          <>
            <NumberField label={say("feeds_page.you_feed_every")} units={["d", "wk"]} {...on("days", "days")} />
            <NumberField
              label={say("feeds_page.the_label_every")}
              units={["d", "wk"]}
              placeholder={
                a?.labelDays !== undefined ? say("feeds_page.as_it_says", { labelDays: plain(a.labelDays) }) : ""
              }
              hint={say("feeds_page.only_asked_where_it_says_with")}
              {...on("labelDays", "label_days")}
            />
          </>
        )}
      </section>
      <section aria-label={say("common.answer")} aria-live="polite" aria-busy={live.pending} className="min-w-0">
        {live.problem && <Trouble problem={live.problem} />}
        {a && !live.problem && (
          <>
            <p className="note float-right">
              <Link
                to="/g/$garden/feeds/tank"
                params={{ garden: id }}
                className="flex min-h-8 items-center"
                onClick={() => stockOf(id, [{ feed: feed.id, perLitre: stockUnits(feed, a) }])}
              >
                {say("feeds_page.make_a_stock_of_it")}
              </Link>
            </p>
            {b.aim === "mixed" ? (
              <Judged answer={a} feed={feed} shown={shown} open={open} />
            ) : (
              <Cans answer={a} garden={garden} feed={feed} shown={shown} open={open} currency={pack?.currency} />
            )}
            <div className="mt-4 gap-6 xl:grid xl:grid-cols-2">
              <Inside answer={a} open={open} />
              <CanCheck
                garden={garden}
                catalogue={catalogue}
                feed={feed}
                water={water}
                perLitre={a.perLitre}
                others={there}
              />
            </div>
            <Cautions ids={a.cautions} />
          </>
        )}
        {!a && !live.problem && (
          <p className="note p-6">{ask ? say("common.working_it_out") : say("feeds_page.fill_in_what_is_asked")}</p>
        )}
      </section>
      {working !== undefined && <WorkingPanel steps={a?.working} at={working} close={() => open(undefined)} />}
    </div>
  );
}

/** The dose as the tank counts it: grams of a dry feed, millilitres of a liquid one. */
function stockUnits(feed: Feed, a: Answer): number {
  return feed.form === "dry" ? a.gramsPerLitre : a.millilitresPerLitre;
}

type Shows = { answer: Answer; open: (step: string) => void };

/** What somebody has mixed, against the label and the plant, and the water that would put it right. */
function Judged({ answer: a, feed, shown, open }: Shows & { feed: Feed; shown: Shown }) {
  return (
    <>
      <p className="mb-1">
        <Worked step="feed.mixed" open={open} big>
          {shown.strength(a.perLitre, a.measure)}
        </Worked>{" "}
        {say("feeds_page.of", { name: feed.name })}
        <span className="note"> {say("feeds_page.of_its_labels_top", { percent: figures(a.ofLabelPercent) })}</span>
      </p>
      {a.waterToAdd > 0 ? (
        <p className="my-2 border-l-4 border-stop pl-3">
          <b>{say("feeds_page.too_strong_add", { litres: shown.litres(a.waterToAdd) })}</b>
          <span className="note block">
            {say("feeds_page.it_bears_at_most", {
              strength: shown.strength(a.ceilingPerLitre, a.measure),
              ceilings: words("ceilings", a.ceiling),
            })}
          </span>
        </p>
      ) : (
        <p className="my-2 border-l-4 border-leaf pl-3">
          <b>{say("feeds_page.within_the_limits")}</b>
          <span className="note block">
            {say("feeds_page.it_bears_at_most", {
              strength: shown.strength(a.ceilingPerLitre, a.measure),
              ceilings: words("ceilings", a.ceiling),
            })}
          </span>
        </p>
      )}
      <p className="mb-2">
        {say("feeds_page.the_pen_should_then_read", {
          ec: figures(a.waterEc + a.ecAdded),
          plusMinus: figures(a.ecAddedPlusMinus, 1),
        })}
      </p>
    </>
  );
}

/** The dose in every can, smallest first. */
function Cans({
  answer: a,
  garden,
  feed,
  shown,
  open,
  currency,
}: Shows & { garden: Garden; feed: Feed; shown: Shown; currency: string | undefined }) {
  const cost = a.cans.some((c) => c.cost !== undefined);
  return (
    <>
      <p className="mb-1">
        <Worked step="feed.strength" open={open} big>
          {shown.strength(a.perLitre, a.measure)}
        </Worked>{" "}
        {say("feeds_page.of", { name: feed.name })}
        {a.heldBack ? (
          <span className="text-stop">
            {" "}
            {say("feeds_page.held_back_by_of_the_food", {
              ceilings: words("ceilings", a.ceiling),
              lostPercent: figures(a.lostPercent),
            })}
          </span>
        ) : (
          <span className="note">
            {" "}
            {say("feeds_page.at_most", {
              strength: shown.strength(a.ceilingPerLitre, a.measure),
              ceilings: words("ceilings", a.ceiling),
            })}
          </span>
        )}
      </p>
      <table className="w-full border-collapse text-left">
        <caption className="sr-only">{say("feeds_page.the_dose_in_every_can")}</caption>
        <thead>
          <tr className="note border-b border-rule-strong align-bottom">
            <th className="py-1 pr-2 font-normal">{say("feeds_page.can")}</th>
            <th className="py-1 pr-2 font-normal" colSpan={2}>
              {say("feeds_page.put_in")}
            </th>
            <th className="py-1 pr-2 text-right font-normal">
              {say("feeds_page.n_mg_l")}
              <Term id="npk" name={say("feeds_page.n_mg_l")} />
            </th>
            <th className="py-1 pr-2 text-right font-normal">
              {say("feeds_page.the_pen_should_read_ms_cm_2")}
              <Term id="ec" name={say("feeds_page.the_pen_should_read_ms_cm_2")} />
            </th>
            {cost && <th className="py-1 text-right font-normal">{say("common.costs")}</th>}
          </tr>
        </thead>
        <tbody>
          {a.cans.map((c) => (
            <tr key={c.vesselId} className="border-b border-rule">
              <th scope="row" className="py-1 pr-2 font-normal">
                {garden.vessels.find((v) => v.id === c.vesselId)?.name}{" "}
                <span className="note fig whitespace-nowrap">{shown.vessel(c.litres)}</span>
              </th>
              <td className="w-0 py-0.5 pr-2">
                {c.hand.pieces.reduce((n, p) => n + p.count, 0) <= 4 && <HandDrawn m={c.hand} />}
              </td>
              <td className="py-1 pr-2">
                <b className="fig">
                  <HandWords m={c.hand} />
                </b>
                <span className="note block">{shown.rounding(c.hand)}</span>
              </td>
              <td className="fig py-1 pr-2 text-right">{figures(c.n)}</td>
              <td className="fig py-1 pr-2 text-right whitespace-nowrap">
                {figures(c.meter)} ± {figures(c.meterPlusMinus, 1)}
              </td>
              {cost && (
                <td className="fig py-1 text-right whitespace-nowrap">
                  {c.cost !== undefined && `${currency ?? ""} ${c.cost < 0.01 ? "<0.01" : c.cost.toFixed(2)}`}
                </td>
              )}
            </tr>
          ))}
        </tbody>
      </table>
    </>
  );
}

/** Each nutrient, from feed and from water, and the two limits of the plant. */
function Inside({ answer: a, open }: Shows) {
  const limit = (name: string, value: string, share: number, most: string, step: string) => (
    <div className="mb-1">
      <p className="flex justify-between gap-2 text-sm">
        <span>{name}</span>
        <span className="whitespace-nowrap">
          <Worked step={step} open={open}>
            {value}
          </Worked>{" "}
          <span className="note fig">{say("feeds_page.of_most", { most })}</span>
        </span>
      </p>
      <svg viewBox="0 0 100 4" preserveAspectRatio="none" className="block h-1.5 w-full" aria-hidden="true">
        <rect width="100" height="4" fill="none" stroke="var(--rule-strong)" strokeWidth="0.6" />
        <rect width={Math.min(100, share * 100)} height="4" fill={share > 1.001 ? "var(--stop)" : "var(--feed)"} />
      </svg>
    </div>
  );
  return (
    <section aria-label={say("feeds_page.what_is_in_it")}>
      <h2 className="head !border-feed">{say("feeds_page.what_is_in_it_mg_l")}</h2>
      <table className="w-full border-collapse text-sm">
        <thead>
          <tr className="note">
            <th className="text-left font-normal">
              {say("feeds_page.as_the_element")}
              <Term id="npk" name={say("feeds_page.as_the_element")} />
            </th>
            <th className="text-right font-normal">{say("feeds_page.feed_2")}</th>
            {a.waterTold && <th className="text-right font-normal">{say("feeds_page.water")}</th>}
            {a.waterTold && <th className="text-right font-normal">{say("feeds_page.together")}</th>}
          </tr>
        </thead>
        <tbody>
          {a.nutrients.map((n) => (
            <tr key={n.nutrient} className="border-t border-rule">
              <th scope="row" className="py-0.5 text-left font-normal">
                {words("nutrients", n.nutrient)}
              </th>
              <td className="fig text-right">{n.feed ? figures(n.feed) : "–"}</td>
              {a.waterTold && <td className="fig text-right">{n.water ? figures(n.water) : "–"}</td>}
              {a.waterTold && <td className="fig text-right">{figures(n.feed + n.water)}</td>}
            </tr>
          ))}
        </tbody>
      </table>
      <p className="note mb-2">
        {a.spread > 0.005 && say("feeds_page.feed_density_spoon", { value: figures(a.spread * 100, 1) })}
        {!a.waterTold && say("feeds_page.what_the_water_brings_is_not")}
      </p>
      {limit(
        say("feeds_page.nitrogen"),
        `${figures(a.n)} mg/L`,
        a.n / a.nCap,
        `${figures(a.nCap)} mg/L`,
        "feed.nitrogen",
      )}
      {limit(
        say("feeds_page.salt_over_the_water"),
        say("feeds_page.ms_cm", { ecAdded: figures(a.ecAdded), ecAddedPlusMinus: figures(a.ecAddedPlusMinus, 1) }),
        a.ecAdded / a.ecCap,
        `${figures(a.ecCap)} mS/cm`,
        "feed.ceiling",
      )}
      <p className="note">
        {say("feeds_page.the_reading_is_forecast", { forecasts: words("forecasts", a.forecastBy) })}
      </p>
    </section>
  );
}
