import type { Care } from "../../api";
import { WayMark } from "../../parts/WayMark";
import { Worked } from "../../parts/Worked";
import { say, rich } from "../../text";
import { day, dayFrom, figures, type Shown } from "../../text/numbers";
import type { LotWork } from "./useLotWork";
import { BARE_ROOTED } from "./ways";

/** What says when it is due. */
function due({ way }: Care["water"]) {
  if (BARE_ROOTED.includes(way.id)) return "bench_page.due_when_film_is_gone";
  return way.besideLitres > 0 ? "bench_page.due_when_store_is_used" : "bench_page.due_when_of_the_that_roots";
}

/** How much water next, how often, and when. */
export function WaterAnswer({ care, work }: { care: Care; work: LotWork }) {
  const { garden, lot, shown, open } = work;
  const w = care.water;
  const many = work.input.pots.text.trim() !== "1";
  return (
    <>
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
            {w.timesADay > 1
              ? say("bench_page.times_a_day", { times: w.timesADay })
              : say("common.counted_days", { count: w.daysLikely })}
          </Worked>
          <span className="note block">
            {w.timesADay === 1 && say("bench_page.between", { daysShort: w.daysShort, daysLong: w.daysLong })}
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
        {say(due(w), {
          usableLitres: shown.litres(w.usableLitres),
          availableLitres: shown.litres(w.availableLitres),
          value: lot?.state.lastWateredOn
            ? say("bench_page.last_watered_gone_so_if_you", {
                day: day(lot.state.lastWateredOn),
                litresMissing: shown.litres(w.litresMissing),
                litresNow: shown.litres(w.litresNow),
              })
            : say("bench_page.not_watered_yet_under_this_plan"),
          value2: care.averageFrom && say("bench_page.planned_by_the_weather_from_an", { day: day(care.averageFrom) }),
        })}
      </p>
      <Learned water={w} shown={shown} told={Boolean(work.input.lasts?.text.trim())} />
      <WayAnswer {...{ care, shown, open }} />
    </>
  );
}

/** How it gets its water, where that is not from a can: what stands beside it, how long it soaks, how long the line runs. */
function WayAnswer({ care, shown, open }: { care: Care; shown: Shown; open: LotWork["open"] }) {
  const { way } = care.water;
  const line = care.line;
  const minutes = way.minutes === undefined ? "" : figures(way.minutes);
  if (way.id === "top") return null;
  return (
    <p className="mt-1 flex items-start gap-2">
      <WayMark way={way.id} />
      <span className="note">
        {say("bench_page.water_lies_beside", {
          way: way.id,
          litres: shown.litres(way.besideLitres),
          minutes,
          bare: way.bare ? "yes" : "no",
        })}
        {line &&
          rich(line.mm === undefined ? "bench_page.line_runs_each_time" : "bench_page.sprinklers_run_each_time", {
            worked: (
              <Worked step={line.mm === undefined ? "water.drip" : "water.overhead"} open={open}>
                {say("bench_page.min", { minutes: figures(line.minutes) })}
              </Worked>
            ),
            mm: figures(line.mm ?? 0),
            reaches: figures(line.reachesPercent),
            drawLitresPerHour: shown.litres(line.drawLitresPerHour),
          })}
        {line?.overlong && say("bench_page.more_pots_than_the_25_30")}
      </span>
    </p>
  );
}

/** What this lot's own waterings have taught, beside what is planned for its kind. */
function Learned({ water: w, shown, told }: { water: Care["water"]; shown: Shown; told: boolean }) {
  const l = w.learned;
  if (l.from === 0)
    return (
      <p className="note mt-1">
        {w.size.told
          ? say("bench_page.as_planned_for_its_kind_pot")
          : say("bench_page.as_planned_for_its_usual_size", { spread: shown.centimetres(w.size.spreadCm) })}
      </p>
    );
  return (
    <p className="note mt-1">
      {rich("bench_page.learned_from_waterings_it_drinks_times", {
        from: l.from,
        told: told ? "yes" : "no",
        b: (c) => <b className="fig">{c}</b>,
        factor: figures(l.factor, 2),
        plannedLitres: shown.litres(w.plannedLitres),
        low: figures(l.low, 2),
        high: figures(l.high, 2),
      })}
    </p>
  );
}
