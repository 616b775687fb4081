import { useQuery } from "@tanstack/react-query";
import { Link } from "@tanstack/react-router";
import { useState } from "react";
import {
  api,
  edit,
  type Catalogue,
  type Garden,
  type Meter,
  type MeterInput,
  type MeterLog,
  type Typed,
} from "../../api";
import { words } from "../../text";
import { metersQuery } from "../../api/queries";
import { day, plain } from "../../text/numbers";
import { ChoiceField, DateField, NumberField, TextField } from "../../ui/Fields";
import { List, ThingForm } from "./things";

export function Meters({ garden, catalogue, find }: { garden: Garden; catalogue: Catalogue; find: string }) {
  const logs = useQuery(metersQuery(garden.id)).data;
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
          <Link
            to="/g/$garden/shelf/meter/$meter"
            params={{ garden: garden.id, meter: m.id }}
            className="inline-block text-sm leading-8 underline underline-offset-4"
          >
            Calibrate
          </Link>{" "}
          <Due log={logs?.find((l) => l.meterId === m.id)} today={garden.today} />
        </>
      )}
      form={(m, id, close) => <MeterForm garden={garden} catalogue={catalogue} meter={m} id={id} close={close} />}
    />
  );
}

/** Whether it is time to calibrate it. */
function Due({ log, today }: { log: MeterLog | undefined; today: string }) {
  if (!log) return null;
  if (!log.phOn && !log.ecOn) return <span className="note text-stop">▲ never calibrated</span>;
  const next = [log.phOn && log.phDueOn, log.ecOn && log.ecDueOn].filter((d): d is string => Boolean(d)).sort()[0]!;
  return next <= today ? (
    <span className="note text-stop">▲ due since {day(next)}</span>
  ) : (
    <span className="note">next {day(next)}</span>
  );
}

const UNSAID = "unsaid";
const USUAL = { phPlusMinus: { text: "0.1", unit: "pH" }, ecPlusMinus: { text: "5", unit: "%" } };

/** A meter's ± as it was typed. */
function typedOf(meter: Meter | undefined, field: keyof typeof USUAL): Typed {
  return meter ? (meter.typed?.[field] ?? { text: plain(meter[field]), unit: USUAL[field].unit }) : USUAL[field];
}

const daysOf = (m: Meter | undefined): Typed => ({
  text: m?.everyDays === undefined ? "" : String(m.everyDays),
  unit: "d",
});

const portOf = (m: Meter | undefined): Typed => ({ text: m?.port === undefined ? "" : String(m.port), unit: "" });

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
  const [compensates, setCompensates] = useState(meter?.compensates ?? true);
  const [probeSince, setProbeSince] = useState(meter?.probeSince);
  const [every, setEvery] = useState(daysOf(meter));
  const [port, setPort] = useState(portOf(meter));
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
        compensates,
        probeSince,
        everyDays: every,
        port,
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
        compensates: m.compensates,
        probeSince: m.probeSince,
        everyDays: daysOf(m),
        port: portOf(m),
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
          <ChoiceField
            label="Warmth of the water"
            field="meter.compensates"
            faults={faults}
            value={compensates ? "yes" : "no"}
            onChange={(v) => setCompensates(v === "yes")}
            options={[
              { value: "yes", label: "it corrects for it (ATC)" },
              { value: "no", label: "it does not" },
            ]}
          />
          <DateField
            label="Glass new on"
            field="meter.probe"
            faults={faults}
            value={probeSince}
            onChange={setProbeSince}
          />
          <NumberField
            label="Calibrate every"
            field="meter.every_days"
            faults={faults}
            value={every}
            placeholder="by its drift"
            onChange={setEvery}
          />
          <NumberField
            label="Heard on port"
            field="meter.port"
            faults={faults}
            value={port}
            placeholder="not connected"
            onChange={setPort}
            hint="Of this machine. The simulated pen listens on 7807."
          />
        </>
      )}
    </ThingForm>
  );
}
