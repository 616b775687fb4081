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
import { words, say, rich } from "../../text";
import { day, figures, plain, Shown } from "../../text/numbers";
import { ChoiceField, DateField, NumberField } from "../../ui/Fields";
import { Loading, Nothing, Trouble } from "../../ui/States";
import { Button } from "../../ui/Button";
import { ThingForm } from "../../parts/things";

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
  if (!garden || !catalogue || !logs.data) return <Loading what={say("shelf_page.the_pen")} />;
  const meter = garden.meters.find((m) => m.id === meterId);
  const log = logs.data.find((l) => l.meterId === meterId);
  if (!meter || !log) return <Nothing title={say("shelf_page.there_is_no_such_meter_in")} />;
  const shown = new Shown(catalogue.units, garden.unitHabit);
  const close = () => {
    setOpen(undefined);
    setFresh(newId());
  };
  return (
    <div className="mx-auto max-w-5xl pt-4">
      <Link to="/g/$garden/shelf" params={{ garden: id }} className="note">
        {say("shelf_page.shelf")}
      </Link>
      <h1 className="mb-3 text-3xl">{meter.name}</h1>
      <div className="gap-8 md:grid md:grid-cols-[22rem_1fr]">
        <section aria-label={say("shelf_page.new_calibration")}>
          <h2 className="head !border-water">{say("common.calibrate")}</h2>
          <CalibrationForm key={fresh} garden={garden} meter={meter} shown={shown} id={fresh} close={close} />
        </section>
        <div className="min-w-0">
          <StandingOf meter={meter} log={log} />
          <h2 className="head mt-4">{say("shelf_page.calibrations")}</h2>
          {log.calibrations.length === 0 ? (
            <p className="note">{say("shelf_page.none_yet_until_there_is_one")}</p>
          ) : (
            <ul className="m-0 list-none p-0">
              {log.calibrations.map((c) => (
                <li key={c.id} className="border-b border-rule py-1.5">
                  {open === c.id ? (
                    <CalibrationForm garden={garden} meter={meter} shown={shown} id={c.id} saved={c} close={close} />
                  ) : (
                    <div className="flex items-start justify-between gap-2">
                      <Line c={c} />
                      <Button
                        look="quiet"
                        onClick={() => setOpen(c.id)}
                        aria-label={say("shelf_page.change_that_of", { day: day(c.on) })}
                      >
                        {say("common.change")}
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
    c.ph4 !== undefined && say("shelf_page.in_4_01", { ph4: c.ph4.toFixed(2) }),
    c.ph7 !== undefined && say("shelf_page.in_7_00", { ph7: c.ph7.toFixed(2) }),
    c.ph10 !== undefined && say("shelf_page.in_10_01", { ph10: c.ph10.toFixed(2) }),
    c.ec !== undefined && say("shelf_page.in_1_413_ms_cm", { ec: c.ec.toFixed(2) }),
  ].filter(Boolean);
  return (
    <span>
      {rich("shelf_page.showed", { b: (c) => <b className="fig">{c}</b>, day: day(c.on), showed: showed.join(", ") })}
      <span className="note block">
        {c.adjusted ? say("shelf_page.then_set_to_them") : say("shelf_page.not_set_readings_are_corrected")}
      </span>
    </span>
  );
}

function StandingOf({ meter, log: l }: { meter: Meter; log: MeterLog }) {
  const rows: [string, string, string][] = [
    [
      "pH",
      `± ${figures(l.phPlusMinus)}`,
      l.phOn
        ? say("shelf_page.at_ph_7", {
            day: day(l.phOn),
            signed: signed(l.phOffset!),
            value: l.phSlope === undefined ? "" : say("shelf_page.slope", { phSlope: Math.round(l.phSlope) }),
          })
        : say("shelf_page.never_calibrated"),
    ],
    [
      "EC",
      `± ${figures(l.ecPlusMinus)} %`,
      l.ecOn
        ? say("shelf_page.showed_of_the_standard", { day: day(l.ecOn), value: Math.round(100 / l.ecFactor!) })
        : say("shelf_page.never_calibrated"),
    ],
  ];
  return (
    <section aria-label={say("shelf_page.how_it_stands")}>
      <h2 className="head">{say("common.today")}</h2>
      <table className="w-full border-collapse text-left text-sm">
        <thead>
          <tr className="note border-b border-rule-strong">
            <th className="py-1 font-semibold">{say("common.what")}</th>
            <th className="font-semibold">{say("shelf_page.believed_to")}</th>
            <th className="font-semibold">{say("shelf_page.last_found")}</th>
            <th className="font-semibold">{say("shelf_page.drift_in_a_month")}</th>
            <th className="font-semibold">{say("shelf_page.next")}</th>
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
        {say("shelf_page.its_leaflet_says_ph_and_ec", {
          phPlusMinus: plain(meter.phPlusMinus),
          ecPlusMinus: plain(meter.ecPlusMinus),
        })}
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
          <p className="note mb-2">{say("shelf_page.rinse_dip_into_each_bottle_wait")}</p>
          <NumberField
            label={say("shelf_page.shown_in_ph_7_00")}
            field="calibration.ph7"
            faults={faults}
            value={ph7}
            shownUnit=""
            onChange={setPh7}
          />
          <NumberField
            label={say("shelf_page.shown_in_ph_4_01")}
            field="calibration.ph4"
            faults={faults}
            value={ph4}
            shownUnit=""
            onChange={setPh4}
          />
          <NumberField
            label={say("shelf_page.shown_in_ph_10_01")}
            field="calibration.ph10"
            faults={faults}
            value={ph10}
            shownUnit=""
            placeholder={say("shelf_page.only_if_you_measure_above_7")}
            onChange={setPh10}
          />
          <NumberField
            label={say("shelf_page.shown_in_the_ec_standard_of")}
            field="calibration.ec"
            faults={faults}
            value={ec}
            units={["ppm", "mS/cm", "µS/cm"]}
            onChange={setEc}
          />
          <NumberField
            label={say("shelf_page.the_bottles_are_at")}
            field="calibration.celsius"
            faults={faults}
            value={celsius}
            units={["°C", "°F"]}
            onChange={setCelsius}
          />
          <ChoiceField
            label={say("shelf_page.and_then")}
            field="calibration.adjusted"
            faults={faults}
            value={adjusted ? "yes" : "no"}
            onChange={(v) => setAdjusted(v === "yes")}
            options={[
              { value: "yes", label: say("shelf_page.i_set_the_pen_to_them") },
              { value: "no", label: say("shelf_page.i_left_it_correct_its_readings") },
            ]}
          />
          <DateField
            label={say("common.on")}
            field="calibration.on"
            faults={faults}
            value={on}
            onChange={setOn}
            hint={say("shelf_page.empty_means_today")}
          />
        </>
      )}
    </ThingForm>
  );
}
