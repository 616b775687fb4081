import { useState } from "react";
import { api, call, type FlowAnswer, type RunAnswer, type Typed } from "../../api";
import { useLive } from "../../api/useLive";
import { figures } from "../../text/numbers";
import { NumberField } from "../../ui/Fields";
import type { Tank } from "./tank";

const L: Typed = { text: "", unit: "L" };
const NUMBER: Typed = { text: "", unit: "" };

/** What the injector really does: flow by bucket and watch, ratio by what was drawn and by the pen. */
export function DeviceTests({ tank, forecast }: { tank: Tank; forecast: number }) {
  return (
    <details className="no-print mb-2">
      <summary className="underline decoration-rule-strong underline-offset-4">
        Does the injector do what it says? A bucket, a watch, the pen
      </summary>
      <div className="gap-6 pt-2 xl:grid xl:grid-cols-2">
        <Flow />
        <Run tank={tank} forecast={forecast} />
      </div>
    </details>
  );
}

function Flow() {
  const [bucket, setBucket] = useState<Typed>({ text: "10", unit: "L" });
  const [seconds, setSeconds] = useState(NUMBER);
  const [least, setLeast] = useState(NUMBER);
  const ask = seconds.text.trim() && least.text.trim() ? { bucket, seconds, least } : undefined;
  const live = useLive<NonNullable<typeof ask>, FlowAnswer>(ask, (body, signal) =>
    call(api.POST("/api/live/tank/flow", { body, signal })),
  );
  const faults = ask ? (live.problem?.faults ?? []) : [];
  return (
    <section aria-label="Flow test" aria-live="polite">
      <h3 className="head">Flow of the tap</h3>
      <div className="grid grid-cols-3 gap-2">
        <NumberField label="Bucket" field="flow.bucket" faults={faults} value={bucket} onChange={setBucket} />
        <NumberField
          label="Full in"
          field="flow.seconds"
          faults={faults}
          value={seconds}
          shownUnit="s"
          onChange={setSeconds}
        />
        <NumberField
          label="Needs"
          field="flow.least"
          faults={faults}
          value={least}
          shownUnit="L/min"
          onChange={setLeast}
        />
      </div>
      {ask && live.answer && !live.problem && (
        <p className={live.answer.enough ? "" : "text-stop"}>
          {live.answer.enough ? "✓" : "▲"} The tap gives{" "}
          <b className="fig">{figures(live.answer.litresPerMinute)} L/min</b>:{" "}
          {live.answer.enough ? "enough." : "too little, the injector will draw too weak or not at all."}
        </p>
      )}
      <p className="note">What it needs stands in its leaflet. Pressure counts too.</p>
    </section>
  );
}

function Run({ tank, forecast }: { tank: Tank; forecast: number }) {
  const [made, setMade] = useState(L);
  const [drawn, setDrawn] = useState(L);
  const [ec, setEc] = useState<Typed>({ text: "", unit: "mS/cm" });
  const ratio: Typed = { text: tank.ratio, unit: tank.setting === "percent" ? "%" : "" };
  const ask =
    (made.text.trim() && drawn.text.trim()) || ec.text.trim()
      ? { setting: tank.setting, ratio, feedMade: made, stockDrawn: drawn, ecOver: ec, forecast }
      : undefined;
  const live = useLive<NonNullable<typeof ask>, RunAnswer>(ask, (body, signal) =>
    call(api.POST("/api/live/tank/run", { body, signal })),
  );
  const faults = ask ? (live.problem?.faults ?? []) : [];
  const a = live.answer;
  const said = (by: string, df: number, set: number) => (
    <p key={by}>
      {by}: <b className="fig">1 in {figures(df, 3)}</b>{" "}
      <span className={Math.abs(set / df - 1) > 0.1 ? "text-stop" : "note"}>
        {Math.abs(set / df - 1) > 0.1 ? "▲ " : ""}
        {figures(Math.abs(set / df - 1) * 100)} % too {df < set ? "strong" : "weak"} against its setting
      </span>
    </p>
  );
  return (
    <section aria-label="Ratio test" aria-live="polite">
      <h3 className="head">What the ratio really is</h3>
      <div className="grid grid-cols-3 gap-2">
        <NumberField label="Feed made" field="run.feed" faults={faults} value={made} onChange={setMade} />
        <NumberField label="Stock drawn" field="run.stock" faults={faults} value={drawn} onChange={setDrawn} />
        <NumberField label="EC over water" field="run.ec" faults={faults} value={ec} onChange={setEc} />
      </div>
      {ask && a && !live.problem && (
        <>
          {a.byVolume !== undefined && said("By what was drawn", a.byVolume, a.set)}
          {a.byConductivity !== undefined && said("By the pen", a.byConductivity, a.set)}
        </>
      )}
      <p className="note">
        Run it for some minutes into a barrel. The pen should show {figures(forecast)} mS/cm over the water.
      </p>
    </section>
  );
}
