import { useQuery } from "@tanstack/react-query";
import { lazy, Suspense, useState } from "react";
import type { Band, Garden, Lot, Reading, Series, Trend } from "../../api";
import { readingsQuery } from "../../api/queries";
import { words } from "../../text";
import { bandName, course } from "../../text/readings";
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
  const { readings, bands } = series.data;
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
      <Charts band={band} all={series.data} />
      <Table readings={readings} garden={garden} several={bands.length > 1} />
    </section>
  );
}

type Course = { readings: Reading[]; marks: Series["marks"]; trends: Trend[] };

function Charts({ band, all }: { band: Band; all: Course }) {
  const marks = all.marks.map((m) => ({ at: millis(m.at), kind: m.kind }));
  const by = (method: string, of: "ph" | "ec") =>
    all.readings.flatMap((r) =>
      r.method !== method || r[of] === undefined
        ? []
        : [{ at: millis(r.at), value: r[of], plusMinus: of === "ph" ? r.phPlusMinus : r.ecPlusMinus }],
    );
  const saysPh = band.method !== "can";
  const saysEc = saysPh && band.method !== "soak";
  const charts = [
    { of: "ph" as const, name: "pH", unit: "pH", low: band.phLow, high: band.phHigh, banded: saysPh },
    { of: "ec" as const, name: "EC", unit: "mS/cm", low: band.ecLow, high: band.ecHigh, banded: saysEc },
  ];
  const cans = saysEc ? by("can", "ec") : [];
  return (
    <>
      <Suspense fallback={<Loading what="the charts" />}>
        {charts.map((c) => {
          const points = by(band.method, c.of);
          if (points.length === 0) return null;
          const trend = all.trends.find((t) => t.method === band.method && t.quantity === c.of);
          const heading = trend?.moves ? trend.ahead.map((a) => ({ ...a, at: millis(`${a.on}T12:00:00Z`) })) : [];
          const said = trend ? course(trend, c.name, c.unit) : undefined;
          const first = points[0]!;
          const last = points.at(-1)!;
          return (
            <div key={c.of}>
              <ReadingChart
                name={c.name}
                unit={c.unit}
                band={c.banded ? { low: c.low, high: c.high } : undefined}
                marks={marks}
                cans={c.of === "ec" ? cans : []}
                ahead={heading}
                day={dayOf}
                points={points}
                says={`${c.name} by ${points.length} readings from ${dayOf(first.at)} to ${dayOf(last.at)}: first ${figures(first.value)}, last ${figures(last.value)} ${c.unit}${c.banded ? `; band ${figures(c.low)} to ${figures(c.high)}` : ""}. ${said ?? ""} All of them stand in the table below.`}
              />
              {said && <p className="note mb-1">{said}</p>}
            </div>
          );
        })}
      </Suspense>
      <p className="note mb-2">
        {saysPh && `Shaded: the band for ${bandName(band)}. `}Bars: the pen's ±. F fed, W flushed, P potted, T treated.
        {cans.length > 0 && " Rings: what the can read."}
      </p>
    </>
  );
}

function Table({ readings, garden, several }: { readings: Reading[]; garden: Garden; several: boolean }) {
  return (
    <table aria-label="Every reading" className="w-full border-collapse text-left text-sm">
      <thead>
        <tr className="note border-b border-rule-strong">
          <th className="py-1 font-semibold">When</th>
          {several && <th className="font-semibold">By</th>}
          <th className="font-semibold">pH</th>
          <th className="pr-3 font-semibold">EC, mS/cm</th>
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
              {r.ph === undefined ? "–" : figures(r.ph)} <Showed value={r.phShown} />
            </td>
            <td className="fig pr-3">
              {r.ec === undefined ? "–" : figures(r.ec)} <Showed value={r.ecShown} />
            </td>
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

/** What the pen showed, where its calibration says something else. */
function Showed({ value }: { value: number | undefined }) {
  return value === undefined ? null : <span className="note">pen {figures(value)}</span>;
}
