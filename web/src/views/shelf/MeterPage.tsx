import { useQuery } from "@tanstack/react-query";
import { Link, useParams } from "@tanstack/react-router";
import { useState } from "react";
import {
  api,
  edit,
  newId,
  type Calibration,
  type CalibrationInput,
  type Garden,
  type Meter,
  type MeterLog,
} from "../../api";
import { catalogueQuery, gardenQuery, metersQuery, useGardenId } from "../../api/queries";
import { words } from "../../text";
import { day, figures, plain, Shown } from "../../text/numbers";
import { ChoiceField, DateField, NumberField } from "../../ui/Fields";
import { Loading, Nothing, Trouble } from "../../ui/States";
import { Button } from "../../ui/Button";
import { ThingForm } from "./things";

/** One pen: how far it is to be believed today, and the record of its calibrations. */
export function MeterPage() {
  const id = useGardenId();
  const { meter: meterId } = useParams({ from: "/g/$garden/shelf/meter/$meter" });
  const garden = useQuery(gardenQuery(id)).data;
  const catalogue = useQuery(catalogueQuery).data;
  const logs = useQuery(metersQuery(id));
  const [open, setOpen] = useState<string>();
  const [fresh, setFresh] = useState(newId);
  if (logs.isLoadingError) return <Trouble problem={logs.error} again={() => void logs.refetch()} />;
  if (!garden || !catalogue || !logs.data) return <Loading what="the pen" />;
  const meter = garden.meters.find((m) => m.id === meterId);
  const log = logs.data.find((l) => l.meterId === meterId);
  if (!meter || !log) return <Nothing title="There is no such meter in use." />;
  const shown = new Shown(catalogue.units, garden.unitHabit);
  const close = () => {
    setOpen(undefined);
    setFresh(newId());
  };
  return (
    <div className="mx-auto max-w-5xl pt-4">
      <Link to="/g/$garden/shelf" params={{ garden: id }} className="note">
        ← shelf
      </Link>
      <h1 className="mb-3 text-3xl">{meter.name}</h1>
      <div className="gap-8 md:grid md:grid-cols-[22rem_1fr]">
        <section aria-label="New calibration">
          <h2 className="head !border-water">Calibrate</h2>
          <CalibrationForm key={fresh} garden={garden} meter={meter} shown={shown} id={fresh} close={close} />
        </section>
        <div className="min-w-0">
          <StandingOf meter={meter} log={log} />
          <h2 className="head mt-4">Calibrations</h2>
          {log.calibrations.length === 0 ? (
            <p className="note">None yet. Until there is one, its readings are believed less.</p>
          ) : (
            <ul className="m-0 list-none p-0">
              {log.calibrations.map((c) => (
                <li key={c.id} className="border-b border-rule py-1.5">
                  {open === c.id ? (
                    <CalibrationForm garden={garden} meter={meter} shown={shown} id={c.id} saved={c} close={close} />
                  ) : (
                    <div className="flex items-start justify-between gap-2">
                      <Line c={c} />
                      <Button look="quiet" onClick={() => setOpen(c.id)} aria-label={`Change that of ${day(c.on)}`}>
                        Change
                      </Button>
                    </div>
                  )}
                </li>
              ))}
            </ul>
          )}
        </div>
      </div>
    </div>
  );
}

function Line({ c }: { c: Calibration }) {
  const showed = [
    c.ph4 !== undefined && `${c.ph4.toFixed(2)} in 4.01`,
    c.ph7 !== undefined && `${c.ph7.toFixed(2)} in 7.00`,
    c.ph10 !== undefined && `${c.ph10.toFixed(2)} in 10.01`,
    c.ec !== undefined && `${c.ec.toFixed(2)} in 1.413 mS/cm`,
  ].filter(Boolean);
  return (
    <span>
      <b className="fig">{day(c.on)}</b> showed {showed.join(", ")}
      <span className="note block">{c.adjusted ? "then set to them" : "not set: readings are corrected"}</span>
    </span>
  );
}

function StandingOf({ meter, log: l }: { meter: Meter; log: MeterLog }) {
  const rows: [string, string, string][] = [
    [
      "pH",
      `± ${figures(l.phPlusMinus)}`,
      l.phOn
        ? `${day(l.phOn)}: ${signed(l.phOffset!)} at pH 7${l.phSlope === undefined ? "" : `, slope ${Math.round(l.phSlope)} %`}`
        : "never calibrated",
    ],
    [
      "EC",
      `± ${figures(l.ecPlusMinus)} %`,
      l.ecOn ? `${day(l.ecOn)}: showed ${Math.round(100 / l.ecFactor!)} % of the standard` : "never calibrated",
    ],
  ];
  return (
    <section aria-label="How it stands">
      <h2 className="head">Today</h2>
      <table className="w-full border-collapse text-left text-sm">
        <thead>
          <tr className="note border-b border-rule-strong">
            <th className="py-1 font-semibold">What</th>
            <th className="font-semibold">Believed to</th>
            <th className="font-semibold">Last found</th>
            <th className="font-semibold">Drift in a month</th>
            <th className="font-semibold">Next</th>
          </tr>
        </thead>
        <tbody>
          {rows.map(([what, believed, found]) => (
            <tr key={what} className="border-b border-rule">
              <td className="py-1">{what}</td>
              <td className="fig text-lg whitespace-nowrap">{believed}</td>
              <td>{found}</td>
              <td className="fig">± {what === "pH" ? figures(l.phDriftAMonth) : `${figures(l.ecDriftAMonth)} %`}</td>
              <td className="whitespace-nowrap">{day(what === "pH" ? l.phDueOn : l.ecDueOn)}</td>
            </tr>
          ))}
        </tbody>
      </table>
      {l.findings.map((f) => (
        <p key={f} className="mt-1 text-sm text-stop">
          ▲ {words("pen", f)}
        </p>
      ))}
      <p className="note mt-1">
        Its leaflet says ± {plain(meter.phPlusMinus)} pH and ± {plain(meter.ecPlusMinus)} % EC; what it may have drifted
        since it was calibrated comes on top, as it drifted before.
      </p>
    </section>
  );
}

const signed = (v: number) => `${v < 0 ? "−" : "+"}${Math.abs(v).toFixed(2)}`;

function CalibrationForm({
  garden,
  meter,
  shown,
  id,
  saved,
  close,
}: {
  garden: Garden;
  meter: Meter;
  shown: Shown;
  id: string;
  saved?: Calibration;
  close: () => void;
}) {
  const typed = (field: string, unit: string) => saved?.typed?.[field] ?? { text: "", unit };
  const [on, setOn] = useState<string | undefined>(saved?.on);
  const [celsius, setCelsius] = useState(
    saved ? typed("celsius", "°C") : { text: shown.celsius(20), unit: shown.degree },
  );
  const [ph7, setPh7] = useState(typed("ph7", "pH"));
  const [ph4, setPh4] = useState(typed("ph4", "pH"));
  const [ph10, setPh10] = useState(typed("ph10", "pH"));
  const [ec, setEc] = useState(typed("ec", meter.scale ? "ppm" : "mS/cm"));
  const [adjusted, setAdjusted] = useState(saved?.adjusted ?? true);
  const filled = (v: { text: string; unit: string }) => (v.text.trim() ? v : undefined);
  const input: CalibrationInput = {
    id,
    meterId: meter.id,
    on,
    celsius,
    ph4: filled(ph4),
    ph7: filled(ph7),
    ph10: filled(ph10),
    ec: filled(ec),
    adjusted,
    version: saved?.version ?? 0,
  };
  return (
    <ThingForm
      garden={garden}
      kind="calibration"
      input={input}
      send={(body: CalibrationInput) =>
        edit(api.PUT("/api/gardens/{garden}/calibrations", { params: { path: { garden: garden.id } }, body }))
      }
      inputOf={(c: Calibration) => ({ on: c.on, adjusted: c.adjusted, ...c.typed })}
      close={close}
    >
      {(faults) => (
        <>
          <p className="note mb-2">
            Rinse, dip into each bottle, wait, and type what it shows before you set anything. Pour buffer out, never
            back.
          </p>
          <NumberField
            label="Shown in pH 7.00"
            field="calibration.ph7"
            faults={faults}
            value={ph7}
            shownUnit=""
            onChange={setPh7}
          />
          <NumberField
            label="Shown in pH 4.01"
            field="calibration.ph4"
            faults={faults}
            value={ph4}
            shownUnit=""
            onChange={setPh4}
          />
          <NumberField
            label="Shown in pH 10.01"
            field="calibration.ph10"
            faults={faults}
            value={ph10}
            shownUnit=""
            placeholder="only if you measure above 7"
            onChange={setPh10}
          />
          <NumberField
            label="Shown in the EC standard of 1.413 mS/cm"
            field="calibration.ec"
            faults={faults}
            value={ec}
            units={["ppm", "mS/cm", "µS/cm"]}
            onChange={setEc}
          />
          <NumberField
            label="The bottles are at"
            field="calibration.celsius"
            faults={faults}
            value={celsius}
            units={["°C", "°F"]}
            onChange={setCelsius}
          />
          <ChoiceField
            label="And then"
            field="calibration.adjusted"
            faults={faults}
            value={adjusted ? "yes" : "no"}
            onChange={(v) => setAdjusted(v === "yes")}
            options={[
              { value: "yes", label: "I set the pen to them" },
              { value: "no", label: "I left it: correct its readings" },
            ]}
          />
          <DateField
            label="On"
            field="calibration.on"
            faults={faults}
            value={on}
            onChange={setOn}
            hint="Empty means today."
          />
        </>
      )}
    </ThingForm>
  );
}
