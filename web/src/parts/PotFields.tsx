import type { Catalogue, Fault, PotInput, Typed } from "../api";
import { words, say, type Key } from "../text";
import { TAPERS } from "./tapers";
import { ChoiceField, NumberField } from "../ui/Fields";
import { fieldsOf } from "../ui/fieldsOf";

const LENGTHS = ["cm", "in", "mm"];
const GAPS = ["%", "cm", "in", "mm"];
const VOLUMES = ["L", "mL", "US gal", "US qt"];
const SHAPES: PotInput["shape"][] = ["round", "square", "box", "oval", "bag", "basket", "plug", "mount"];
const TOPPINGS: NonNullable<PotInput["topping"]>[] = ["NONE", "GRIT", "BARK", "MOSS"];
const WALLS: NonNullable<PotInput["walls"]>[] = ["SHADED", "PALE", "DARK"];
const MATERIALS: NonNullable<PotInput["material"]>[] = ["PLASTIC", "FABRIC", "PIERCED", "CLAY", "GLAZED"];

const UPRIGHT: PotInput["shape"][] = ["box", "oval", "mount"];

/** What the opening of each shape is called. */
const TOPS: Record<PotInput["shape"], Key> = {
  round: "bench_page.top_across",
  square: "bench_page.top_side",
  plug: "bench_page.cell_top_side",
  box: "bench_page.length",
  oval: "bench_page.length",
  bag: "bench_page.across_filled",
  basket: "bench_page.rim_across",
  mount: "bench_page.mount_width",
};

/** What the opening is called where it is asked first of all. */
export const widthLabel = (shape: PotInput["shape"]) =>
  UPRIGHT.includes(shape) ? TOPS[shape] : "bench_page.pot_width";

type Props = {
  pot: PotInput;
  change: (part: Partial<PotInput>) => void;
  faults: Fault[];
  catalogue: Catalogue;
  /** Whether the width is asked elsewhere. */
  widthless?: boolean;
  /** What is taken for a measure that is left blank, as shown. */
  usual?: { base: string; height: string } | undefined;
  materialAssumed?: boolean;
};

type Size = "top" | "base" | "height" | "across";

function SizeField({
  pot,
  change,
  faults,
  label,
  of,
  usual,
}: Pick<Props, "pot" | "change" | "faults"> & { label: string; of: Size; usual?: string | undefined }) {
  const value = pot[of] ?? { text: "", unit: pot.top.unit };
  return (
    <NumberField
      row
      label={label}
      field={`pot.${of}`}
      faults={faults}
      value={value}
      units={LENGTHS}
      assumed={usual !== undefined && !value.text.trim()}
      {...(usual ? { placeholder: usual } : {})}
      onChange={(v: Typed) => change({ [of]: v })}
    />
  );
}

/** How wide the pot is: the one measure that nobody can take for granted. */
export function PotWidth({ label, ...p }: Pick<Props, "pot" | "change" | "faults"> & { label?: string }) {
  return <SizeField {...p} label={label ?? say(TOPS[p.pot.shape])} of="top" />;
}

/** Shape, inside measures, material and what is left free below the rim. */
export function PotFields({ pot, change, faults, catalogue, widthless, usual, materialAssumed }: Props) {
  const size = { pot, change, faults };
  const on = fieldsOf(pot, change, faults);
  return (
    <fieldset className="m-0 mb-2 border-0 p-0">
      <legend className="sr-only">{say("common.pot")}</legend>
      <ChoiceField
        row
        label={say("bench_page.pot_inside")}
        options={SHAPES.map((s) => ({ value: s, label: words("shapes", s) }))}
        {...on.choice("shape", "pot.shape")}
      />
      {!widthless && <PotWidth {...size} />}
      {UPRIGHT.includes(pot.shape) && (
        <SizeField
          {...size}
          label={say(pot.shape === "mount" ? "bench_page.moss_thickness" : "bench_page.width")}
          of="across"
        />
      )}
      {TAPERS.includes(pot.shape) && (
        <SizeField
          {...size}
          label={pot.shape === "round" ? say("bench_page.base_across") : say("bench_page.base_side")}
          of="base"
          usual={usual?.base}
        />
      )}
      <SizeField
        {...size}
        label={pot.shape === "basket" ? say("bench_page.depth") : say("bench_page.height")}
        of="height"
        usual={usual?.height}
      />
      {pot.shape !== "mount" && <MaterialAndRim {...{ pot, change, faults, catalogue, materialAssumed }} />}
    </fieldset>
  );
}

const sizeKey = (s: Catalogue["tradeSizes"][number]) => `${s.name} ${s.build}`;

/** What a pot is made of, and what is left free below its rim. */
function MaterialAndRim({ pot, change, faults, catalogue, materialAssumed }: Props) {
  const unit = pot.top.unit;
  const trade = (name: string) => {
    const s = catalogue.tradeSizes.find((t) => sizeKey(t) === name);
    if (!s) return;
    const cm = (v: number) => ({ text: String(v), unit: "cm" });
    change({ shape: "round", top: cm(s.topCm), base: cm(s.baseCm), height: cm(s.heightCm) });
  };
  const on = fieldsOf(pot, change, faults);
  return (
    <>
      <ChoiceField
        row
        label={say("bench_page.made_of")}
        field="pot.material"
        faults={faults}
        assumed={materialAssumed ?? false}
        value={pot.material ?? "PLASTIC"}
        onChange={(material) => change({ material: material as NonNullable<PotInput["material"]> })}
        options={MATERIALS.map((m) => ({ value: m, label: words("materials", m) }))}
      />
      <details open={Boolean(pot.gap?.text || pot.measured?.text || pot.topping || pot.walls)}>
        <summary className="note mb-1 underline decoration-rule-strong underline-offset-4">
          {say("bench_page.gap_below_the_rim_measured_volume")}
        </summary>
        <ChoiceField
          row
          label={say("bench_page.on_the_mix")}
          field="pot.topping"
          faults={faults}
          value={pot.topping ?? "NONE"}
          onChange={(topping) => change({ topping: TOPPINGS.find((t) => t === topping) ?? "NONE" })}
          options={TOPPINGS.map((t) => ({ value: t, label: words("toppings", t) }))}
        />
        <ChoiceField
          row
          label={say("bench_page.sun_on_walls")}
          field="pot.walls"
          faults={faults}
          hint={say("bench_page.sun_on_walls_hint")}
          value={pot.walls ?? "SHADED"}
          onChange={(walls) => change({ walls: WALLS.find((w) => w === walls) ?? "SHADED" })}
          options={WALLS.map((w) => ({ value: w, label: words("walls", w) }))}
        />
        <NumberField
          row
          label={say("bench_page.gap_at_rim")}
          term="gap"
          units={GAPS}
          placeholder="12"
          {...on.typed("gap", "pot.headspace", "%")}
        />
        <NumberField
          row
          label={say("bench_page.mix_measured")}
          units={VOLUMES}
          placeholder={say("bench_page.if_you_did")}
          {...on.typed("measured", "pot.measured", unit === "in" ? "US qt" : "L")}
        />
        <ChoiceField
          row
          label={say("bench_page.trade_size")}
          field="pot.trade"
          faults={faults}
          value=""
          onChange={trade}
          options={[
            { value: "", label: say("bench_page.fill_in_from") },
            ...catalogue.tradeSizes.map((s) => ({
              value: sizeKey(s),
              label: say("bench_page.trade_size_offered", {
                name: s.name,
                build: s.build,
                litresLow: s.litresLow,
                litresHigh: s.litresHigh,
              }),
            })),
          ]}
          hint={say("bench_page.typical_measures_of_such_pots_makers")}
        />
      </details>
    </>
  );
}
