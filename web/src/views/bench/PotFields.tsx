import type { Catalogue, Fault, PotInput, Typed } from "../../api";
import { words } from "../../text";
import { ChoiceField, NumberField } from "../../ui/Fields";

const LENGTHS = ["cm", "in", "mm"];
const GAPS = ["%", "cm", "in", "mm"];
const VOLUMES = ["L", "mL", "US gal", "US qt"];
const SHAPES: PotInput["shape"][] = ["round", "square", "box", "oval", "bag", "basket", "plug"];
const MATERIALS: NonNullable<PotInput["material"]>[] = ["PLASTIC", "FABRIC", "CLAY", "GLAZED", "SELF_WATERING"];

const TAPERS: PotInput["shape"][] = ["round", "square", "plug"];
const UPRIGHT: PotInput["shape"][] = ["box", "oval"];

/** What the opening of each shape is called. */
const TOPS: Record<PotInput["shape"], string> = {
  round: "Top, across",
  square: "Top, side",
  plug: "Cell top, side",
  box: "Length",
  oval: "Length",
  bag: "Across, filled",
  basket: "Rim, across",
};

type Props = {
  pot: PotInput;
  change: (part: Partial<PotInput>) => void;
  faults: Fault[];
  catalogue: Catalogue;
};

/** Shape, inside measures, material and what is left free below the rim. */
export function PotFields({ pot, change, faults, catalogue }: Props) {
  const unit = pot.top.unit;
  const size = (label: string, field: "top" | "base" | "height" | "across") => (
    <NumberField
      row
      label={label}
      field={`pot.${field}`}
      faults={faults}
      value={pot[field] ?? { text: "", unit }}
      units={LENGTHS}
      onChange={(v: Typed) => change({ [field]: v })}
    />
  );
  const trade = (name: string) => {
    const s = catalogue.tradeSizes.find((t) => t.name === name);
    if (!s) return;
    const cm = (v: number) => ({ text: String(v), unit: "cm" });
    change({ shape: "round", top: cm(s.topCm), base: cm(s.baseCm), height: cm(s.heightCm) });
  };
  return (
    <fieldset className="m-0 mb-2 border-0 p-0">
      <legend className="sr-only">Pot</legend>
      <ChoiceField
        row
        label="Pot, inside"
        field="pot.shape"
        faults={faults}
        value={pot.shape}
        onChange={(shape) => change({ shape: shape as PotInput["shape"] })}
        options={SHAPES.map((s) => ({ value: s, label: words("shapes", s) }))}
      />
      {size(TOPS[pot.shape], "top")}
      {UPRIGHT.includes(pot.shape) && size("Width", "across")}
      {TAPERS.includes(pot.shape) && size(pot.shape === "round" ? "Base, across" : "Base, side", "base")}
      {size(pot.shape === "basket" ? "Depth" : "Height", "height")}
      <ChoiceField
        row
        label="Made of"
        field="pot.material"
        faults={faults}
        value={pot.material ?? "PLASTIC"}
        onChange={(material) => change({ material: material as NonNullable<PotInput["material"]> })}
        options={MATERIALS.map((m) => ({ value: m, label: words("materials", m) }))}
      />
      <details open={Boolean(pot.gap?.text || pot.measured?.text)}>
        <summary className="note mb-1 underline decoration-rule-strong underline-offset-4">
          Gap below the rim, measured volume, trade size
        </summary>
        <NumberField
          row
          label="Gap at rim"
          field="pot.headspace"
          faults={faults}
          value={pot.gap ?? { text: "", unit: "%" }}
          units={GAPS}
          placeholder="12"
          onChange={(gap) => change({ gap })}
        />
        <NumberField
          row
          label="Mix, measured"
          field="pot.measured"
          faults={faults}
          value={pot.measured ?? { text: "", unit: unit === "in" ? "US qt" : "L" }}
          units={VOLUMES}
          placeholder="if you did"
          onChange={(measured) => change({ measured })}
        />
        <ChoiceField
          row
          label="Trade size"
          field="pot.trade"
          faults={faults}
          value=""
          onChange={trade}
          options={[
            { value: "", label: "fill in from …" },
            ...catalogue.tradeSizes.map((s) => ({
              value: s.name,
              label: `#${s.name}, really ${s.litresLow}–${s.litresHigh} L`,
            })),
          ]}
          hint="Typical measures of such pots; makers differ. Measure yours."
        />
      </details>
    </fieldset>
  );
}
