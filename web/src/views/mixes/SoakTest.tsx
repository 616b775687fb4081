import { useState } from "react";
import { api, call, type Garden, type Soak, type SoakAsk, type Typed } from "../../api";
import { useLive } from "../../api/useLive";
import { figures } from "../../text/numbers";
import { Button } from "../../ui/Button";
import { NumberField } from "../../ui/Fields";
import { Segmented } from "../../ui/Segmented";
import { say, rich } from "../../text";
import { Trouble } from "../../ui/States";

type Fields = "litres" | "column" | "drained" | "wet" | "dry" | "added" | "moisture";

/** The pot-and-tape test, step by step, and what it comes to as the figures are typed. */
export function SoakTest({
  of,
  name,
  garden,
  take,
  leave,
}: {
  of: Pick<SoakAsk, "component" | "mix">;
  name: string;
  garden: Garden;
  take: (s: Soak) => void;
  leave: () => void;
}) {
  const us = garden.unitHabit === "us";
  const volume = us ? "US qt" : "L";
  const weight = us ? "oz" : "g";
  const [f, setF] = useState<Record<Fields, Typed>>({
    litres: { text: "", unit: volume },
    column: { text: "", unit: us ? "in" : "cm" },
    drained: { text: "", unit: us ? "US fl oz" : "mL" },
    wet: { text: "", unit: weight },
    dry: { text: "", unit: weight },
    added: { text: "", unit: volume },
    moisture: { text: "", unit: "%" },
  });
  const [way, setWay] = useState("weigh");
  const set = (field: Fields) => (v: Typed) => setF({ ...f, [field]: v });
  const filled = (...names: Fields[]) => names.every((n) => f[n].text.trim());
  const weighed = way === "weigh";
  const ready = filled("litres", "column", "drained") && (weighed ? filled("wet", "dry") : filled("added", "moisture"));
  const live = useLive<SoakAsk, Soak>(
    ready
      ? {
          ...of,
          litres: f.litres,
          column: f.column,
          drained: f.drained,
          ...(weighed ? { wet: f.wet, dry: f.dry } : { added: f.added, moisture: f.moisture }),
        }
      : undefined,
    (body, signal) => call(api.POST("/api/mix/soak", { body, signal })),
  );
  const faults = live.problem?.faults ?? [];
  const volumes = ["L", "mL", "US qt", "US gal", "US fl oz"];
  const weights = ["g", "kg", "oz", "lb"];
  const s = ready && !live.problem ? live.answer : undefined;
  return (
    <div>
      <ol className="@container mt-0 mb-3 list-decimal space-y-2 pl-5">
        <li>
          {say("mixes_page.tape_the_holes_of_a_pot", { componentName: name.toLowerCase() })}
          <div className="grid gap-x-4 @sm:grid-cols-2">
            <NumberField
              label={say("mixes_page.it_holds_settled")}
              field="bench.litres"
              faults={faults}
              value={f.litres}
              units={volumes}
              onChange={set("litres")}
            />
            <NumberField
              label={say("mixes_page.the_stuff_stands_so_deep")}
              field="bench.column"
              faults={faults}
              value={f.column}
              units={["cm", "in"]}
              onChange={set("column")}
            />
          </div>
        </li>
        <li>
          {say("mixes_page.let_water_in_slowly_from_below")}
          <Segmented
            label={say("mixes_page.how")}
            value={way}
            onChange={setWay}
            options={[
              { value: "weigh", label: say("mixes_page.i_will_weigh_it") },
              { value: "pour", label: say("mixes_page.i_measure_what_i_pour_in") },
            ]}
          />
          {!weighed && (
            <div className="grid gap-x-4 @sm:grid-cols-2">
              <NumberField
                label={say("mixes_page.water_that_went_in")}
                field="bench.added"
                faults={faults}
                value={f.added}
                units={volumes}
                onChange={set("added")}
              />
              <NumberField
                label={say("mixes_page.moisture_that_was_there")}
                field="bench.moisture"
                faults={faults}
                value={f.moisture}
                hint={say("mixes_page.of_its_volume_peat_as_bought")}
                onChange={set("moisture")}
              />
            </div>
          )}
        </li>
        <li>
          {say("mixes_page.open_the_holes_over_a_bowl")}
          <NumberField
            label={say("mixes_page.what_ran_out")}
            field="bench.drained"
            faults={faults}
            value={f.drained}
            units={volumes}
            onChange={set("drained")}
          />
        </li>
        {weighed && (
          <li>
            {say("mixes_page.weigh_the_stuff_without_the_pot")}
            <div className="grid gap-x-4 @sm:grid-cols-2">
              <NumberField
                label={say("mixes_page.drained")}
                field="bench.wet"
                faults={faults}
                value={f.wet}
                units={weights}
                onChange={set("wet")}
              />
              <NumberField
                label={say("mixes_page.oven_dry")}
                field="bench.dry"
                faults={faults}
                value={f.dry}
                units={weights}
                onChange={set("dry")}
              />
            </div>
            <p className="note">{say("mixes_page.never_peat_or_bark_unattended_in")}</p>
          </li>
        )}
      </ol>
      {live.problem && <Trouble problem={live.problem} />}
      {s && (
        <p className="mb-3 border-l-4 border-water pl-3">
          <b className="fig">
            {figures(s.air)} ± {figures(s.airPlusMinus, 1)} %
          </b>{" "}
          {rich("mixes_page.air_water_pores", {
            b: (c) => <b className="fig text-water">{c}</b>,
            capacity: figures(s.capacity),
            capacityPlusMinus: figures(s.capacityPlusMinus, 1),
            b2: (c) => <b className="fig">{c}</b>,
            porosity: figures(s.porosity),
            porosityPlusMinus: figures(s.porosityPlusMinus, 1),
          })}
          {s.alpha && (
            <span className="note block">
              {say("mixes_page.the_curves_moves_from_to_per", {
                alphaBefore: figures(s.alpha.before),
                alpha: figures(s.alpha.now),
                alphaLow: figures(s.alpha.low),
                alphaHigh: figures(s.alpha.high),
              })}
            </span>
          )}
        </p>
      )}
      <div className="flex gap-3">
        <Button look="ink" disabled={!s} onClick={() => s && take(s)}>
          {say("mixes_page.take_these_figures")}
        </Button>
        <Button look="quiet" onClick={leave}>
          {say("mixes_page.back_to_the_figures")}
        </Button>
      </div>
    </div>
  );
}
