import type { Fault, WaterInput } from "../../api";
import { words, say } from "../../text";
import { ChoiceField, NumberField, TextField } from "../../ui/Fields";
import { fieldsOf } from "../../ui/fieldsOf";
import { DISSOLVED } from "../../parts/waterInput";

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
  const on = fieldsOf(input, change, faults);
  return (
    <>
      <TextField label={say("common.name")} placeholder={say("shelf_page.rain_butt")} {...on("name", "water.name")} />
      <ChoiceField
        label={say("shelf_page.comes_from")}
        field="water.kind"
        faults={faults}
        value={input.kind ?? "tap"}
        onChange={(kind) => change({ kind: kind as WaterInput["kind"] })}
        options={KINDS.map((k) => ({ value: k, label: words("water_kinds", k) }))}
      />
      <NumberField label="EC" units={["mS/cm", "µS/cm"]} {...on("ec", "water.ec")} />
      <NumberField label="pH" shownUnit="" {...on("ph", "water.ph")} />
      <NumberField
        label={say("shelf_page.alkalinity_kh")}
        term="alkalinity"
        units={["mg/L CaCO₃", "meq/L", "°dKH"]}
        placeholder={say("shelf_page.from_the_report")}
        hint={say("shelf_page.not_hardness_what_acid_has_to")}
        {...on.typed("alkalinity", "water.alkalinity", "mg/L CaCO₃")}
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
