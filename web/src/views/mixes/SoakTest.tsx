import { useState } from "react";
import { api, call, type Component, type Garden, type Soak, type SoakAsk, type Typed } from "../../api";
import { useLive } from "../../api/useLive";
import { componentName } from "../../text/mixes";
import { figures } from "../../text/numbers";
import { Button } from "../../ui/Button";
import { NumberField } from "../../ui/Fields";
import { Segmented } from "../../ui/Segmented";
import { Trouble } from "../../ui/States";

type Fields = "litres" | "column" | "drained" | "wet" | "dry" | "added" | "moisture";

/** The pot-and-tape test, step by step, and what it comes to as the figures are typed. */
export function SoakTest({
  component,
  garden,
  take,
  leave,
}: {
  component: Component;
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
          component,
          litres: f.litres,
          column: f.column,
          drained: f.drained,
          ...(weighed ? { wet: f.wet, dry: f.dry } : { added: f.added, moisture: f.moisture }),
        }
      : undefined,
    (body, signal) => call(api.POST("/api/live/soak", { body, signal })),
  );
  const faults = live.problem?.faults ?? [];
  const volumes = ["L", "mL", "US qt", "US gal", "US fl oz"];
  const weights = ["g", "kg", "oz", "lb"];
  const s = ready && !live.problem ? live.answer : undefined;
  return (
    <div>
      <ol className="mt-0 mb-3 list-decimal space-y-2 pl-5">
        <li>
          Tape the holes of a pot shut. Fill it with {componentName(component).toLowerCase()} and tap it down as you
          would for a plant.
          <div className="grid gap-x-4 sm:grid-cols-2">
            <NumberField
              label="It holds, settled"
              field="bench.litres"
              faults={faults}
              value={f.litres}
              units={volumes}
              onChange={set("litres")}
            />
            <NumberField
              label="The stuff stands so deep"
              field="bench.column"
              faults={faults}
              value={f.column}
              units={["cm", "in"]}
              onChange={set("column")}
            />
          </div>
        </li>
        <li>
          Let water in slowly from below until it stands level with the top: overnight if it repels water.
          <Segmented
            label="How"
            value={way}
            onChange={setWay}
            options={[
              { value: "weigh", label: "I will weigh it" },
              { value: "pour", label: "I measure what I pour in" },
            ]}
          />
          {!weighed && (
            <div className="grid gap-x-4 sm:grid-cols-2">
              <NumberField
                label="Water that went in"
                field="bench.added"
                faults={faults}
                value={f.added}
                units={volumes}
                onChange={set("added")}
              />
              <NumberField
                label="Moisture that was there"
                field="bench.moisture"
                faults={faults}
                value={f.moisture}
                hint="of its volume: peat as bought about 10, dry grit 0"
                onChange={set("moisture")}
              />
            </div>
          )}
        </li>
        <li>
          Open the holes over a bowl, and let it drain for one hour.
          <NumberField
            label="What ran out"
            field="bench.drained"
            faults={faults}
            value={f.drained}
            units={volumes}
            onChange={set("drained")}
          />
        </li>
        {weighed && (
          <li>
            Weigh the stuff, without the pot; dry it in a low oven (105 °C, 220 °F) until it gets no lighter; weigh
            again.
            <div className="grid gap-x-4 sm:grid-cols-2">
              <NumberField
                label="Drained"
                field="bench.wet"
                faults={faults}
                value={f.wet}
                units={weights}
                onChange={set("wet")}
              />
              <NumberField
                label="Oven-dry"
                field="bench.dry"
                faults={faults}
                value={f.dry}
                units={weights}
                onChange={set("dry")}
              />
            </div>
            <p className="note">▲ Never peat or bark unattended in an oven, and never above 105 °C.</p>
          </li>
        )}
      </ol>
      {live.problem && <Trouble problem={live.problem} />}
      {s && (
        <p className="mb-3 border-l-4 border-water pl-3">
          <b className="fig">
            {figures(s.air)} ± {figures(s.airPlusMinus, 1)} %
          </b>{" "}
          air,{" "}
          <b className="fig text-water">
            {figures(s.capacity)} ± {figures(s.capacityPlusMinus, 1)} %
          </b>{" "}
          water,{" "}
          <b className="fig">
            {figures(s.porosity)} ± {figures(s.porosityPlusMinus, 1)} %
          </b>{" "}
          pores.
          <span className="note block">
            The curve’s α moves from {figures(s.alphaBefore)} to {figures(s.alpha)} per cm ({figures(s.alphaLow)}–
            {figures(s.alphaHigh)}): one test is one point, its steepness stays as the grain says.
          </span>
        </p>
      )}
      <div className="flex gap-3">
        <Button look="ink" disabled={!s} onClick={() => s && take(s)}>
          Take these figures
        </Button>
        <Button look="quiet" onClick={leave}>
          Back to the figures
        </Button>
      </div>
    </div>
  );
}
