import { useState } from "react";
import { api, edit, type Garden, type Typed, type Vessel, type VesselInput } from "../../api";
import type { Shown } from "../../text/numbers";
import { NumberField, TextField } from "../../ui/Fields";
import { List, ThingForm } from "./things";

export function Vessels({ garden, shown, find }: { garden: Garden; shown: Shown; find: string }) {
  return (
    <List
      title="Cans, buckets, barrels"
      one="vessel"
      items={garden.vessels}
      find={find}
      line={(v) => (
        <>
          {v.name} <span className="note fig block">{shown.vessel(v.litres)}</span>
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
  const [litres, setLitres] = useState<Typed>(
    vessel?.litresTyped ?? { text: "", unit: garden.unitHabit === "us" ? "US gal" : "L" },
  );
  return (
    <ThingForm
      garden={garden}
      kind="vessel"
      input={{ id, name, litres, version: vessel?.version ?? 0 }}
      send={(body: VesselInput) =>
        edit(api.PUT("/api/gardens/{garden}/vessels", { params: { path: { garden: garden.id } }, body }))
      }
      inputOf={(v: Vessel) => ({ name: v.name, litres: v.litresTyped })}
      close={close}
    >
      {(faults) => (
        <>
          <TextField
            label="Name"
            field="vessel.name"
            faults={faults}
            value={name}
            onChange={setName}
            placeholder="Blue bucket"
          />
          <NumberField
            label="Holds, up to where you fill it"
            field="vessel.litres"
            faults={faults}
            value={litres}
            units={["L", "US gal", "imp gal"]}
            onChange={setLitres}
          />
        </>
      )}
    </ThingForm>
  );
}
