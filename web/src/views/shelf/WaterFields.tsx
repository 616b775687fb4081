import type { Fault, WaterInput } from "../../api";
import { words, say } from "../../text";
import { ChoiceField, NumberField, TextField } from "../../ui/Fields";
import { DISSOLVED } from "./waterInput";

const KINDS: NonNullable<WaterInput["kind"]>[] = ["tap", "rain", "filtered", "well", "softened"];

/** What is asked of a water: two readings of the pen, its alkalinity, and what its report tells. */
export function WaterFields({
  input,
  faults,
  change,
}: {
  input: WaterInput;
  faults: Fault[];
  change: (part: Partial<WaterInput>) => void;
}) {
  return (
    <>
      <TextField
        label={say("common.name")}
        field="water.name"
        faults={faults}
        value={input.name}
        onChange={(name) => change({ name })}
        placeholder={say("shelf_page.rain_butt")}
      />
      <ChoiceField
        label={say("shelf_page.comes_from")}
        field="water.kind"
        faults={faults}
        value={input.kind ?? "tap"}
        onChange={(kind) => change({ kind: kind as WaterInput["kind"] })}
        options={KINDS.map((k) => ({ value: k, label: words("water_kinds", k) }))}
      />
      <NumberField
        label="EC"
        field="water.ec"
        faults={faults}
        value={input.ec}
        units={["mS/cm", "µS/cm"]}
        onChange={(ec) => change({ ec })}
      />
      <NumberField
        label="pH"
        field="water.ph"
        faults={faults}
        value={input.ph}
        shownUnit=""
        onChange={(ph) => change({ ph })}
      />
      <NumberField
        label={say("shelf_page.alkalinity_kh")}
        term="alkalinity"
        field="water.alkalinity"
        faults={faults}
        value={input.alkalinity ?? { text: "", unit: "mg/L CaCO₃" }}
        units={["mg/L CaCO₃", "meq/L", "°dKH"]}
        placeholder={say("shelf_page.from_the_report")}
        onChange={(alkalinity) => change({ alkalinity })}
        hint={say("shelf_page.not_hardness_what_acid_has_to")}
      />
      <details open={Object.keys(input.contents ?? {}).length > 0} className="mb-2">
        <summary className="note underline decoration-rule-strong underline-offset-4">
          {say("shelf_page.the_rest_of_its_report_mg")}
        </summary>
        <div className="grid grid-cols-2 gap-x-2">
          {DISSOLVED.map((d) => (
            <NumberField
              key={d}
              label={words("fields", `water.${d.toLowerCase()}`)}
              field={`water.${d.toLowerCase()}`}
              faults={faults}
              value={input.contents?.[d] ?? { text: "", unit: "mg/L" }}
              shownUnit=""
              onChange={(v) => change({ contents: { ...input.contents, [d]: v } })}
            />
          ))}
        </div>
      </details>
    </>
  );
}
