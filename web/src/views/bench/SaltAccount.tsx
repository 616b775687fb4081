import { useQuery } from "@tanstack/react-query";
import { lazy, Suspense, useState } from "react";
import { api, edit, type Edited, type Garden, type Lot, type LotInput, type SaltAccount as Account } from "../../api";
import { saltQuery, useAct } from "../../api/queries";
import { Worked } from "../../parts/Worked";
import { WorkingPanel } from "../../parts/WorkingPanel";
import { bandName } from "../../text/readings";
import { day, dayFrom, figures, longDay, type Shown } from "../../text/numbers";
import { Segmented } from "../../ui/Segmented";
import { Loading, Trouble } from "../../ui/States";
import { useTold } from "../../ui/useUndo";
import { inputOf } from "./lotInput";

const ReadingChart = lazy(() => import("../../parts/ReadingChart"));

type Props = { lot: Lot; garden: Garden; shown: Shown };

/** The salt of a pot: what came, what went, what is left, and when that is too much. */
export function SaltAccount({ lot, garden, shown }: Props) {
  const salt = useQuery(saltQuery(garden.id, lot.id));
  const [working, setWorking] = useState<string>();
  if (salt.isPending) return <Loading what="the salt account" />;
  if (salt.isLoadingError) return <Trouble problem={salt.error} again={() => void salt.refetch()} />;
  const a = salt.data;
  return (
    <section aria-label="Salt account" className="mt-6">
      <h2 className="head">Salt account</h2>
      <div className="gap-8 md:grid md:grid-cols-2">
        <div>
          <p>
            By what it was given it stands at about{" "}
            <Worked step="salt.now" open={setWorking} big>
              {figures(a.msCm)} mS/cm
            </Worked>{" "}
            <span className="note whitespace-nowrap">
              ({figures(a.low)} to {figures(a.high)})
            </span>
            , {standing(a)}
          </p>
          <p className="note">
            What a pour-through would likely read; the range holds for four pots of five. Band {figures(a.band.ecLow)}–
            {figures(a.band.ecHigh)} for {bandName(a.band)}.
            {a.dryMsCm > a.msCm * 1.05 && ` As dry as it is now, the roots stand in ${figures(a.dryMsCm)} mS/cm.`}
          </p>
          <Ahead a={a} lot={lot} garden={garden} shown={shown} />
          <FlushBy lot={lot} garden={garden} />
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
  if (low >= band.ecHigh) return "above its band.";
  if (msCm >= band.ecHigh) return "likely above its band.";
  if (high >= band.ecHigh) return "inside its band, perhaps above.";
  return msCm < band.ecLow ? "below its band: hungry, or fed with what no pen sees." : "inside its band.";
}

/** When it is too much if all goes on, and what to do then. */
function Ahead({ a, lot, garden, shown }: Props & { a: Account }) {
  const drains = !lot.undrained;
  if (a.readingAsks) {
    return (
      <p className="my-2 border-l-4 border-water pl-3">
        Its last reading asks for a flush <b>with the next watering</b>: so much as is said with the reading.
      </p>
    );
  }
  return (
    <p className="my-2 border-l-4 border-water pl-3">
      {a.aboveOn ? (
        <>
          {a.aboveOn <= garden.today ? (
            <>
              It is likely too much: <b>flush with the next watering</b>.
            </>
          ) : (
            <>
              If it goes on like this it passes the band about <b>{dayFrom(a.aboveOn, garden.today)}</b>.
            </>
          )}{" "}
          {a.flushLeast !== undefined && a.flushMost !== undefined ? (
            <>
              Then {shown.litres(a.flushLeast)} to {shown.litres(a.flushMost)} of plain water bring each drained pot
              back.
            </>
          ) : (
            "This water is too salty itself to bring it back: use rain or purified water."
          )}
        </>
      ) : (
        "If it goes on like this it stays inside its band for a year."
      )}
      {!drains && (
        <span className="note block">
          ▲ Nothing drains from where it stands: take it out to flush it, and let it drip off.
        </span>
      )}
    </p>
  );
}

/** Whether plain water in plenty comes by the weeks of its kind, or once the account passes the band. */
function FlushBy({ lot, garden }: { lot: Lot; garden: Garden }) {
  const told = useTold(garden.id);
  const save = useAct(
    garden.id,
    (body: LotInput) => edit(api.PUT("/api/gardens/{garden}/lots", { params: { path: { garden: garden.id } }, body })),
    ({ now, act }: Edited<Lot>) =>
      told(`${now.name}: flushed ${now.flushBy ? "by its salt account" : "by the weeks of its kind"}.`, act),
  );
  const choose = (flushBy: string) => save.mutate({ ...inputOf(lot), flushBy });
  const next = lot.state.nextFlushOn;
  return (
    <div className="no-print mb-2">
      <p className="text-sm">Flushed by</p>
      <Segmented
        label="Flushed by"
        value={save.isPending ? save.variables.flushBy! : (lot.flushBy ?? "rhythm")}
        onChange={choose}
        options={[
          { value: "rhythm", label: "The weeks of its kind" },
          { value: "account", label: "This account" },
        ]}
      />
      <p className="note">
        {next
          ? `Next flush: ${next <= garden.today ? "with the next watering" : dayFrom(next, garden.today)}.`
          : "No flush is planned."}{" "}
        A reading of too much salt comes before either.
      </p>
      {save.isError && <Trouble problem={save.error} />}
    </div>
  );
}

/** What came and went, one pot, in grams of salt. */
function Ledger({ a }: { a: Account }) {
  const rows: [string, number, string][] = [
    [a.sinceRead ? "In it by the reading" : "In the fresh mix, taken as half its band", a.begun, ""],
    [`In with the water of ${a.watered === 1 ? "one watering" : `${a.watered} waterings`}`, a.water, "+"],
    ["In with feed", a.feed, "+"],
    ["Taken up by the plant", a.plant, "−"],
    ["Out with what ran through", a.drained, "−"],
  ];
  return (
    <table className="w-full border-collapse text-left">
      <caption className="note text-left">One pot since {longDay(a.since)}, g of salt</caption>
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
            In it now
          </th>
          <td className="fig text-right">{figures(a.now)}</td>
        </tr>
      </tbody>
    </table>
  );
}

const millis = (iso: string) => new Date(`${iso}T12:00:00Z`).getTime();
const dayOf = (t: number) => day(new Date(t).toISOString().slice(0, 10)).replace(/^\w+,? /, "");

/** The account day by day against its band, with what was read. */
function Course({ a }: { a: Account }) {
  const last = a.checks.at(-1);
  return (
    <>
      <Suspense fallback={<Loading what="the chart" />}>
        <ReadingChart
          name="Salt in the drained pot"
          unit="mS/cm"
          band={{ low: a.band.ecLow, high: a.band.ecHigh }}
          marks={[]}
          cans={[]}
          points={a.checks.map((c) => ({ at: millis(c.on), value: c.read, plusMinus: 0 }))}
          ahead={a.course.map((c) => ({ at: millis(c.on), mid: c.msCm, low: c.low, high: c.high }))}
          line="by the account"
          joined={false}
          day={dayOf}
          says={`Salt in the drained pot from ${dayOf(millis(a.course[0]!.on))}: now ${figures(a.msCm)} mS/cm, ${figures(a.low)} to ${figures(a.high)}; band ${figures(a.band.ecLow)} to ${figures(a.band.ecHigh)}.`}
        />
      </Suspense>
      <p className="note">
        Dashed: the account, with its range. Dots: what was read.
        {last &&
          ` On ${day(last.on)} the account had said ${figures(last.said)} (${figures(last.low)} to ${figures(last.high)}), and ${figures(last.read)} was read; it goes on from there.`}{" "}
        What is not recorded is not in it.
      </p>
    </>
  );
}
