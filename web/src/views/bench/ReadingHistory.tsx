import { useQuery } from "@tanstack/react-query";
import { lazy, Suspense, useState } from "react";
import type { Band, Garden, Lot, Reading, Series, Trend } from "../../api";
import { readingsQuery } from "../../api/queries";
import { words, say, rich } from "../../text";
import { bandName } from "../../text/bands";
import { course } from "../../text/readings";
import { dayOfPoint, figures, moment } from "../../text/numbers";
import { Segmented } from "../../ui/Segmented";
import { Loading, Trouble } from "../../ui/States";
import { Term } from "../../ui/Term";

const ReadingChart = lazy(() => import("../../parts/ReadingChart"));

const millis = (i: string) => new Date(i).getTime();

/** A lot's readings over time, method by method, each against its own band. */
export function ReadingHistory({ lot, garden }: { lot: Lot; garden: Garden }) {
  const series = useQuery(readingsQuery(garden.id, lot.id));
  const [chosen, setChosen] = useState<string>();
  if (series.isPending) return <Loading what={say("bench_page.the_readings")} />;
  if (series.isLoadingError) return <Trouble problem={series.error} again={() => void series.refetch()} />;
  const { readings, bands } = series.data;
  if (readings.length === 0) {
    return <p className="note p-6">{say("bench_page.no_readings_yet_two_or_three")}</p>;
  }
  const last = readings.at(-1)!.method;
  const band = bands.find((b) => b.method === (chosen ?? last)) ?? bands[0]!;
  return (
    <section aria-label={say("bench_page.readings_over_time")} className="min-w-0">
      <h2 className="head">{say("bench_page.over_time")}</h2>
      {bands.length > 1 && (
        <Segmented
          label={say("bench_page.readings_by")}
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
      <Suspense fallback={<Loading what={say("bench_page.the_charts")} />}>
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
                day={dayOfPoint}
                points={points}
                says={say("bench_page.by_readings_from_to_first_last", {
                  name: c.name,
                  count: points.length,
                  dayOf: dayOfPoint(first.at),
                  dayOf2: dayOfPoint(last.at),
                  value: figures(first.value),
                  value2: figures(last.value),
                  unit: c.unit,
                  value3: c.banded ? say("bench_page.band_to", { low: figures(c.low), high: figures(c.high) }) : "",
                  said: said ?? "",
                })}
              />
              {said && <p className="note mb-1">{said}</p>}
            </div>
          );
        })}
      </Suspense>
      <p className="note mb-2">
        {rich("bench_page.bars_the_pens_f_fed_w", {
          value: saysPh && say("bench_page.shaded_the_band_for", { bandName: bandName(band) }),
        })}
        {cans.length > 0 && say("bench_page.rings_what_the_can_read")}
      </p>
    </>
  );
}

function Table({ readings, garden, several }: { readings: Reading[]; garden: Garden; several: boolean }) {
  return (
    <table aria-label={say("bench_page.every_reading")} className="w-full border-collapse text-left text-sm">
      <thead>
        <tr className="note border-b border-rule-strong">
          <th className="py-1 font-semibold">{say("bench_page.when")}</th>
          {several && <th className="font-semibold">{say("bench_page.by")}</th>}
          <th className="font-semibold">{say("common.ph")}</th>
          <th className="pr-3 font-semibold">
            {say("bench_page.ec_ms_cm")}
            <Term id="ec" name={say("bench_page.ec_ms_cm")} />
          </th>
          <th className="font-semibold">{say("bench_page.says")}</th>
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
  return value === undefined ? null : <span className="note">{say("bench_page.pen", { value: figures(value) })}</span>;
}
