import { useQuery } from "@tanstack/react-query";
import { lazy, Suspense, useState } from "react";
import type { Band, Garden, Lot, Reading } from "../../api";
import { readingsQuery } from "../../api/queries";
import { words } from "../../text";
import { bandName } from "../../text/readings";
import { day, figures, moment } from "../../text/numbers";
import { Segmented } from "../../ui/Segmented";
import { Loading, Trouble } from "../../ui/States";

const ReadingChart = lazy(() => import("../../parts/ReadingChart"));

const millis = (i: string) => new Date(i).getTime();
const dayOf = (t: number) => day(new Date(t).toISOString().slice(0, 10)).replace(/^\w+,? /, "");

/** A lot's readings over time, method by method, each against its own band. */
export function ReadingHistory({ lot, garden }: { lot: Lot; garden: Garden }) {
  const series = useQuery(readingsQuery(garden.id, lot.id));
  const [chosen, setChosen] = useState<string>();
  if (series.isPending) return <Loading what="the readings" />;
  if (series.isLoadingError) return <Trouble problem={series.error} again={() => void series.refetch()} />;
  const { readings, bands, marks } = series.data;
  if (readings.length === 0) {
    return <p className="note p-6">No readings yet. Two or three, some weeks apart, show where the pot is heading.</p>;
  }
  const last = readings.at(-1)!.method;
  const band = bands.find((b) => b.method === (chosen ?? last)) ?? bands[0]!;
  return (
    <section aria-label="Readings over time" className="min-w-0">
      <h2 className="head">Over time</h2>
      {bands.length > 1 && (
        <Segmented
          label="Readings by"
          value={band.method}
          onChange={setChosen}
          options={bands.map((b) => ({ value: b.method, label: words("methods", b.method) }))}
        />
      )}
      <Charts band={band} readings={readings.filter((r) => r.method === band.method)} marks={marks} />
      <Table readings={readings} garden={garden} several={bands.length > 1} />
    </section>
  );
}

type Marks = { at: string; kind: string }[];

function Charts({ band, readings, marks }: { band: Band; readings: Reading[]; marks: Marks }) {
  const placed = marks.map((m) => ({ at: millis(m.at), kind: m.kind }));
  const ph = readings.flatMap((r) =>
    r.ph === undefined ? [] : [{ at: millis(r.at), value: r.ph, plusMinus: r.phPlusMinus }],
  );
  const ec = readings.flatMap((r) =>
    r.ec === undefined ? [] : [{ at: millis(r.at), value: r.ec, plusMinus: r.ecPlusMinus }],
  );
  const saysPh = band.method !== "can";
  const saysEc = saysPh && band.method !== "soak";
  return (
    <>
      <Suspense fallback={<Loading what="the charts" />}>
        {ph.length > 0 && (
          <ReadingChart
            name="pH"
            unit="pH"
            band={saysPh ? { low: band.phLow, high: band.phHigh } : undefined}
            marks={placed}
            day={dayOf}
            points={ph}
          />
        )}
        {ec.length > 0 && (
          <ReadingChart
            name="EC"
            unit="mS/cm"
            band={saysEc ? { low: band.ecLow, high: band.ecHigh } : undefined}
            marks={placed}
            day={dayOf}
            points={ec}
          />
        )}
      </Suspense>
      <p className="note mb-2">
        {saysPh && `Shaded: the band for ${bandName(band)}. `}Bars: the pen's ±. F fed, W flushed, P potted, T treated.
      </p>
    </>
  );
}

function Table({ readings, garden, several }: { readings: Reading[]; garden: Garden; several: boolean }) {
  return (
    <table className="w-full border-collapse text-left text-sm">
      <thead>
        <tr className="note border-b border-rule-strong">
          <th className="py-1 font-semibold">When</th>
          {several && <th className="font-semibold">By</th>}
          <th className="font-semibold">pH</th>
          <th className="font-semibold">EC, mS/cm</th>
          <th className="font-semibold">Says</th>
        </tr>
      </thead>
      <tbody>
        {[...readings].reverse().map((r) => (
          <tr key={r.id} className="border-b border-rule">
            <td className="fig py-1 pr-3 whitespace-nowrap">{moment(r.at, garden.timeZone)}</td>
            {several && <td className="pr-3">{words("methods", r.method)}</td>}
            <td className="fig pr-3">
              {r.beforePh !== undefined && `${figures(r.beforePh)} → `}
              {r.ph === undefined ? "–" : figures(r.ph)}
            </td>
            <td className="fig pr-3">{r.ec === undefined ? "–" : figures(r.ec)}</td>
            <td>
              {[
                r.phFinding && `pH ${words("findings", r.phFinding)}`,
                r.phOutcome && words("outcomes", r.phOutcome.kind),
                r.ecFinding && `EC ${words("findings", r.ecFinding)}`,
                r.ecOutcome && words("outcomes", r.ecOutcome.kind),
              ]
                .filter(Boolean)
                .join("; ")}
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
