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
import { words, say } from "../../text";
import { metersQuery } from "../../api/queries";
import { day, plain } from "../../text/numbers";
import { ChoiceField, DateField, NumberField, TextField } from "../../ui/Fields";
import { List, ThingForm } from "../../parts/things";

export function Meters({ garden, catalogue, find }: { garden: Garden; catalogue: Catalogue; find: string }) {
  const logs = useQuery(metersQuery(garden.id)).data;
  return (
    <List
      title={say("shelf_page.meters")}
      one="meter"
      items={garden.meters}
      find={find}
      line={(m) => (
        <>
          {m.name}{" "}
          <span className="note fig block">
            {say("shelf_page.ph_ec", { phPlusMinus: plain(m.phPlusMinus), ecPlusMinus: plain(m.ecPlusMinus) })}
          </span>
          <span className="note block">
            {m.scale ? words("scales", m.scale) : say("shelf_page.ppm_scale_not_said_yet")}
          </span>
          <Link
            to="/g/$garden/shelf/meter/$meter"
            params={{ garden: garden.id, meter: m.id }}
            className="inline-block text-sm leading-8 underline underline-offset-4"
          >
            {say("common.calibrate")}
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
  if (!log.phOn && !log.ecOn) return <span className="note text-stop">{say("shelf_page.never_calibrated_2")}</span>;
  const next = [log.phOn && log.phDueOn, log.ecOn && log.ecDueOn].filter((d): d is string => Boolean(d)).sort()[0]!;
  return next <= today ? (
    <span className="note text-stop">{say("shelf_page.due_since", { day: day(next) })}</span>
  ) : (
    <span className="note">{say("shelf_page.next_day", { day: day(next) })}</span>
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
            label={say("common.name")}
            field="meter.name"
            faults={faults}
            value={name}
            onChange={setName}
            placeholder={say("shelf_page.old_pen")}
          />
          <ChoiceField
            label={say("shelf_page.its_ppm_scale")}
            field="meter.scale"
            faults={faults}
            value={scale}
            onChange={setScale}
            options={[
              ...(meter?.scale ? [] : [{ value: UNSAID, label: say("shelf_page.not_known_yet") }]),
              ...catalogue.scales.map((s) => ({ value: s.id, label: words("scales", s.id) })),
            ]}
          />
          <NumberField
            label={say("shelf_page.of_its_ph")}
            field="meter.ph_plus_minus"
            faults={faults}
            value={ph}
            onChange={setPh}
            hint={say("shelf_page.cheap_pens_0_1_to_0")}
          />
          <NumberField
            label={say("shelf_page.of_its_ec")}
            field="meter.ec_plus_minus"
            faults={faults}
            value={ec}
            onChange={setEc}
          />
          <ChoiceField
            label={say("shelf_page.warmth_of_the_water")}
            field="meter.compensates"
            faults={faults}
            value={compensates ? "yes" : "no"}
            onChange={(v) => setCompensates(v === "yes")}
            options={[
              { value: "yes", label: say("shelf_page.it_corrects_for_it_atc") },
              { value: "no", label: say("shelf_page.it_does_not") },
            ]}
          />
          <DateField
            label={say("shelf_page.glass_new_on")}
            field="meter.probe"
            faults={faults}
            value={probeSince}
            onChange={setProbeSince}
          />
          <NumberField
            label={say("shelf_page.calibrate_every")}
            field="meter.every_days"
            faults={faults}
            value={every}
            placeholder={say("shelf_page.by_its_drift")}
            onChange={setEvery}
          />
          <NumberField
            label={say("shelf_page.heard_on_port")}
            field="meter.port"
            faults={faults}
            value={port}
            placeholder={say("shelf_page.not_connected")}
            onChange={setPort}
            hint={say("shelf_page.of_this_machine_the_simulated_pen")}
          />
        </>
      )}
    </ThingForm>
  );
}
