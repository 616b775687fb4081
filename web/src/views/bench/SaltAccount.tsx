import { useQuery } from "@tanstack/react-query";
import { lazy, Suspense, useState } from "react";
import { api, edit, type Edited, type Garden, type Lot, type LotInput, type SaltAccount as Account } from "../../api";
import { saltQuery, useAct } from "../../api/queries";
import { Worked } from "../../parts/Worked";
import { WorkingPanel } from "../../parts/WorkingPanel";
import { bandName } from "../../text/bands";
import { day, dayFrom, dayOfPoint, figures, longDay, type Shown } from "../../text/numbers";
import { Segmented } from "../../ui/Segmented";
import { Loading, Trouble } from "../../ui/States";
import { useTold } from "../../ui/useUndo";
import { say, rich } from "../../text";
import { inputOf } from "./lotInput";

const ReadingChart = lazy(() => import("../../parts/ReadingChart"));

type Props = { lot: Lot; garden: Garden; shown: Shown; saved: (now: Lot) => void };

/** The salt of a pot: what came, what went, what is left, and when that is too much. */
export function SaltAccount({ lot, garden, shown, saved }: Props) {
  const salt = useQuery(saltQuery(garden.id, lot.id));
  const [working, setWorking] = useState<string>();
  if (salt.isPending) return <Loading what={say("bench_page.the_salt_account")} />;
  if (salt.isLoadingError) return <Trouble problem={salt.error} again={() => void salt.refetch()} />;
  const a = salt.data;
  return (
    <section aria-label={say("bench_page.salt_account")} className="mt-6">
      <h2 className="head">{say("bench_page.salt_account")}</h2>
      <div className="gap-8 md:grid md:grid-cols-2">
        <div>
          <p>
            {rich("bench_page.by_what_it_was_given_it", {
              worked: (
                <Worked step="salt.now" open={setWorking} big>
                  {say("bench_page.mscm_ms_cm", { msCm: figures(a.msCm) })}
                </Worked>
              ),
              part: (c) => <span className="note whitespace-nowrap">{c}</span>,
              low: figures(a.low),
              high: figures(a.high),
              standing: standing(a),
            })}
          </p>
          <p className="note">
            {say("bench_page.what_a_pour_through_would_likely", {
              ecLow: figures(a.band.ecLow),
              ecHigh: figures(a.band.ecHigh),
              bandName: bandName(a.band),
            })}
            {a.dryMsCm > a.msCm * 1.05 && say("bench_page.as_dry_as_it_is_now", { dryMsCm: figures(a.dryMsCm) })}
          </p>
          <Ahead a={a} lot={lot} garden={garden} shown={shown} />
          <FlushBy lot={lot} garden={garden} saved={saved} />
        </div>
        <div className="min-w-0">
          <Ledger a={a} />
        </div>
      </div>
      {a.course.length > 1 && <Course a={a} />}
      {working && <WorkingPanel steps={a.working} at={working} close={() => setWorking(undefined)} />}
    </section>
  );
}

function standing({ msCm, low, high, band }: Account): string {
  if (low >= band.ecHigh) return say("bench_page.above_its_band");
  if (msCm >= band.ecHigh) return say("bench_page.likely_above_its_band");
  if (high >= band.ecHigh) return say("bench_page.inside_its_band_perhaps_above");
  return msCm < band.ecLow ? say("bench_page.below_its_band_hungry_or_fed") : say("bench_page.inside_its_band");
}

/** When it is too much if all goes on, and what to do then. */
function Ahead({ a, lot, garden, shown }: Omit<Props, "saved"> & { a: Account }) {
  const drains = !lot.undrained;
  if (a.readingAsks) {
    return (
      <p className="my-2 border-l-4 border-water pl-3">
        {rich("bench_page.its_last_reading_asks_for_a", { b: (c) => <b>{c}</b> })}
      </p>
    );
  }
  return (
    <p className="my-2 border-l-4 border-water pl-3">
      {a.aboveOn ? (
        <>
          {a.aboveOn <= garden.today ? (
            <>{rich("bench_page.it_is_likely_too_much_flush", { b: (c) => <b>{c}</b> })}</>
          ) : (
            <>
              {rich("bench_page.if_it_goes_on_like_this_it_passes_the", {
                b: (c) => <b>{c}</b>,
                dayFrom: dayFrom(a.aboveOn, garden.today),
              })}
            </>
          )}{" "}
          {a.flushLeast !== undefined && a.flushMost !== undefined ? (
            <>
              {say("bench_page.then_to_of_plain_water_bring", {
                flushLeast: shown.litres(a.flushLeast),
                flushMost: shown.litres(a.flushMost),
              })}
            </>
          ) : (
            say("bench_page.this_water_is_too_salty_itself")
          )}
        </>
      ) : (
        say("bench_page.if_it_goes_on_like_this_it_stays_inside")
      )}
      {!drains && <span className="note block">{say("bench_page.nothing_drains_from_where_it_stands")}</span>}
    </p>
  );
}

/** Whether plain water in plenty comes by the weeks of its kind, or once the account passes the band. */
function FlushBy({ lot, garden, saved }: Pick<Props, "lot" | "garden" | "saved">) {
  const told = useTold(garden.id);
  const save = useAct(
    garden.id,
    (body: LotInput) => edit(api.PUT("/api/gardens/{garden}/lots", { params: { path: { garden: garden.id } }, body })),
    ({ now, act }: Edited<Lot>) => {
      saved(now);
      told(say("bench_page.flushed_by_the_weeks_of_its", { name: now.name, which: now.flushBy ? "yes" : "no" }), act);
    },
  );
  const choose = (flushBy: string) => save.mutate({ ...inputOf(lot), flushBy });
  const next = lot.state.nextFlushOn;
  return (
    <div className="no-print mb-2">
      <p className="text-sm">{say("bench_page.flushed_by")}</p>
      <Segmented
        label={say("bench_page.flushed_by")}
        value={save.isPending ? save.variables.flushBy! : (lot.flushBy ?? "rhythm")}
        onChange={choose}
        options={[
          { value: "rhythm", label: say("bench_page.the_weeks_of_its_kind") },
          { value: "account", label: say("bench_page.this_account") },
        ]}
      />
      <p className="note">
        {say("bench_page.a_reading_of_too_much_salt", {
          value: next
            ? say("bench_page.next_flush", {
                value: next <= garden.today ? say("bench_page.with_the_next_watering") : dayFrom(next, garden.today),
              })
            : say("bench_page.no_flush_is_planned"),
        })}
      </p>
      {save.isError && <Trouble problem={save.error} />}
    </div>
  );
}

/** What came and went, one pot, in grams of salt. */
function Ledger({ a }: { a: Account }) {
  const rows: [string, number, string][] = [
    [a.sinceRead ? say("bench_page.in_it_by_the_reading") : say("bench_page.in_the_fresh_mix_taken_as"), a.begun, ""],
    [
      say("bench_page.in_with_the_water_of", {
        value: a.watered === 1 ? say("bench_page.one_watering") : say("bench_page.waterings", { watered: a.watered }),
      }),
      a.water,
      "+",
    ],
    [say("bench_page.in_with_feed"), a.feed, "+"],
    [say("bench_page.taken_up_by_the_plant"), a.plant, "−"],
    [say("bench_page.out_with_what_ran_through"), a.drained, "−"],
  ];
  return (
    <table className="w-full border-collapse text-left">
      <caption className="note text-left">
        {say("bench_page.one_pot_since_g_of_salt", { longDay: longDay(a.since) })}
      </caption>
      <tbody>
        {rows.map(([name, grams, sign]) => (
          <tr key={name} className="border-b border-rule">
            <th scope="row" className="py-1 pr-3 font-normal">
              {name}
            </th>
            <td className="fig text-right whitespace-nowrap">
              {grams > 0 ? sign : ""} {figures(grams)}
            </td>
          </tr>
        ))}
        <tr className="border-b-2 border-ink font-semibold">
          <th scope="row" className="py-1 pr-3">
            {say("bench_page.in_it_now")}
          </th>
          <td className="fig text-right">{figures(a.now)}</td>
        </tr>
      </tbody>
    </table>
  );
}

const millis = (iso: string) => new Date(`${iso}T12:00:00Z`).getTime();

/** The account day by day against its band, with what was read. */
function Course({ a }: { a: Account }) {
  const last = a.checks.at(-1);
  return (
    <>
      <Suspense fallback={<Loading what={say("bench_page.the_chart")} />}>
        <ReadingChart
          name={say("bench_page.salt_in_the_drained_pot")}
          unit="mS/cm"
          band={{ low: a.band.ecLow, high: a.band.ecHigh }}
          marks={[]}
          cans={[]}
          points={a.checks.map((c) => ({ at: millis(c.on), value: c.read, plusMinus: 0 }))}
          ahead={a.course.map((c) => ({ at: millis(c.on), mid: c.msCm, low: c.low, high: c.high }))}
          line={say("bench_page.by_the_account")}
          joined={false}
          day={dayOfPoint}
          says={say("bench_page.salt_in_the_drained_pot_from", {
            dayOf: dayOfPoint(millis(a.course[0]!.on)),
            msCm: figures(a.msCm),
            low: figures(a.low),
            high: figures(a.high),
            ecLow: figures(a.band.ecLow),
            ecHigh: figures(a.band.ecHigh),
          })}
        />
      </Suspense>
      <p className="note">
        {say("bench_page.dashed_the_account_with_its_range", {
          value:
            last &&
            say("bench_page.on_the_account_had_said_to", {
              day: day(last.on),
              said: figures(last.said),
              low: figures(last.low),
              high: figures(last.high),
              read: figures(last.read),
            }),
        })}
      </p>
    </>
  );
}
