import { useState } from "react";
import { api, edit, type Garden, type Typed, type Water, type WaterInput } from "../../api";
import { plain } from "../../text/numbers";
import { NumberField, TextField } from "../../ui/Fields";
import { List, ThingForm } from "./things";

export function Waters({ garden, find }: { garden: Garden; find: string }) {
  return (
    <List
      title="Waters"
      one="water"
      items={garden.waters}
      find={find}
      line={(w) => (
        <>
          {w.name}{" "}
          <span className="note fig block">
            EC {plain(w.ec)} mS/cm · pH {plain(w.ph)}
          </span>
        </>
      )}
      form={(w, id, close) => <WaterForm garden={garden} water={w} id={id} close={close} />}
    />
  );
}

function WaterForm({
  garden,
  water,
  id,
  close,
}: {
  garden: Garden;
  water: Water | undefined;
  id: string;
  close: () => void;
}) {
  const [name, setName] = useState(water?.name ?? "");
  const [ec, setEc] = useState<Typed>(water?.ecTyped ?? { text: "", unit: "mS/cm" });
  const [ph, setPh] = useState<Typed>(water?.phTyped ?? { text: "", unit: "pH" });
  return (
    <ThingForm
      garden={garden}
      kind="water"
      input={{ id, name, ec, ph, version: water?.version ?? 0 }}
      send={(body: WaterInput) =>
        edit(api.PUT("/api/gardens/{garden}/waters", { params: { path: { garden: garden.id } }, body }))
      }
      inputOf={(w: Water) => ({ name: w.name, ec: w.ecTyped, ph: w.phTyped })}
      close={close}
    >
      {(faults) => (
        <>
          <TextField
            label="Name"
            field="water.name"
            faults={faults}
            value={name}
            onChange={setName}
            placeholder="Rain butt"
          />
          <NumberField
            label="EC"
            field="water.ec"
            faults={faults}
            value={ec}
            units={["mS/cm", "µS/cm"]}
            onChange={setEc}
            hint="Softened water is unfit for plants: it is full of sodium."
          />
          <NumberField label="pH" field="water.ph" faults={faults} value={ph} shownUnit="" onChange={setPh} />
        </>
      )}
    </ThingForm>
  );
}
