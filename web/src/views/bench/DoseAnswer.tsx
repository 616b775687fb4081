import type { ReactNode } from "react";
import type { Care, Catalogue, Dose, Feed, Garden, Lot } from "../../api";
import { HandDrawn, HandWords, OtherWays } from "../../parts/Hand";
import { PotSection } from "../../parts/PotSection";
import { Worked } from "../../parts/Worked";
import { words } from "../../text";
import { InSpite } from "./InSpite";
import { day, dayFrom, figures, type Shown } from "../../text/numbers";

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
        <h2 className="head !border-water">Water</h2>
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
              next time{many && ", each pot"}
              {w.nextIsFlush && ": a flush"}
            </span>
          </p>
          <p>
            <Worked step="water.days" open={open} big>
              {w.daysLikely} {w.daysLikely === 1 ? "day" : "days"}
            </Worked>
            <span className="note block">
              between ({w.daysShort}–{w.daysLong})
            </span>
          </p>
          <p>
            <Worked step="plan.next_water" open={open} big>
              {dayFrom(w.nextWater, garden.today)}
            </Worked>
            <span className="note block">next watering</span>
          </p>
        </div>
        <p className="note mb-2">
          Due when {shown.litres(w.usableLitres)} of the {shown.litres(w.availableLitres)} that roots can take is gone.{" "}
          {lot?.state.lastWateredOn
            ? `Last watered ${day(lot.state.lastWateredOn)}: ${shown.litres(w.litresMissing)} gone, so ${shown.litres(w.litresNow)} if you water now.`
            : "Not watered yet under this plan: the dates start from today."}
          {care.averageFrom && ` Planned by the weather; from ${day(care.averageFrom)} an average year is used.`}
        </p>
        <PotSection layers={layers} potHeightCm={w.potHeightCm} topWidthCm={w.topWidthCm} shown={shown} />
        <dl className="m-0 grid grid-cols-[1fr_1.2fr] gap-x-5">
          <Line label="Mix in pot">
            <Worked step="pot.volume" open={open}>
              {shown.litres(w.mixLitres)}
            </Worked>
          </Line>
          <Line label="Weighs, drained">
            <Worked step="media.weight" open={open}>
              {shown.kilograms(w.wetKg)}
            </Worked>
          </Line>
          <Line label="Drained, water">
            <Worked step="media.capacity" open={open}>
              {figures(w.capacityPercent)} %
            </Worked>
          </Line>
          <Line label="Drained, air">
            <Worked step="media.capacity" open={open}>
              {figures(w.airPercent)} %
            </Worked>
          </Line>
          <Line label="Available">
            <Worked step="media.available" open={open}>
              {shown.litres(w.availableLitres)}
            </Worked>
          </Line>
          <Line label="Daily use">
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
            On the drip line{" "}
            <Worked step="water.drip" open={open}>
              {figures(care.drip.minutes)} min
            </Worked>{" "}
            each time; the line draws {shown.litres(care.drip.drawLitresPerHour)} an hour.
            {care.drip.overlong && " ▲ More pots than the 25–30 that one line serves."}
          </p>
        )}
      </div>
      <div>
        <h2 className="head mt-4 !border-feed xl:mt-0">{feed ? feed.name : "Feed"}</h2>
        {care.feed ? (
          <DoseOf dose={care.feed} garden={garden} catalogue={catalogue} shown={shown} open={open} />
        ) : (
          <p className="note">{feed ? "Plain water instead, see below." : "No feed: this lot gets plain water."}</p>
        )}
        {care.nextFeed && (
          <p className="my-2 border-l-4 border-feed pl-3">
            Next feed{" "}
            <Worked step="plan.feed_gap" open={open} big>
              {openEnded(care.nextFeed) ? "when that is over" : dayFrom(care.nextFeed.date, garden.today)}
            </Worked>
            <span className="note block">{words("bindings", care.nextFeed.binding)}</span>
            {care.nextFeed.held.length > 0 && (
              <span className="note block">
                Held back by{" "}
                {care.nextFeed.held
                  .map(
                    (h) =>
                      `${words("holds", h.hold)}, ${h.until ? `until ${day(h.until)}` : h.hold === "salty" ? "until the next reading" : "until you say it is over"}`,
                  )
                  .join("; ")}
                .
              </span>
            )}
          </p>
        )}
        {lot && care.nextFeed && care.nextFeed.held.length > 0 && (
          <InSpite
            lot={lot}
            garden={garden}
            ids={care.nextFeed.held.map((h) => h.hold)}
            name="Feed anyway"
            label="In spite of"
            example="new shoots already"
            said="may be fed"
          />
        )}
        {care.flush && (
          <p className="my-2 border-l-4 border-water pl-3">
            Flush{" "}
            <b className="text-lg">
              {care.flush.on <= garden.today ? "with the next watering" : dayFrom(care.flush.on, garden.today)}
            </b>
            <span className="note block">
              {shown.litres(care.flush.litres)} of plain water{many && ", each pot"}:{" "}
              {words("flush_askers", care.flush.asker)}.
            </span>
          </p>
        )}
        {minded.length > 0 && (
          <ul aria-label="To mind" className="mt-2 list-none p-0 text-sm">
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
            name="Set aside"
            label="This warning"
            example="it has stood there for years"
            said="set aside"
          />
        )}
        <ul aria-label="Cautions" className="note mt-3 list-none border-t border-stop p-0 pt-2">
          {care.cautions.map((c) => (
            <li key={c} className={c === "label_first" ? "font-semibold text-ink" : ""}>
              ▲ {words("cautions", c)}
            </li>
          ))}
        </ul>
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
  if (l.from === 0)
    return (
      <p className="note mt-1">
        As planned for its kind, pot and place; four lots of five drink within that span. Say how dry it feels, or weigh
        it, when you water: then this learns what yours drinks.
      </p>
    );
  return (
    <p className="note mt-1">
      Learned from {l.from} {l.from === 1 ? "watering" : "waterings"}: it drinks{" "}
      <b className="fig">{figures(l.factor, 2)}</b> times what is planned ({shown.litres(w.plannedLitres)} a day),
      between {figures(l.low, 2)} and {figures(l.high, 2)}.
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
            {watered ? `to ${shown.vessel(d.canLitres ?? 0)} of water` : "on each pot"} · {shown.rounding(d.hand)}
          </span>
          <OtherWays dose={d} />
          {d.byVolume !== undefined && (
            <span className="note block">
              In proportion to the width, as labels mean it; by the volume of the pots it would be{" "}
              {shown.product(d.byVolume, d.hand.measure)}. They disagree: the smaller is never wrong.
            </span>
          )}
        </div>
      </div>
      <dl className="m-0">
        {watered && (
          <Line label="This pot gets">
            <Worked step="feed.pot" open={open}>
              {shown.product(d.perPot, d.hand.measure)}
            </Worked>{" "}
            <span className="note">of product</span>
          </Line>
        )}
        <Line label={watered ? "N · P · K in the can" : "N · P · K for the pot"}>
          <Worked step={watered ? "feed.nitrogen" : "feed.strewn_nitrogen"} open={open}>
            {figures(d.nutrients.n)} · {figures(d.nutrients.p)} · {figures(d.nutrients.k)} {watered ? "mg/L" : "g"}
          </Worked>
        </Line>
        {d.meter !== undefined && d.meterPlusMinus !== undefined && (
          <Line label="The meter should read">
            <Worked step="feed.meter" open={open}>
              {figures(d.meter)} ± {figures(d.meterPlusMinus, 1)} mS/cm
            </Worked>
            <span className="note fig block whitespace-normal">
              {scale
                ? `${figures(d.meter * scale.ppmPerMsCm)} ± ${figures(d.meterPlusMinus * scale.ppmPerMsCm, 1)} ppm, ${scale.id.slice(3)} scale`
                : "ppm: say first which scale your meter prints"}
              {d.meterOverWater !== undefined && ` · ${figures(d.meterOverWater)} over the water`}
            </span>
          </Line>
        )}
        {d.ceiling && d.ceilingPerLitre !== undefined && d.perLitre !== undefined && (
          <Line label="Limit">
            <Worked step="feed.ceiling" open={open}>
              {shown.strength(d.ceilingPerLitre, d.hand.measure)}
            </Worked>
            <span className={`note block whitespace-normal ${d.heldBack ? "!text-stop" : ""}`}>
              {d.heldBack && "▲ held back by "}
              {words("ceilings", d.ceiling)}
            </span>
          </Line>
        )}
      </dl>
      {!watered && d.heldBack && d.ceiling && (
        <p className="my-2 border-l-4 border-stop pl-3 text-sm">
          ▲ Less than the label says, because of {words("ceilings", d.ceiling)}.
        </p>
      )}
    </>
  );
}
