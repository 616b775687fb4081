import { useKindAsk } from "../../parts/PlantField";
import { useQuery } from "@tanstack/react-query";
import { useNavigate, useSearch } from "@tanstack/react-router";
import { lazy, Suspense, useRef, useState } from "react";
import {
  api,
  call,
  newId,
  type Catalogue,
  type Garden,
  type Lot,
  type Meter,
  type Verdict,
  type VerdictAsk,
} from "../../api";
import { mixesQuery, readingsQuery, useAct } from "../../api/queries";
import { useLive } from "../../api/useLive";
import { ReadingStrip } from "../../parts/ReadingStrip";
import { WorkingPanel } from "../../parts/WorkingPanel";
import { words } from "../../text";
import { askOfKey } from "../../text/mixes";
import { day, figures, moment, plain, type Shown } from "../../text/numbers";
import { Button } from "../../ui/Button";
import { NumberField } from "../../ui/Fields";
import { Segmented } from "../../ui/Segmented";
import { Loading, Trouble } from "../../ui/States";
import { useDraft } from "../../ui/useDraft";
import { useTold } from "../../ui/useUndo";

const ReadingChart = lazy(() => import("../../parts/ReadingChart"));

type Props = { lot: Lot; garden: Garden; catalogue: Catalogue; shown: Shown };
type Draft = { ph: string; ec: string; ecUnit: string; at: string };

const EMPTY: Draft = { ph: "", ec: "", ecUnit: "ppm", at: "" };

export function Readings({ lot, garden, catalogue, shown }: Props) {
  const meters = garden.meters.filter((m) => !m.retired);
  const [meterId, setMeterId] = useState(() => localStorage.getItem("meter") ?? "");
  const meter = meters.find((m) => m.id === meterId) ?? meters[0];
  if (!meter) return <Trouble problem={undefined} />;
  const choose = (id: string) => {
    localStorage.setItem("meter", id);
    setMeterId(id);
  };
  return (
    <div className="gap-8 md:grid md:grid-cols-[22rem_1fr]">
      <div>
        {meters.length > 1 && (
          <div className="mb-2">
            <Segmented
              label="Measured with"
              value={meter.id}
              onChange={choose}
              options={meters.map((m) => ({ value: m.id, label: m.name }))}
            />
          </div>
        )}
        <Entry lot={lot} garden={garden} catalogue={catalogue} shown={shown} meter={meter} />
      </div>
      <Charted lot={lot} garden={garden} />
    </div>
  );
}

function Entry({ lot, garden, catalogue, shown, meter }: Props & { meter: Meter }) {
  const draft = useDraft<Draft>(`reading:${lot.id}`, EMPTY);
  const key = useRef(newId());
  const told = useTold(garden.id);
  const { working } = useSearch({ from: "/g/$garden/bench/$lot" });
  const navigate = useNavigate({ from: "/g/$garden/bench/$lot" });
  const open = (step: string | undefined) => void navigate({ search: (s) => ({ ...s, working: step }) });
  const d = draft.value;
  const water = garden.waters.find((w) => w.id === lot.waterId)!;
  const mix = askOfKey(useQuery(mixesQuery(garden.id)).data, lot.mix);
  const typed = {
    ph: d.ph.trim() ? { text: d.ph, unit: "pH" } : undefined,
    ec: d.ec.trim() ? { text: d.ec, unit: d.ecUnit } : undefined,
  };
  const kind = useKindAsk(garden.id, lot.species, lot.traits);
  const ask: VerdictAsk | undefined =
    mix && kind && (typed.ph || typed.ec)
      ? { species: kind, pot: lot.pot, mix, water, meter, ...typed, working: working !== undefined }
      : undefined;
  const live = useLive<VerdictAsk, Verdict>(ask, (body, signal) =>
    call(api.POST("/api/live/verdict", { body, signal })),
  );
  const log = useAct(
    garden.id,
    () =>
      call(
        api.POST("/api/gardens/{garden}/lots/{lot}/readings", {
          params: { path: { garden: garden.id, lot: lot.id } },
          body: {
            clientKey: key.current,
            meterId: meter.id,
            ...typed,
            ...(d.at ? { occurredAt: new Date(d.at).toISOString() } : {}),
          },
        }),
      ),
    (act) => {
      key.current = newId();
      draft.drop();
      told("Reading recorded.", act.actId);
    },
  );
  const faults = [...(log.error?.faults ?? []), ...(ask ? (live.problem?.faults ?? []) : [])];
  const needsScale = !meter.scale && d.ecUnit === "ppm" && d.ec.trim() !== "";
  const plainTrouble = log.error && log.error.faults.length === 0 ? log.error : undefined;
  return (
    <section aria-label="New reading">
      <h2 className="head !border-water">Runoff, at a normal watering</h2>
      <form
        onSubmit={(e) => {
          e.preventDefault();
          log.mutate(undefined);
        }}
      >
        <p className="note mb-2">
          Catch the last of what drains, then measure with the {meter.name.toLowerCase()} (± {meter.phPlusMinus} pH, ±{" "}
          {meter.ecPlusMinus} % EC{meter.scale && `, ${meter.scale.slice(3)} scale`}).
        </p>
        <div className="grid grid-cols-2 gap-3">
          <NumberField
            label="pH"
            field="reading.ph"
            faults={faults}
            value={{ text: d.ph, unit: "" }}
            onChange={(v) => draft.change({ ph: v.text })}
          />
          <NumberField
            label="TDS or EC"
            field="reading.ec"
            faults={faults}
            value={{ text: d.ec, unit: d.ecUnit }}
            units={["ppm", "mS/cm", "µS/cm"]}
            onChange={(v) => draft.change({ ec: v.text, ecUnit: v.unit })}
          />
        </div>
        {needsScale && <AskScale garden={garden} catalogue={catalogue} meter={meter} />}
        <div className="mb-2">
          <label htmlFor="reading-when" className="block text-sm">
            When
          </label>
          <input
            id="reading-when"
            type="datetime-local"
            className="box"
            value={d.at}
            onChange={(e) => draft.change({ at: e.target.value })}
            aria-describedby="when-note"
          />
          <span id="when-note" className="note block">
            {faults.find((f) => f.field === "occurred_at")?.detail ? (
              <span role="alert" className="text-stop">
                ▲ {faults.find((f) => f.field === "occurred_at")!.detail}
              </span>
            ) : (
              "Empty means now."
            )}
          </span>
        </div>
        {plainTrouble && <Trouble problem={plainTrouble} />}
        <Button look="ink" type="submit" disabled={log.isPending || !ask}>
          {log.isPending ? "Recording …" : log.error?.retry ? "Retry" : "Record"}
        </Button>
      </form>
      <div aria-live="polite" className="mt-4">
        {ask && live.answer && <VerdictOf verdict={live.answer} shown={shown} open={open} />}
      </div>
      {ask && working !== undefined && (
        <WorkingPanel steps={live.answer?.working} at={working} close={() => open(undefined)} />
      )}
    </section>
  );
}

/** Asked once for each meter: ppm of what? */
function AskScale({ garden, catalogue, meter }: { garden: Garden; catalogue: Catalogue; meter: Meter }) {
  const [chosen, setChosen] = useState("");
  const tell = useAct(garden.id, (scale: string) =>
    call(
      api.PUT("/api/gardens/{garden}/meters", {
        params: { path: { garden: garden.id } },
        body: {
          id: meter.id,
          name: meter.name,
          version: meter.version,
          scale,
          phPlusMinus: meter.typed?.["phPlusMinus"] ?? { text: plain(meter.phPlusMinus), unit: "pH" },
          ecPlusMinus: meter.typed?.["ecPlusMinus"] ?? { text: plain(meter.ecPlusMinus), unit: "%" },
        },
      }),
    ),
  );
  return (
    <fieldset className="mb-3 border-2 border-stop p-2">
      <legend className="px-1">▲ Which scale does this meter print?</legend>
      <p className="note mb-2">
        The same water reads 500, 640 or 700 ppm. It is in the meter's leaflet, or on its back. Asked once.
      </p>
      <Segmented
        label="Scale of the meter"
        value={chosen}
        onChange={(v) => {
          setChosen(v);
          tell.mutate(v);
        }}
        options={catalogue.scales.map((s) => ({ value: s.id, label: s.id.slice(3) }))}
      />
      {tell.isError && <Trouble problem={tell.error} />}
    </fieldset>
  );
}

function VerdictOf({ verdict: v, shown, open }: { verdict: Verdict; shown: Shown; open: (step: string) => void }) {
  const flush: Record<string, string> = v.flush
    ? {
        least: shown.litres(v.flush.leastLitres),
        most: shown.litres(v.flush.mostLitres),
        goal: `${figures(v.flush.goal)} mS/cm`,
      }
    : {};
  return (
    <>
      {v.ph && <ReadingStrip name="pH" unit="" j={v.ph} digits={2} />}
      {v.ec && <ReadingStrip name="EC" unit="mS/cm at 25 °C" j={v.ec} digits={2} />}
      <h3 className="head mt-2">What to do</h3>
      <ol className="m-0 list-decimal pl-5">
        {v.actions.map((a) => (
          <li key={a} className="mb-1">
            {words("actions", a, flush)}
          </li>
        ))}
      </ol>
      <Button
        look="quiet"
        onClick={() => open(v.flush ? "reading.flush" : v.ec ? "reading.ec_inside" : "reading.ph_inside")}
      >
        Show the working
      </Button>
      <p className="note">
        Band: runoff of {v.band.name.replace(":", ", appetite ")}. Runoff shows a trend, not a laboratory value.
      </p>
    </>
  );
}

function Charted({ lot, garden }: { lot: Lot; garden: Garden }) {
  const series = useQuery(readingsQuery(garden.id, lot.id));
  if (series.isPending) return <Loading what="the readings" />;
  if (series.isLoadingError) return <Trouble problem={series.error} again={() => void series.refetch()} />;
  const { readings, band, feedings } = series.data;
  if (readings.length === 0) {
    return <p className="note p-6">No readings yet. Two or three, some weeks apart, show where the pot is heading.</p>;
  }
  const at = (i: string) => new Date(i).getTime();
  const dayOf = (t: number) => day(new Date(t).toISOString().slice(0, 10)).replace(/^\w+, /, "");
  const fed = feedings.map(at);
  return (
    <section aria-label="Readings over time">
      <h2 className="head">Over time</h2>
      <Suspense fallback={<Loading what="the charts" />}>
        <ReadingChart
          name="pH"
          unit="pH"
          low={band.phLow}
          high={band.phHigh}
          feedings={fed}
          day={dayOf}
          points={readings.flatMap((r) =>
            r.ph === undefined ? [] : [{ at: at(r.at), value: r.ph, plusMinus: r.phPlusMinus }],
          )}
        />
        <ReadingChart
          name="EC"
          unit="mS/cm"
          low={band.ecLow}
          high={band.ecHigh}
          feedings={fed}
          day={dayOf}
          points={readings.flatMap((r) =>
            r.ec === undefined ? [] : [{ at: at(r.at), value: r.ec, plusMinus: r.ecPlusMinus }],
          )}
        />
      </Suspense>
      <p className="note mb-2">Shaded: the band. Dotted lines: feeds. Bars: the meter's ±.</p>
      <table className="w-full border-collapse text-left text-sm">
        <thead>
          <tr className="note border-b border-rule-strong">
            <th className="py-1 font-semibold">When</th>
            <th className="font-semibold">pH</th>
            <th className="font-semibold">EC, mS/cm</th>
            <th className="font-semibold">Says</th>
          </tr>
        </thead>
        <tbody>
          {[...readings].reverse().map((r) => (
            <tr key={r.id} className="border-b border-rule">
              <td className="fig py-1 pr-3 whitespace-nowrap">{moment(r.at, garden.timeZone)}</td>
              <td className="fig pr-3">{r.ph === undefined ? "–" : figures(r.ph, 2)}</td>
              <td className="fig pr-3">{r.ec === undefined ? "–" : figures(r.ec)}</td>
              <td>
                {[
                  r.verdict.ph && `pH ${words("findings", r.verdict.ph.finding)}`,
                  r.verdict.ec && `EC ${words("findings", r.verdict.ec.finding)}`,
                ]
                  .filter(Boolean)
                  .join("; ")}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  );
}
