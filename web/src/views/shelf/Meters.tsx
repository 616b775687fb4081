import { useState } from "react";
import { api, edit, type Catalogue, type Garden, type Meter, type MeterInput, type Typed } from "../../api";
import { words } from "../../text";
import { plain } from "../../text/numbers";
import { ChoiceField, NumberField, TextField } from "../../ui/Fields";
import { List, ThingForm } from "./things";

export function Meters({ garden, catalogue, find }: { garden: Garden; catalogue: Catalogue; find: string }) {
  return (
    <List
      title="Meters"
      one="meter"
      items={garden.meters}
      find={find}
      line={(m) => (
        <>
          {m.name}{" "}
          <span className="note fig block">
            ± {plain(m.phPlusMinus)} pH · ± {plain(m.ecPlusMinus)} % EC
          </span>
          <span className="note block">{m.scale ? words("scales", m.scale) : "ppm scale not said yet"}</span>
        </>
      )}
      form={(m, id, close) => <MeterForm garden={garden} catalogue={catalogue} meter={m} id={id} close={close} />}
    />
  );
}

const UNSAID = "unsaid";
const USUAL = { phPlusMinus: { text: "0.1", unit: "pH" }, ecPlusMinus: { text: "5", unit: "%" } };

/** A meter's ± as it was typed. */
function typedOf(meter: Meter | undefined, field: keyof typeof USUAL): Typed {
  return meter ? (meter.typed?.[field] ?? { text: plain(meter[field]), unit: USUAL[field].unit }) : USUAL[field];
}

function MeterForm({
  garden,
  catalogue,
  meter,
  id,
  close,
}: {
  garden: Garden;
  catalogue: Catalogue;
  meter: Meter | undefined;
  id: string;
  close: () => void;
}) {
  const [name, setName] = useState(meter?.name ?? "");
  const [scale, setScale] = useState(meter?.scale ?? UNSAID);
  const [ph, setPh] = useState<Typed>(typedOf(meter, "phPlusMinus"));
  const [ec, setEc] = useState<Typed>(typedOf(meter, "ecPlusMinus"));
  return (
    <ThingForm
      garden={garden}
      kind="meter"
      input={{
        id,
        name,
        scale: scale === UNSAID ? undefined : scale,
        phPlusMinus: ph,
        ecPlusMinus: ec,
        version: meter?.version ?? 0,
      }}
      send={(body: MeterInput) =>
        edit(api.PUT("/api/gardens/{garden}/meters", { params: { path: { garden: garden.id } }, body }))
      }
      inputOf={(m: Meter) => ({
        name: m.name,
        scale: m.scale,
        phPlusMinus: typedOf(m, "phPlusMinus"),
        ecPlusMinus: typedOf(m, "ecPlusMinus"),
      })}
      close={close}
    >
      {(faults) => (
        <>
          <TextField
            label="Name"
            field="meter.name"
            faults={faults}
            value={name}
            onChange={setName}
            placeholder="Old pen"
          />
          <ChoiceField
            label="Its ppm scale"
            field="meter.scale"
            faults={faults}
            value={scale}
            onChange={setScale}
            options={[
              ...(meter?.scale ? [] : [{ value: UNSAID, label: "not known yet" }]),
              ...catalogue.scales.map((s) => ({ value: s.id, label: words("scales", s.id) })),
            ]}
          />
          <NumberField
            label="± of its pH"
            field="meter.ph_plus_minus"
            faults={faults}
            value={ph}
            onChange={setPh}
            hint="Cheap pens ± 0.1 to 0.2, more when not calibrated."
          />
          <NumberField label="± of its EC" field="meter.ec_plus_minus" faults={faults} value={ec} onChange={setEc} />
        </>
      )}
    </ThingForm>
  );
}
