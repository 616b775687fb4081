import type { ReactNode } from "react";
import type { Care, Catalogue, Dose, Feed, Garden, Lot } from "../../api";
import { HandDrawn, HandWords, OtherWays } from "../../parts/Hand";
import { PotSection } from "../../parts/PotSection";
import { Worked } from "../../parts/Worked";
import { words, say, rich } from "../../text";
import { InSpite } from "./InSpite";
import { day, dayFrom, figures, type Shown } from "../../text/numbers";
import { Cautions } from "../../parts/Cautions";

type Open = (step: string) => void;

function Line({ label, children }: { label: string; children: ReactNode }) {
  return (
    <div className="flex items-baseline justify-between gap-3 border-b border-rule py-1">
      <dt className="text-sm">{label}</dt>
      <dd className="m-0 text-right whitespace-nowrap">{children}</dd>
    </div>
  );
}

type Props = {
  care: Care;
  garden: Garden;
  catalogue: Catalogue;
  lot: Lot | undefined;
  feed: Feed | undefined;
  pots: string;
  shown: Shown;
  open: Open;
};

export function DoseAnswer({ care, garden, catalogue, lot, feed, pots, shown, open }: Props) {
  const w = care.water;
  const layers = care.layers;
  const many = pots.trim() !== "1";
  // the flush has a line of its own
  const minded = care.notes.filter((n) => n !== "flush_first");
  return (
    <div className="gap-6 xl:grid xl:grid-cols-[1fr_20rem]">
      <div>
        <h2 className="head !border-water">{say("common.water")}</h2>
        <div className="grid grid-cols-[auto_auto_auto] justify-between gap-x-3">
          <p>
            {w.nextIsFlush ? (
              <b className="fig text-xl">{shown.litres(w.nextPourLitres)}</b>
            ) : (
              <Worked step="water.next_pour" open={open} big>
                {shown.litres(w.nextPourLitres)}
              </Worked>
            )}
            <span className="note block">
              {rich("bench_page.next_time", { value: many && say("bench_page.each_pot") })}
              {w.nextIsFlush && say("bench_page.a_flush")}
            </span>
          </p>
          <p>
            <Worked step="water.days" open={open} big>
              {say("common.counted_days", { count: w.daysLikely })}
            </Worked>
            <span className="note block">
              {say("bench_page.between", { daysShort: w.daysShort, daysLong: w.daysLong })}
            </span>
          </p>
          <p>
            <Worked step="plan.next_water" open={open} big>
              {dayFrom(w.nextWater, garden.today)}
            </Worked>
            <span className="note block">{say("bench_page.next_watering")}</span>
          </p>
        </div>
        <p className="note mb-2">
          {say("bench_page.due_when_of_the_that_roots", {
            usableLitres: shown.litres(w.usableLitres),
            availableLitres: shown.litres(w.availableLitres),
            value: lot?.state.lastWateredOn
              ? say("bench_page.last_watered_gone_so_if_you", {
                  day: day(lot.state.lastWateredOn),
                  litresMissing: shown.litres(w.litresMissing),
                  litresNow: shown.litres(w.litresNow),
                })
              : say("bench_page.not_watered_yet_under_this_plan"),
            value2:
              care.averageFrom && say("bench_page.planned_by_the_weather_from_an", { day: day(care.averageFrom) }),
          })}
        </p>
        <PotSection layers={layers} potHeightCm={w.potHeightCm} topWidthCm={w.topWidthCm} shown={shown} />
        <dl className="m-0 grid grid-cols-[1fr_1.2fr] gap-x-5">
          <Line label={say("bench_page.mix_in_pot")}>
            <Worked step="pot.volume" open={open}>
              {shown.litres(w.mixLitres)}
            </Worked>
          </Line>
          <Line label={say("bench_page.weighs_drained")}>
            <Worked step="media.weight" open={open}>
              {shown.kilograms(w.wetKg)}
            </Worked>
          </Line>
          <Line label={say("bench_page.drained_water")}>
            <Worked step="media.capacity" open={open}>
              {figures(w.capacityPercent)} %
            </Worked>
          </Line>
          <Line label={say("bench_page.drained_air")}>
            <Worked step="media.capacity" open={open}>
              {figures(w.airPercent)} %
            </Worked>
          </Line>
          <Line label={say("bench_page.available")}>
            <Worked step="media.available" open={open}>
              {shown.litres(w.availableLitres)}
            </Worked>
          </Line>
          <Line label={say("bench_page.daily_use")}>
            <Worked step="water.daily" open={open}>
              {shown.litres(w.dailyLitres)}
            </Worked>{" "}
            <span className="note fig">
              {shown.litres(w.dailyLow)}–{shown.litres(w.dailyHigh)}
            </span>
          </Line>
        </dl>
        <Learned water={w} shown={shown} />
        {care.drip && (
          <p className="note mt-1">
            {rich("bench_page.on_the_drip_line_each_time", {
              worked: (
                <Worked step="water.drip" open={open}>
                  {say("bench_page.min", { minutes: figures(care.drip.minutes) })}
                </Worked>
              ),
              drawLitresPerHour: shown.litres(care.drip.drawLitresPerHour),
            })}
            {care.drip.overlong && say("bench_page.more_pots_than_the_25_30")}
          </p>
        )}
      </div>
      <div>
        <h2 className="head mt-4 !border-feed xl:mt-0">{feed ? feed.name : say("common.feed")}</h2>
        {care.feed ? (
          <DoseOf dose={care.feed} garden={garden} catalogue={catalogue} shown={shown} open={open} />
        ) : (
          <p className="note">
            {feed ? say("bench_page.plain_water_instead_see_below") : say("bench_page.no_feed_this_lot_gets_plain")}
          </p>
        )}
        {care.nextFeed && (
          <p className="my-2 border-l-4 border-feed pl-3">
            {say("bench_page.next_feed")}{" "}
            <Worked step="plan.feed_gap" open={open} big>
              {openEnded(care.nextFeed)
                ? say("bench_page.when_that_is_over")
                : dayFrom(care.nextFeed.date, garden.today)}
            </Worked>
            <span className="note block">{words("bindings", care.nextFeed.binding)}</span>
            {care.nextFeed.held.length > 0 && (
              <span className="note block">
                {say("bench_page.held_back_by", {
                  held: care.nextFeed.held
                    .map(
                      (h) =>
                        `${words("holds", h.hold)}, ${h.until ? say("bench_page.until_day", { day: day(h.until) }) : h.hold === "salty" ? say("bench_page.until_the_next_reading") : say("bench_page.until_you_say_it_is_over")}`,
                    )
                    .join("; "),
                })}
              </span>
            )}
          </p>
        )}
        {lot && care.nextFeed && care.nextFeed.held.length > 0 && (
          <InSpite
            lot={lot}
            garden={garden}
            ids={care.nextFeed.held.map((h) => h.hold)}
            name={say("bench_page.feed_anyway")}
            label={say("bench_page.in_spite_of")}
            example={say("bench_page.new_shoots_already")}
            said={say("bench_page.may_be_fed")}
          />
        )}
        {care.flush && (
          <p className="my-2 border-l-4 border-water pl-3">
            {say("bench_page.flush")}{" "}
            <b className="text-lg">
              {care.flush.on <= garden.today
                ? say("bench_page.with_the_next_watering")
                : dayFrom(care.flush.on, garden.today)}
            </b>
            <span className="note block">
              {rich("bench_page.of_plain_water", {
                litres: shown.litres(care.flush.litres),
                value: many && say("bench_page.each_pot"),
                flush_askers: words("flush_askers", care.flush.asker),
              })}
            </span>
          </p>
        )}
        {minded.length > 0 && (
          <ul aria-label={say("bench_page.to_mind")} className="mt-2 list-none p-0 text-sm">
            {minded.map((n) => (
              <li key={n}>→ {words("care_notes", n)}</li>
            ))}
          </ul>
        )}
        {lot && care.maySetAside.length > 0 && (
          <InSpite
            lot={lot}
            garden={garden}
            ids={care.maySetAside}
            name={say("bench_page.set_aside")}
            label={say("bench_page.this_warning")}
            example={say("bench_page.it_has_stood_there_for_years")}
            said={say("bench_page.set_aside_2")}
          />
        )}
        <Cautions ids={care.cautions} />
      </div>
    </div>
  );
}

/** Whether nobody knows yet when the feed may go on. */
function openEnded(feed: NonNullable<Care["nextFeed"]>): boolean {
  return feed.held.some((h) => h.until === undefined);
}

/** What this lot's own waterings have taught, beside what is planned for its kind. */
function Learned({ water: w, shown }: { water: Care["water"]; shown: Shown }) {
  const l = w.learned;
  if (l.from === 0) return <p className="note mt-1">{say("bench_page.as_planned_for_its_kind_pot")}</p>;
  return (
    <p className="note mt-1">
      {rich("bench_page.learned_from_waterings_it_drinks_times", {
        from: l.from,
        b: (c) => <b className="fig">{c}</b>,
        factor: figures(l.factor, 2),
        plannedLitres: shown.litres(w.plannedLitres),
        low: figures(l.low, 2),
        high: figures(l.high, 2),
      })}
    </p>
  );
}

function DoseOf({
  dose: d,
  garden,
  catalogue,
  shown,
  open,
}: {
  dose: Dose;
  garden: Garden;
  catalogue: Catalogue;
  shown: Shown;
  open: Open;
}) {
  const meter = garden.meters[0];
  const scale = catalogue.scales.find((s) => s.id === meter?.scale);
  const watered = d.kind === "watered";
  return (
    <>
      <div className="flex items-center gap-3">
        <HandDrawn m={d.hand} />
        <div>
          <Worked step="feed.rounding" open={open} big>
            <HandWords m={d.hand} />
          </Worked>
          <span className="note block">
            {watered
              ? say("bench_page.to_of_water", { vessel: shown.vessel(d.canLitres ?? 0) })
              : say("bench_page.on_each_pot")}{" "}
            · {shown.rounding(d.hand)}
          </span>
          <OtherWays dose={d} />
          {d.byVolume !== undefined && (
            <span className="note block">
              {say("bench_page.in_proportion_to_the_width_as", { product: shown.product(d.byVolume, d.hand.measure) })}
            </span>
          )}
        </div>
      </div>
      <dl className="m-0">
        {watered && (
          <Line label={say("bench_page.this_pot_gets")}>
            <Worked step="feed.pot" open={open}>
              {shown.product(d.perPot, d.hand.measure)}
            </Worked>{" "}
            <span className="note">{say("bench_page.of_product")}</span>
          </Line>
        )}
        <Line label={watered ? say("bench_page.n_p_k_in_the_can") : say("bench_page.n_p_k_for_the_pot")}>
          <Worked step={watered ? "feed.nitrogen" : "feed.strewn_nitrogen"} open={open}>
            {figures(d.nutrients.n)} · {figures(d.nutrients.p)} · {figures(d.nutrients.k)} {watered ? "mg/L" : "g"}
          </Worked>
        </Line>
        {d.meter !== undefined && d.meterPlusMinus !== undefined && (
          <Line label={say("bench_page.the_meter_should_read")}>
            <Worked step="feed.meter" open={open}>
              {say("bench_page.ms_cm", { meter: figures(d.meter), meterPlusMinus: figures(d.meterPlusMinus, 1) })}
            </Worked>
            <span className="note fig block whitespace-normal">
              {scale
                ? say("bench_page.ppm_scale", {
                    value: figures(d.meter * scale.ppmPerMsCm),
                    value2: figures(d.meterPlusMinus * scale.ppmPerMsCm, 1),
                    id: scale.id.slice(3),
                  })
                : say("bench_page.ppm_say_first_which_scale_your")}
              {d.meterOverWater !== undefined &&
                say("bench_page.over_the_water", { meterOverWater: figures(d.meterOverWater) })}
            </span>
          </Line>
        )}
        {d.ceiling && d.ceilingPerLitre !== undefined && d.perLitre !== undefined && (
          <Line label={say("bench_page.limit")}>
            <Worked step="feed.ceiling" open={open}>
              {shown.strength(d.ceilingPerLitre, d.hand.measure)}
            </Worked>
            <span className={`note block whitespace-normal ${d.heldBack ? "!text-stop" : ""}`}>
              {d.heldBack && say("bench_page.held_back_by_2")}
              {words("ceilings", d.ceiling)}
            </span>
          </Line>
        )}
      </dl>
      {!watered && d.heldBack && d.ceiling && (
        <p className="my-2 border-l-4 border-stop pl-3 text-sm">
          {say("bench_page.less_than_the_label_says_because", { ceilings: words("ceilings", d.ceiling) })}
        </p>
      )}
    </>
  );
}
