import { Link, useNavigate, useSearch } from "@tanstack/react-router";
import { type ReactNode, useState } from "react";
import {
  api,
  call,
  newId,
  type Catalogue,
  type Garden,
  type Lot,
  type Meter,
  type MeterLog,
  type NewReading,
  type Procedure,
  type Verdict,
  type VerdictAsk,
} from "../../api";
import { useAct } from "../../api/queries";
import { useLive } from "../../api/useLive";
import { LivePen } from "../../parts/LivePen";
import { WorkingPanel } from "../../parts/WorkingPanel";
import { words, say } from "../../text";
import { day, figures, type Shown } from "../../text/numbers";
import { Button } from "../../ui/Button";
import { ChoiceField, NumberField } from "../../ui/Fields";
import { Trouble } from "../../ui/States";
import { useDraft } from "../../ui/useDraft";
import { useTold } from "../../ui/useUndo";
import { AskScale } from "./AskScale";
import { LastReading } from "./LastReading";
import { ProcedureSteps } from "./ProcedureSteps";
import { VerdictCard } from "./VerdictCard";

type Props = {
  lot: Lot;
  garden: Garden;
  catalogue: Catalogue;
  shown: Shown;
  meter: Meter;
  log: MeterLog;
  procedures: Procedure[];
  /** What was measured before. */
  children: ReactNode;
};

const EMPTY = { method: "runoff", ph: "", ec: "", ecUnit: "ppm", celsius: "", before: "", hours: "", at: "" };

/** A reading by the method chosen: how to take it, what the pen shows, what that says before it is recorded. */
export function ReadingEntry({ lot, garden, catalogue, shown, meter, log, procedures, children }: Props) {
  const draft = useDraft(`reading:${lot.id}`, EMPTY);
  const [key, setKey] = useState(newId);
  const told = useTold(garden.id);
  const { working } = useSearch({ from: "/g/$garden/bench/$lot" });
  const navigate = useNavigate({ from: "/g/$garden/bench/$lot" });
  const open = (step: string | undefined) => void navigate({ search: (s) => ({ ...s, working: step }) });
  const d = { ...EMPTY, ...draft.value };
  const soak = d.method === "soak";
  const procedure = procedures.find((p) => p.method === d.method)!;
  const typed = (text: string, unit: string) => (text.trim() ? { text, unit } : undefined);
  const reading: NewReading = {
    clientKey: key,
    meterId: meter.id,
    method: d.method,
    ph: typed(d.ph, "pH"),
    ec: typed(d.ec, d.ecUnit),
    celsius: typed(d.celsius, shown.degree),
    ...(soak ? { beforePh: typed(d.before, "pH"), hours: typed(d.hours, "h") } : {}),
    ...(d.at ? { occurredAt: new Date(d.at).toISOString() } : {}),
  };
  const path = { garden: garden.id, lot: lot.id };
  const ask: VerdictAsk | undefined =
    reading.ph || reading.ec ? { reading, working: working !== undefined } : undefined;
  const live = useLive<VerdictAsk, Verdict>(
    ask,
    (body, signal) => call(api.POST("/api/gardens/{garden}/lots/{lot}/verdict", { params: { path }, body, signal })),
    meter.version,
  );
  const record = useAct(
    garden.id,
    () => call(api.POST("/api/gardens/{garden}/lots/{lot}/readings", { params: { path }, body: reading })),
    (act) => {
      setKey(newId());
      draft.drop();
      told(say("bench_page.reading_recorded"), act.actId);
    },
  );
  const faults = [...(record.error?.faults ?? []), ...(ask ? (live.problem?.faults ?? []) : [])];
  const needsScale = !meter.scale && d.ecUnit === "ppm" && d.ec.trim() !== "";
  const plainTrouble = record.error && record.error.faults.length === 0 ? record.error : undefined;
  return (
    <div className="gap-8 md:grid md:grid-cols-[20rem_1fr] print:block">
      <section aria-label={say("bench_page.new_reading")} className="no-print">
        <h2 className="head !border-water">{say("bench_page.new_reading")}</h2>
        <form
          onSubmit={(e) => {
            e.preventDefault();
            record.mutate(undefined);
          }}
        >
          <ChoiceField
            label={say("bench_page.how_it_is_taken")}
            {...(d.method === "pour_through" ? { term: "pour_through" as const } : {})}
            field="reading.method"
            faults={faults}
            value={d.method}
            onChange={(method) => draft.change({ method })}
            options={procedures.map((p) => ({ value: p.method, label: words("methods", p.method) }))}
            hint={words("method_notes", d.method)}
          />
          <details className="mb-2 border-y border-rule py-1" open={d.method !== "runoff"}>
            <summary className="cursor-pointer text-sm">{say("bench_page.step_by_step_for_this_pot")}</summary>
            <div className="mt-1">
              <ProcedureSteps key={d.method} procedure={procedure} lot={lot.id} shown={shown} />
            </div>
          </details>
          {soak && (
            <div className="grid grid-cols-2 gap-3">
              <NumberField
                label={say("bench_page.water_before_ph")}
                field="reading.before_ph"
                faults={faults}
                value={{ text: d.before, unit: "" }}
                onChange={(v) => draft.change({ before: v.text })}
              />
              <NumberField
                label={say("bench_page.stood_for")}
                field="reading.hours"
                faults={faults}
                value={{ text: d.hours, unit: "h" }}
                placeholder="4½"
                onChange={(v) => draft.change({ hours: v.text })}
              />
            </div>
          )}
          {meter.port !== undefined && (
            <LivePen
              key={meter.id}
              garden={garden.id}
              meter={meter}
              take={(t) =>
                draft.change({
                  ...(t.ph ? { ph: t.ph } : {}),
                  ...(t.ec ? { ec: t.ec, ecUnit: "mS/cm" } : {}),
                  ...(t.celsius ? { celsius: t.celsius } : {}),
                })
              }
            />
          )}
          <div className="grid grid-cols-2 gap-3">
            <NumberField
              label={soak ? say("bench_page.after_ph") : "pH"}
              field="reading.ph"
              faults={faults}
              value={{ text: d.ph, unit: "" }}
              onChange={(v) => draft.change({ ph: v.text })}
            />
            <NumberField
              label={say("bench_page.tds_or_ec")}
              term="ec"
              field="reading.ec"
              faults={faults}
              value={{ text: d.ec, unit: d.ecUnit }}
              units={["ppm", "mS/cm", "µS/cm"]}
              onChange={(v) => draft.change({ ec: v.text, ecUnit: v.unit })}
            />
          </div>
          {needsScale && <AskScale garden={garden} catalogue={catalogue} meter={meter} />}
          {!meter.compensates && (
            <NumberField
              row
              label={say("bench_page.liquid_is_at")}
              field="reading.celsius"
              faults={faults}
              value={{ text: d.celsius, unit: shown.degree }}
              placeholder={say("bench_page.if_blank_less_sure", { celsius: shown.celsius(20) })}
              onChange={(v) => draft.change({ celsius: v.text })}
            />
          )}
          <p className="note mb-2">
            {say("bench_page.ph_ec", {
              name: meter.name,
              phPlusMinus: figures(log.phPlusMinus),
              ecPlusMinus: figures(log.ecPlusMinus),
              value: meter.scale && say("bench_page.scale", { scale: meter.scale.slice(3) }),
              value2: log.phOn
                ? say("bench_page.ph_calibrated", { day: day(log.phOn) })
                : say("bench_page.ph_never_calibrated"),
            })}{" "}
            <Link
              to="/g/$garden/shelf/meter/$meter"
              params={{ garden: garden.id, meter: meter.id }}
              className="inline-block leading-8 underline underline-offset-4"
            >
              {say("common.calibrate")}
            </Link>
          </p>
          <When at={d.at} faults={faults} change={(at) => draft.change({ at })} />
          {plainTrouble && <Trouble problem={plainTrouble} />}
          <Button look="ink" type="submit" className="min-h-11" disabled={record.isPending || !ask}>
            {record.isPending
              ? say("common.recording")
              : record.error?.retry
                ? say("common.retry")
                : say("bench_page.record_2")}
          </Button>
        </form>
      </section>
      <div className="min-w-0">
        <div aria-live="polite">
          {ask && live.answer && <VerdictCard verdict={live.answer} shown={shown} open={open} />}
          {!ask && <LastReading lot={lot} garden={garden} shown={shown} />}
        </div>
        {children}
      </div>
      {ask && working !== undefined && (
        <WorkingPanel steps={live.answer?.working} at={working} close={() => open(undefined)} />
      )}
    </div>
  );
}

function When({
  at,
  faults,
  change,
}: {
  at: string;
  faults: { field: string; detail: string }[];
  change: (at: string) => void;
}) {
  const fault = faults.find((f) => f.field === "occurred_at")?.detail;
  return (
    <div className="mb-2">
      <label htmlFor="reading-when" className="block text-sm">
        {say("bench_page.when")}
      </label>
      <input
        id="reading-when"
        type="datetime-local"
        className="box"
        value={at}
        onChange={(e) => change(e.target.value)}
        aria-describedby="when-note"
      />
      <span id="when-note" className="note block">
        {fault ? (
          <span role="alert" className="text-stop">
            ▲ {fault}
          </span>
        ) : (
          say("bench_page.empty_means_now")
        )}
      </span>
    </div>
  );
}
