import { useState } from "react";
import { api, call, type CurveAnswer, type FlowAnswer, type RunAnswer, type SiphonAnswer, type Typed } from "../../api";
import { useLive } from "../../api/useLive";
import { figures } from "../../text/numbers";
import { NumberField } from "../../ui/Fields";
import { Trouble } from "../../ui/States";
import { say, rich } from "../../text";
import type { Tank } from "./tank";

const L: Typed = { text: "", unit: "L" };
const NUMBER: Typed = { text: "", unit: "" };

/** What the injector really does: flow by bucket and watch, ratio by what was drawn and by the pen. */
export function DeviceTests({ tank, forecast }: { tank: Tank; forecast: number }) {
  return (
    <details className="no-print mb-2">
      <summary className="underline decoration-rule-strong underline-offset-4">
        {say("feeds_page.does_the_injector_do_what_it")}
      </summary>
      <div className="gap-6 pt-2 xl:grid xl:grid-cols-2">
        <Flow />
        <Run tank={tank} forecast={forecast} />
        <Curve tank={tank} />
        <Siphon tank={tank} />
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
    call(api.POST("/api/tank/flow", { body, signal })),
  );
  const faults = ask ? (live.problem?.faults ?? []) : [];
  return (
    <section aria-label={say("feeds_page.flow_test")} aria-live="polite">
      <h3 className="head">{say("feeds_page.flow_of_the_tap")}</h3>
      <div className="grid grid-cols-3 gap-2">
        <NumberField
          label={say("feeds_page.bucket")}
          field="flow.bucket"
          faults={faults}
          value={bucket}
          onChange={setBucket}
        />
        <NumberField
          label={say("feeds_page.full_in")}
          field="flow.seconds"
          faults={faults}
          value={seconds}
          shownUnit="s"
          onChange={setSeconds}
        />
        <NumberField
          label={say("feeds_page.needs")}
          field="flow.least"
          faults={faults}
          value={least}
          shownUnit="L/min"
          onChange={setLeast}
        />
      </div>
      {ask && live.answer && !live.problem && (
        <p className={live.answer.enough ? "" : "text-stop"}>
          {rich("feeds_page.the_tap_gives_l_min_too", {
            which: live.answer.enough ? "yes" : "no",
            b: (c) => <b className="fig">{c}</b>,
            litresPerMinute: figures(live.answer.litresPerMinute),
            which2: live.answer.enough ? "yes" : "no",
          })}
        </p>
      )}
      <p className="note">{say("feeds_page.what_it_needs_stands_in_its")}</p>
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
    call(api.POST("/api/tank/run", { body, signal })),
  );
  const faults = ask ? (live.problem?.faults ?? []) : [];
  const a = live.answer;
  const said = (by: string, df: number, set: number) => (
    <p key={by}>
      {by}: <b className="fig">{say("feeds_page.1_in", { df: figures(df, 3) })}</b>{" "}
      <span className={Math.abs(set / df - 1) > 0.1 ? "text-stop" : "note"}>
        {say("feeds_page.too_weak_against_its_setting", {
          which: Math.abs(set / df - 1) > 0.1 ? "yes" : "no",
          value: figures(Math.abs(set / df - 1) * 100),
          which2: df < set ? "yes" : "no",
        })}
      </span>
    </p>
  );
  return (
    <section aria-label={say("feeds_page.ratio_test")} aria-live="polite">
      <h3 className="head">{say("feeds_page.what_the_ratio_really_is")}</h3>
      <div className="grid grid-cols-3 gap-2">
        <NumberField
          label={say("feeds_page.feed_made")}
          field="run.feed"
          faults={faults}
          value={made}
          onChange={setMade}
        />
        <NumberField
          label={say("feeds_page.stock_drawn")}
          field="run.stock"
          faults={faults}
          value={drawn}
          onChange={setDrawn}
        />
        <NumberField
          label={say("feeds_page.ec_over_water")}
          field="run.ec"
          faults={faults}
          value={ec}
          onChange={setEc}
        />
      </div>
      {ask && a && !live.problem && (
        <>
          {a.byVolume !== undefined && said(say("feeds_page.by_what_was_drawn"), a.byVolume, a.set)}
          {a.byConductivity !== undefined && said(say("feeds_page.by_the_pen"), a.byConductivity, a.set)}
        </>
      )}
      <p className="note">{say("feeds_page.run_it_for_some_minutes_into", { forecast: figures(forecast) })}</p>
    </section>
  );
}

const POINTS = ["first", "second", "third"] as const;

/** What the device gives over its dial, by up to three measured points, and where to set it. */
function Curve({ tank }: { tank: Tank }) {
  const [points, setPoints] = useState(POINTS.map(() => ({ setting: NUMBER, ratio: NUMBER })));
  const [wanted, setWanted] = useState<Typed>({ text: tank.setting === "percent" ? "" : tank.ratio, unit: "" });
  const told = points.filter((p) => p.setting.text.trim() && p.ratio.text.trim());
  const ask = told.length >= 2 && wanted.text.trim() ? { points: told, wanted } : undefined;
  const live = useLive<NonNullable<typeof ask>, CurveAnswer>(ask, (body, signal) =>
    call(api.POST("/api/tank/curve", { body, signal })),
  );
  const faults = ask ? (live.problem?.faults ?? []) : [];
  const set = (at: number, part: Partial<(typeof points)[number]>) =>
    setPoints(points.map((p, i) => (i === at ? { ...p, ...part } : p)));
  return (
    <section aria-label={say("feeds_page.the_dial")} aria-live="polite">
      <h3 className="head">{say("feeds_page.what_the_dial_really_does")}</h3>
      {POINTS.map((name, i) => (
        <div key={name} className="grid grid-cols-2 gap-2">
          <NumberField
            label={say("feeds_page.dial_at", { point: i + 1 })}
            field="curve.setting"
            faults={i === 0 ? faults : []}
            value={points[i]!.setting}
            onChange={(setting) => set(i, { setting })}
          />
          <NumberField
            label={say("feeds_page.gave_one_in")}
            field="curve.ratio"
            faults={i === 0 ? faults : []}
            value={points[i]!.ratio}
            onChange={(ratio) => set(i, { ratio })}
          />
        </div>
      ))}
      <NumberField
        row
        label={say("feeds_page.wanted_one_in")}
        field="dilution_factor"
        faults={faults}
        value={wanted}
        onChange={setWanted}
      />
      {faults.some((f) => f.field === "curve.points") && <Trouble problem={live.problem} />}
      {ask && live.answer && !live.problem && (
        <p>
          {live.answer.setting === undefined
            ? say("feeds_page.outside_what_was_measured")
            : rich("feeds_page.set_the_dial_to", {
                b: (c) => <b className="fig">{c}</b>,
                setting: figures(live.answer.setting),
              })}
        </p>
      )}
    </section>
  );
}

/** How a jar that fills up with water weakens, and when to fill it anew. */
function Siphon({ tank }: { tank: Tank }) {
  const [jar, setJar] = useState(L);
  const [feed, setFeed] = useState(L);
  const [weakest, setWeakest] = useState<Typed>({ text: "80", unit: "%" });
  const ratio: Typed = { text: tank.ratio, unit: tank.setting === "percent" ? "%" : "" };
  const ask = jar.text.trim() && feed.text.trim() ? { setting: tank.setting, ratio, jar, feed, weakest } : undefined;
  const live = useLive<NonNullable<typeof ask>, SiphonAnswer>(ask, (body, signal) =>
    call(api.POST("/api/tank/siphon", { body, signal })),
  );
  const faults = ask ? (live.problem?.faults ?? []) : [];
  return (
    <section aria-label={say("feeds_page.siphon_jar")} aria-live="polite">
      <h3 className="head">{say("feeds_page.a_jar_that_fills_up_with_water")}</h3>
      <NumberField
        row
        label={say("feeds_page.jar_holds")}
        field="siphon.jar"
        faults={faults}
        value={jar}
        units={["L", "US gal", "US qt"]}
        onChange={setJar}
      />
      <NumberField
        row
        label={say("feeds_page.feed_given")}
        field="siphon.feed"
        faults={faults}
        value={feed}
        units={["L", "US gal"]}
        onChange={setFeed}
      />
      <NumberField
        row
        label={say("feeds_page.good_down_to")}
        field="siphon.share"
        faults={faults}
        value={weakest}
        shownUnit="%"
        onChange={setWeakest}
      />
      {ask && live.answer && !live.problem && (
        <p>
          {rich("feeds_page.the_last_of_it_has", {
            b: (c) => <b className="fig">{c}</b>,
            percent: figures(live.answer.leftPercent),
            litres: figures(live.answer.litresUntil),
          })}
        </p>
      )}
      <p className="note">{say("feeds_page.where_water_takes_the_place")}</p>
    </section>
  );
}
