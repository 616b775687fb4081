import { useQuery } from "@tanstack/react-query";
import { type FormEvent, type ReactNode, useState } from "react";
import {
  api,
  call,
  newId,
  type Catalogue,
  type Fault,
  type Garden,
  type Meter,
  type MeterInput,
  type Problem,
  type Typed,
} from "../../api";
import { catalogueQuery, gardenQuery, useAct, useGardenId } from "../../api/queries";
import { words } from "../../text";
import { plain, Shown } from "../../text/numbers";
import { Button } from "../../ui/Button";
import { ChoiceField, NumberField, TextField } from "../../ui/Fields";
import { useNotices } from "../../ui/notices";
import { Loading, Trouble } from "../../ui/States";

/** What stands beside the plants: vessels, waters, the meter, and the places themselves. */
export function ShelfView() {
  const garden = useQuery(gardenQuery(useGardenId())).data;
  const catalogue = useQuery(catalogueQuery).data;
  if (!garden || !catalogue) return <Loading what="the shelf" />;
  const shown = new Shown(catalogue.units, garden.unitHabit);
  return (
    <div className="grid gap-x-8 gap-y-6 pt-4 md:grid-cols-2 lg:grid-cols-4">
      <Vessels garden={garden} shown={shown} />
      <Waters garden={garden} />
      <Meters garden={garden} catalogue={catalogue} />
      <Places garden={garden} />
    </div>
  );
}

type Thing = { id: string; version: number };

/** A list of things, one of which may be open for change, and the way to add one. */
function List<T extends Thing>({
  title,
  one,
  items,
  line,
  form,
  addable = true,
}: {
  title: string;
  one: string;
  items: T[];
  line: (item: T) => ReactNode;
  form: (item: T | undefined, id: string, close: () => void) => ReactNode;
  addable?: boolean;
}) {
  const [open, setOpen] = useState<string>();
  const [fresh, setFresh] = useState(newId);
  const close = () => {
    setOpen(undefined);
    setFresh(newId());
  };
  return (
    <section aria-label={title}>
      <h2 className="head">{title}</h2>
      <ul className="m-0 list-none p-0">
        {items.map((i) => (
          <li key={i.id} className="border-b border-rule py-1.5">
            {open === i.id ? (
              form(i, i.id, close)
            ) : (
              <div className="flex items-start justify-between gap-2">
                <span>{line(i)}</span>
                <Button look="quiet" onClick={() => setOpen(i.id)}>
                  Change
                </Button>
              </div>
            )}
          </li>
        ))}
      </ul>
      {addable && (
        <div className="mt-2">
          {open === fresh ? form(undefined, fresh, close) : <Button onClick={() => setOpen(fresh)}>Add a {one}</Button>}
        </div>
      )}
    </section>
  );
}

function Foot({ pending, problem, close }: { pending: boolean; problem: Problem | null; close: () => void }) {
  return (
    <>
      {problem && (problem.retry || problem.faults.some((f) => f.code === "stale")) && <Trouble problem={problem} />}
      <div className="flex items-center gap-3">
        <Button look="ink" type="submit" disabled={pending}>
          {pending ? "Saving …" : problem?.retry ? "Retry" : "Save"}
        </Button>
        <Button look="quiet" onClick={close}>
          Leave it
        </Button>
      </div>
    </>
  );
}

/** Saves one thing of the shelf and closes its form; what is refused stays open as typed. */
function useSave<In>(garden: Garden, send: (body: In) => Promise<unknown>, close: () => void) {
  const { say } = useNotices();
  const save = useAct(garden.id, send, () => {
    say({ text: "Saved." });
    close();
  });
  const faults: Fault[] = save.error?.faults ?? [];
  const submit = (body: In) => (e: FormEvent) => {
    e.preventDefault();
    save.mutate(body);
  };
  return { save, faults, submit };
}

function Vessels({ garden, shown }: { garden: Garden; shown: Shown }) {
  return (
    <List
      title="Cans, buckets, barrels"
      one="vessel"
      items={garden.vessels}
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
  vessel: Garden["vessels"][number] | undefined;
  id: string;
  close: () => void;
}) {
  const us = garden.unitHabit === "us";
  const [name, setName] = useState(vessel?.name ?? "");
  const [litres, setLitres] = useState<Typed>(
    vessel ? { text: plain(vessel.litres), unit: "L" } : { text: "", unit: us ? "US gal" : "L" },
  );
  const { save, faults, submit } = useSave(
    garden,
    (body: { id: string; name: string; litres: Typed; version: number }) =>
      call(api.PUT("/api/gardens/{garden}/vessels", { params: { path: { garden: garden.id } }, body })),
    close,
  );
  return (
    <form onSubmit={submit({ id, name, litres, version: vessel?.version ?? 0 })}>
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
      <Foot pending={save.isPending} problem={save.error} close={close} />
    </form>
  );
}

function Waters({ garden }: { garden: Garden }) {
  return (
    <List
      title="Waters"
      one="water"
      items={garden.waters}
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
  water: Garden["waters"][number] | undefined;
  id: string;
  close: () => void;
}) {
  const [name, setName] = useState(water?.name ?? "");
  const [ec, setEc] = useState<Typed>({ text: water ? plain(water.ec) : "", unit: "mS/cm" });
  const [ph, setPh] = useState<Typed>({ text: water ? plain(water.ph) : "", unit: "pH" });
  const { save, faults, submit } = useSave(
    garden,
    (body: { id: string; name: string; ec: Typed; ph: Typed; version: number }) =>
      call(api.PUT("/api/gardens/{garden}/waters", { params: { path: { garden: garden.id } }, body })),
    close,
  );
  return (
    <form onSubmit={submit({ id, name, ec, ph, version: water?.version ?? 0 })}>
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
        hint="Tap is often 0.2–0.8, rain about 0.05. Softened water is unfit: it is full of sodium."
      />
      <NumberField label="pH" field="water.ph" faults={faults} value={ph} shownUnit="" onChange={setPh} />
      <Foot pending={save.isPending} problem={save.error} close={close} />
    </form>
  );
}

function Meters({ garden, catalogue }: { garden: Garden; catalogue: Catalogue }) {
  return (
    <List
      title="Meter"
      one="meter"
      addable={false}
      items={garden.meters}
      line={(m) => (
        <>
          {m.name}{" "}
          <span className="note fig block">
            ± {plain(m.phPlusMinus)} pH · ± {plain(m.ecPlusMinus)} % EC
          </span>
          <span className="note block">{m.scale ? words("scales", m.scale) : "ppm scale not said yet"}</span>
        </>
      )}
      form={(m, _id, close) => m && <MeterForm garden={garden} catalogue={catalogue} meter={m} close={close} />}
    />
  );
}

const UNSAID = "unsaid";

function MeterForm({
  garden,
  catalogue,
  meter,
  close,
}: {
  garden: Garden;
  catalogue: Catalogue;
  meter: Meter;
  close: () => void;
}) {
  const [name, setName] = useState(meter.name);
  const [scale, setScale] = useState(meter.scale ?? UNSAID);
  const [ph, setPh] = useState<Typed>({ text: plain(meter.phPlusMinus), unit: "pH" });
  const [ec, setEc] = useState<Typed>({ text: plain(meter.ecPlusMinus), unit: "%" });
  const { save, faults, submit } = useSave(
    garden,
    (body: MeterInput) =>
      call(
        api.PUT("/api/gardens/{garden}/meters/{meter}", {
          params: { path: { garden: garden.id, meter: meter.id } },
          body,
        }),
      ),
    close,
  );
  return (
    <form
      onSubmit={submit({
        ...meter,
        name,
        scale: scale === UNSAID ? undefined : scale,
        phPlusMinus: ph,
        ecPlusMinus: ec,
      })}
    >
      <TextField label="Name" field="meter.name" faults={faults} value={name} onChange={setName} />
      <ChoiceField
        label="Its ppm scale"
        field="meter.scale"
        faults={faults}
        value={scale}
        onChange={setScale}
        options={[
          ...(meter.scale ? [] : [{ value: UNSAID, label: "not known yet" }]),
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
      <Foot pending={save.isPending} problem={save.error} close={close} />
    </form>
  );
}

const PRESETS = ["north_window", "south_window", "lamp_shelf", "glasshouse", "tunnel", "open_bench"] as const;
type Preset = (typeof PRESETS)[number];

function Places({ garden }: { garden: Garden }) {
  const [open, setOpen] = useState(false);
  return (
    <section aria-label="Places">
      <h2 className="head">Places</h2>
      <ul className="m-0 list-none p-0">
        {garden.places.map((p) => (
          <li key={p.id} className="border-b border-rule py-1.5">
            {p.name}
            <span className="note fig block">
              {plain(p.lows[0] ?? 0)}–{plain(p.highs[0] ?? 0)} °C in January, {plain(p.lows[6] ?? 0)}–
              {plain(p.highs[6] ?? 0)} in July
            </span>
            <span className="note block">
              {plain(p.lightShare * 100)} % of the light outdoors
              {p.lampHours !== undefined && `, lamps ${plain(p.lampHours)} h`}
              {p.firstFrost && `, frost from ${p.firstFrost.split("-").reverse().join(".")}.`}
            </span>
          </li>
        ))}
      </ul>
      <div className="mt-2">
        {open ? (
          <PlaceForm garden={garden} close={() => setOpen(false)} />
        ) : (
          <Button onClick={() => setOpen(true)}>Add a place</Button>
        )}
      </div>
    </section>
  );
}

function PlaceForm({ garden, close }: { garden: Garden; close: () => void }) {
  const [id] = useState(newId);
  const [name, setName] = useState("");
  const [preset, setPreset] = useState<Preset>("south_window");
  const { save, faults, submit } = useSave(
    garden,
    (body: { id: string; name: string; preset: Preset }) =>
      call(api.POST("/api/gardens/{garden}/places", { params: { path: { garden: garden.id } }, body })),
    close,
  );
  return (
    <form onSubmit={submit({ id, name, preset })}>
      <TextField
        label="Name"
        field="place.name"
        faults={faults}
        value={name}
        onChange={setName}
        placeholder="Kitchen sill"
      />
      <ChoiceField
        label="What it is like"
        field="place.preset"
        faults={faults}
        value={preset}
        onChange={(v) => setPreset(v as Preset)}
        options={PRESETS.map((p) => ({ value: p, label: words("presets", p) }))}
        hint="An average year of such a place at your latitude."
      />
      <Foot pending={save.isPending} problem={save.error} close={close} />
    </form>
  );
}
