import { useState } from "react";
import { api, edit, type Garden, type Typed, type Vessel, type VesselInput } from "../../api";
import { words, say } from "../../text";
import type { Shown } from "../../text/numbers";
import { ChoiceField, NumberField, TextField } from "../../ui/Fields";
import { List, ThingForm } from "../../parts/things";

const USES: Vessel["use"][] = ["can", "tub", "shovel", "handful", "drip"];

export function Vessels({ garden, shown, find }: { garden: Garden; shown: Shown; find: string }) {
  return (
    <List
      title={say("shelf_page.cans_tubs_shovels")}
      one="vessel"
      items={garden.vessels}
      find={find}
      line={(v) => (
        <>
          {v.name}{" "}
          <span className="note fig block">
            {shown.vessel(v.litres)}
            {v.use !== "can" && ` · ${words("uses", v.use)}`}
          </span>
        </>
      )}
      form={(v, id, close) => <VesselForm garden={garden} vessel={v} id={id} close={close} />}
    />
  );
}

function VesselForm({
  garden,
  vessel,
  id,
  close,
}: {
  garden: Garden;
  vessel: Vessel | undefined;
  id: string;
  close: () => void;
}) {
  const [name, setName] = useState(vessel?.name ?? "");
  const [use, setUse] = useState<Vessel["use"]>(vessel?.use ?? "can");
  const [litres, setLitres] = useState<Typed>(
    vessel?.litresTyped ?? { text: "", unit: garden.unitHabit === "us" ? "US gal" : "L" },
  );
  return (
    <ThingForm
      garden={garden}
      kind="vessel"
      input={{ id, name, use, litres, version: vessel?.version ?? 0 }}
      send={(body: VesselInput) =>
        edit(api.PUT("/api/gardens/{garden}/vessels", { params: { path: { garden: garden.id } }, body }))
      }
      inputOf={(v: Vessel) => ({ name: v.name, use: v.use, litres: v.litresTyped })}
      close={close}
    >
      {(faults) => (
        <>
          <TextField
            label={say("common.name")}
            field="vessel.name"
            faults={faults}
            value={name}
            onChange={setName}
            placeholder={say("shelf_page.blue_bucket")}
          />
          <ChoiceField
            label={say("shelf_page.used_as")}
            field="vessel.use"
            faults={faults}
            value={use}
            onChange={(u) => setUse(u as Vessel["use"])}
            options={USES.map((u) => ({ value: u, label: words("uses", u) }))}
          />
          <NumberField
            label={say("shelf_page.holds_up_to_where_you_fill")}
            field="vessel.litres"
            faults={faults}
            value={litres}
            units={["L", "mL", "US gal", "US qt", "imp gal"]}
            onChange={setLitres}
          />
        </>
      )}
    </ThingForm>
  );
}
