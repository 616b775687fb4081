import { useState } from "react";
import {
  api,
  edit,
  type Component,
  type ComponentInput,
  type Fault,
  type Garden,
  type Soak,
  type Typed,
} from "../../api";
import { words, say, type Key } from "../../text";
import { componentName, keyOf } from "../../text/mixes";
import { plain } from "../../text/numbers";
import { Button } from "../../ui/Button";
import { ChoiceField, NumberField, TextField } from "../../ui/Fields";
import { ThingForm } from "../../parts/things";
import { SoakTest } from "./SoakTest";

type Field = { name: NumberName; field: string; label: Key; unit: string; units?: string[] };
type NumberName = keyof ComponentInput["fields"] & string;

const GROUPS: { title: Key; fields: Field[] }[] = [
  {
    title: "mixes_page.water_and_air",
    fields: [
      {
        name: "porosity",
        field: "component.porosity",
        label: "mixes_page.pores",
        unit: "%",
      },
      {
        name: "capacity",
        field: "component.capacity",
        label: "mixes_page.water_drained",
        unit: "%",
      },
      {
        name: "air",
        field: "component.air",
        label: "mixes_page.air_if_given",
        unit: "%",
      },
      {
        name: "capacityColumn",
        field: "component.column",
        label: "mixes_page.in_a_column",
        unit: "cm",
        units: ["cm", "in"],
      },
      {
        name: "unavailable",
        field: "component.unavailable",
        label: "mixes_page.not_for_roots",
        unit: "%",
      },
      {
        name: "residual",
        field: "component.residual",
        label: "mixes_page.left_when_dry",
        unit: "%",
      },
      {
        name: "n",
        field: "component.n",
        label: "mixes_page.curves_n",
        unit: "",
      },
    ],
  },
  {
    title: "mixes_page.grain_and_weight",
    fields: [
      {
        name: "grainFrom",
        field: "component.grain_from",
        label: "mixes_page.grain_from",
        unit: "mm",
        units: ["mm", "in"],
      },
      { name: "grainTo", field: "component.grain_to", label: "mixes_page.grain_to", unit: "mm", units: ["mm", "in"] },
      {
        name: "density",
        field: "component.density",
        label: "mixes_page.dry_weight",
        unit: "kg/L",
      },
      {
        name: "wetYears",
        field: "component.wet_years",
        label: "mixes_page.lasts_wet",
        unit: "yr",
      },
      {
        name: "cycledYears",
        field: "component.cycled_years",
        label: "mixes_page.wet_and_dry",
        unit: "yr",
      },
    ],
  },
  {
    title: "mixes_page.chemistry",
    fields: [
      { name: "ph", field: "component.ph", label: "common.ph", unit: "pH" },
      {
        name: "buffer",
        field: "component.buffer",
        label: "mixes_page.buffer_caco",
        unit: "g/L",
      },
      {
        name: "cec",
        field: "component.cec",
        label: "mixes_page.exchange",
        unit: "meq/100 cm³",
      },
      { name: "ec", field: "component.ec", label: "common.ec", unit: "mS/cm", units: ["mS/cm", "µS/cm"] },
    ],
  },
];
const PACKS: ComponentInput["packKind"][] = ["BAG", "BALE", "BRICK"];
const FAMILIES: ComponentInput["family"][] = ["PEAT", "BARK", "MINERAL"];

/** A component that is not there yet, as a middling mineral grain. */
export function blankComponent(id: string): Component {
  return {
    id,
    name: "",
    family: "MINERAL",
    grainFrom: 2,
    grainTo: 6,
    porosity: 65,
    capacity: 28,
    capacityColumn: 15,
    unavailable: 6,
    residual: 5,
    n: 2,
    density: 0.6,
    ph: 7,
    buffer: 0.1,
    cec: 1,
    ec: 0.1,
    wetYears: 10,
    cycledYears: 10,
    packKind: "BAG",
    packPrinted: 20,
    packLoose: 20,
    typed: {},
    version: 0,
    retired: false,
  };
}

function fieldsOf(c: Component): Record<string, Typed> {
  const all = [
    ...GROUPS.flatMap((g) => g.fields),
    { name: "packPrinted", unit: c.packKind === "BRICK" ? "g" : "L" },
    { name: "packLoose", unit: "L" },
    { name: "packCost", unit: "" },
  ];
  return Object.fromEntries(
    all.map((f) => {
      const own = !(f.name === "packCost" && c.costFromShelf);
      const value = own ? (c as unknown as Record<string, number | undefined>)[f.name] : undefined;
      return [f.name, c.typed[f.name] ?? { text: value === undefined ? "" : plain(value), unit: f.unit }];
    }),
  );
}

function inputOf(c: Component): ComponentInput {
  return {
    id: c.id,
    shipped: c.shipped,
    name: componentName(c),
    family: c.family,
    packKind: c.packKind,
    currency: c.costFromShelf ? undefined : c.currency,
    fields: fieldsOf(c),
    measuredOn: c.measuredOn,
    alphaLow: c.alphaLow,
    alphaHigh: c.alphaHigh,
    spent: c.spent,
    heldBack: c.heldBack,
    version: c.version,
  };
}

/** A component's figures, changed here for this garden; or measured in a pot. */
export function ComponentForm({
  component,
  garden,
  close,
}: {
  component: Component;
  garden: Garden;
  close: () => void;
}) {
  const [input, setInput] = useState<ComponentInput>(() => ({
    ...inputOf(component),
    name: component.version > 0 || component.shipped ? componentName(component) : "",
  }));
  const [soaking, setSoaking] = useState(false);
  const change = (part: Partial<ComponentInput>) => setInput((i) => ({ ...i, ...part }));
  const set = (name: string) => (v: Typed) => change({ fields: { ...input.fields, [name]: v } });
  const number = (f: Field, faults: Fault[]) => (
    <NumberField
      key={f.name}
      row
      label={say(f.label)}
      field={f.field}
      faults={faults}
      value={input.fields[f.name] ?? { text: "", unit: f.unit }}
      units={f.units}
      shownUnit={f.unit === "meq/100 cm³" ? "meq" : f.unit}
      onChange={set(f.name)}
    />
  );
  const measured = (s: Soak) => {
    change({
      measuredOn: garden.today,
      alphaLow: s.alpha?.low,
      alphaHigh: s.alpha?.high,
      fields: {
        ...input.fields,
        porosity: { text: s.porosity.toFixed(1), unit: "%" },
        capacity: { text: s.capacity.toFixed(1), unit: "%" },
        air: { text: "", unit: "%" },
        capacityColumn: { text: plain(s.columnCm), unit: "cm" },
      },
    });
    setSoaking(false);
  };
  if (soaking)
    return (
      <SoakTest
        of={{ component }}
        name={componentName(component)}
        take={measured}
        leave={() => setSoaking(false)}
        garden={garden}
      />
    );
  return (
    <>
      <p className="note mb-2">
        {component.shipped
          ? say("mixes_page.these_figures_are_typical_ones_from")
          : say("mixes_page.figures_from_its_bag_or_its")}{" "}
        <Button look="quiet" onClick={() => setSoaking(true)}>
          {say("mixes_page.measure_its_water_and_air_in")}
        </Button>
      </p>
      <ThingForm
        garden={garden}
        kind="component"
        own={component.name !== ""}
        input={input}
        send={(body: ComponentInput) =>
          edit(api.PUT("/api/gardens/{garden}/mixes/components", { params: { path: { garden: garden.id } }, body }))
        }
        inputOf={(now: Component) => inputOf(now)}
        close={close}
      >
        {(faults) => (
          <>
            <div className="grid gap-x-4 sm:grid-cols-2">
              <TextField
                label={say("common.name")}
                field="component.name"
                faults={faults}
                value={input.name}
                onChange={(name) => change({ name })}
              />
              <ChoiceField
                label={say("mixes_page.counts_as")}
                field="component.family"
                faults={faults}
                value={input.family}
                onChange={(f) => change({ family: f as ComponentInput["family"] })}
                options={FAMILIES.map((f) => ({ value: f, label: words("families", f) }))}
              />
            </div>
            <div className="grid gap-x-5 sm:grid-cols-2">
              {GROUPS.map((g) => (
                <fieldset key={g.title} className="m-0 mb-2 border-0 p-0">
                  <legend className="head w-full">{say(g.title)}</legend>
                  {g.fields.map((f) => number(f, faults))}
                  {g.title === "mixes_page.water_and_air" && input.measuredOn && (
                    <p className="note">
                      {say("mixes_page.measured_in_a_pot_on_the", {
                        measuredOn: input.measuredOn,
                        alphaLow: plain(input.alphaLow ?? 0),
                        alphaHigh: plain(input.alphaHigh ?? 0),
                      })}{" "}
                      <Button look="quiet" onClick={() => change({ measuredOn: undefined })}>
                        {say("mixes_page.no_longer_so")}
                      </Button>
                    </p>
                  )}
                </fieldset>
              ))}
              <fieldset className="m-0 mb-2 border-0 p-0">
                <legend className="head w-full">{say("mixes_page.pack")}</legend>
                <ChoiceField
                  row
                  label={say("mixes_page.bought_as")}
                  field="component.pack_kind"
                  faults={faults}
                  value={input.packKind}
                  onChange={(k) => change({ packKind: k as ComponentInput["packKind"] })}
                  options={PACKS.map((k) => ({ value: k, label: words("packs", k) }))}
                />
                {number(
                  {
                    name: "packPrinted",
                    field: "component.pack",
                    label: "mixes_page.printed_on_it",
                    unit: input.packKind === "BRICK" ? "g" : "L",
                    units: input.packKind === "BRICK" ? ["g", "kg", "oz", "lb"] : ["L", "ft³", "US qt", "US gal"],
                  },
                  faults,
                )}
                {number(
                  {
                    name: "packLoose",
                    field: "component.loose",
                    label: "mixes_page.gives_loose",
                    unit: "L",
                    units: ["L", "ft³", "US qt", "US gal"],
                  },
                  faults,
                )}
                {component.costFromShelf && <p className="note">{say("mixes_page.price_from_shelf")}</p>}
                {number({ name: "packCost", field: "component.cost", label: "common.costs", unit: "" }, faults)}
                <TextField
                  row
                  label={say("common.currency")}
                  field="component.currency"
                  faults={faults}
                  value={input.currency ?? ""}
                  placeholder="£"
                  onChange={(currency) => change({ currency })}
                />
              </fieldset>
            </div>
            <p className="note mb-2">{say("mixes_page.recipes_call_it", { keyOf: keyOf(component) })}</p>
          </>
        )}
      </ThingForm>
    </>
  );
}
