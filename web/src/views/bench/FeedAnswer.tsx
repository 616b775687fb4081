import type { Care, Catalogue, Dose, Garden } from "../../api";
import { HandDrawn, HandWords, OtherWays } from "../../parts/Hand";
import { Worked } from "../../parts/Worked";
import { words, say, rich } from "../../text";
import { day, dayFrom, figures, type Shown } from "../../text/numbers";
import { Button } from "../../ui/Button";
import { InSpite } from "./InSpite";
import { Line } from "./Line";
import type { LotWork } from "./useLotWork";

type Open = (step: string) => void;

/** The dose, when the next one is due, and what holds it back; the flush, if one is planned. */
export function FeedAnswer({ care, work }: { care: Care; work: LotWork }) {
  const { garden, catalogue, lot, feeds, shown, open } = work;
  const feed = feeds.find((f) => f.id === care.feedId);
  const many = work.input.pots.text.trim() !== "1";
  return (
    <>
      <h2 className="head !border-feed">{feed ? feed.name : say("common.feed")}</h2>
      {care.nextFeed && (
        <p className="my-2 border-l-4 border-feed pl-3">
          {say("bench_page.next_feed")}{" "}
          <Worked step="plan.feed_gap" open={open} big>
            {openEnded(care.nextFeed) ? say("bench_page.when_that_is_over") : dayFrom(care.nextFeed.date, garden.today)}
          </Worked>
          {care.nextFeed.held.length === 0 && (
            <span className="note block">{words("bindings", care.nextFeed.binding)}</span>
          )}
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
      {care.feed && !care.nextFeed && <p className="note">{say("bench_page.given_once")}</p>}
      {care.feed ? (
        <DoseOf
          dose={care.feed}
          garden={garden}
          catalogue={catalogue}
          shown={shown}
          open={open}
          giveBack={(rhythm) =>
            work.change({
              courses: work.input.courses.map((c) => (c.feedId === care.feedId ? { ...c, rhythm, whole: true } : c)),
            })
          }
        />
      ) : (
        <p className="note">
          {feed ? say("bench_page.plain_water_instead_see_below") : say("bench_page.no_feed_this_lot_gets_plain")}
        </p>
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
    </>
  );
}

/** What the plan asks to keep in mind, and the way to set a warning aside with a reason. */
export function Minded({ care, work }: { care: Care; work: LotWork }) {
  const { garden, lot } = work;
  // the flush has a line of its own
  const minded = care.notes.filter((n) => n !== "flush_first");
  return (
    <>
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
    </>
  );
}

/** Whether nobody knows yet when the feed may go on. */
function openEnded(feed: NonNullable<Care["nextFeed"]>): boolean {
  return feed.held.some((h) => h.until === undefined);
}

/** Less of the food than this, in per cent, is within what anybody measures. */
const WORTH_TELLING = 5;

function DoseOf({
  dose: d,
  garden,
  catalogue,
  shown,
  open,
  giveBack,
}: {
  dose: Dose;
  garden: Garden;
  catalogue: Catalogue;
  shown: Shown;
  open: Open;
  giveBack: (rhythm: string) => void;
}) {
  const meter = garden.meters[0];
  const scale = catalogue.scales.find((s) => s.id === meter?.scale);
  const watered = d.kind === "watered";
  const sprayed = d.kind === "sprayed";
  const npk = watered
    ? "bench_page.n_p_k_in_the_can"
    : sprayed
      ? "bench_page.n_p_k_in_the_sprayer"
      : "bench_page.n_p_k_for_the_pot";
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
              : sprayed
                ? say("bench_page.to_of_water_in_the_sprayer", { vessel: shown.vessel(d.canLitres ?? 0) })
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
        {d.sprayLitres !== undefined && d.sprayLeast !== undefined && d.sprayMost !== undefined && (
          <Line label={say("bench_page.this_plant_gets")}>
            <Worked step="feed.spray_volume" open={open}>
              {say("bench_page.of_spray", { litres: shown.litres(d.sprayLitres) })}
            </Worked>
            <span className="note block whitespace-normal">
              {say("bench_page.of_spray_between", {
                least: shown.litres(d.sprayLeast),
                most: shown.litres(d.sprayMost),
              })}
            </span>
          </Line>
        )}
        <Line term="npk" label={say(npk)}>
          <Worked
            step={watered ? "feed.nitrogen" : sprayed ? "feed.spray_strength" : "feed.strewn_nitrogen"}
            open={open}
          >
            {figures(d.nutrients.n)} · {figures(d.nutrients.p)} · {figures(d.nutrients.k)}{" "}
            {watered || sprayed ? "mg/L" : "g"}
          </Worked>
        </Line>
        {d.meter !== undefined && d.meterPlusMinus !== undefined && (
          <Line term="ec" label={say("bench_page.the_meter_should_read")}>
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
          <Line term="limit" label={say("bench_page.limit")}>
            <Worked step={sprayed ? "feed.spray_strength" : "feed.ceiling"} open={open}>
              {shown.strength(d.ceilingPerLitre, d.hand.measure)}
            </Worked>
            <span className={`note block whitespace-normal ${d.heldBack ? "!text-stop" : ""}`}>
              {d.heldBack && say("bench_page.held_back_by_2")}
              {words("ceilings", d.ceiling)}
            </span>
          </Line>
        )}
      </dl>
      {d.lostPercent !== undefined && d.lostPercent >= WORTH_TELLING && (
        <p className="my-2 border-l-4 border-stop pl-3 text-sm">
          {say("bench_page.of_the_food_is_lost", { percent: figures(d.lostPercent) })}
          {d.givesBack && (
            <>
              {" "}
              {say("bench_page.gives_it_back", { rhythm: words("rhythms", d.givesBack).toLowerCase() })}{" "}
              <Button look="quiet" className="no-print min-h-9" onClick={() => giveBack(d.givesBack!)}>
                {say("bench_page.feed_it_so")}
              </Button>
            </>
          )}
        </p>
      )}
      {!watered && d.heldBack && d.ceiling && (
        <p className="my-2 border-l-4 border-stop pl-3 text-sm">
          {say("bench_page.less_than_the_label_says_because", { ceilings: words("ceilings", d.ceiling) })}
        </p>
      )}
    </>
  );
}
