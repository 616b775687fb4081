import type { MixLive } from "../../api";
import { words } from "../../text";
import { figures, type Shown } from "../../text/numbers";

export type Fact = { label: string; note?: string; value: string; step?: string };

const years = (y: number) =>
  y > 40 ? "for ever" : y < 1.5 ? `${figures(y * 12, 1)} months` : `${figures(y, 2)} years`;

/** What a mix is, apart from any pot, line by line. */
export function mixFacts(a: MixLive, shown: Shown, currency: string): Fact[] {
  return [
    { label: "Pores", value: `${figures(a.porosity)} %` },
    { label: "In 15 cm", note: "(6 in)", value: `${figures(a.capacity)} % water · ${figures(a.air)} % air` },
    { label: "For roots", note: "easily", value: `${figures(a.available)} % · ${figures(a.easily)} %` },
    {
      label: "A litre",
      note: "dry, drained",
      value: `${shown.kilograms(a.density)} · ${shown.kilograms(a.wetDensity)}`,
    },
    {
      label: "pH",
      note: "before lime",
      value: `${a.ph.toFixed(1)} ± ${a.phPlusMinus.toFixed(1)}`,
      step: "media.ph",
    },
    { label: "Buffer", note: "as CaCO₃, for one pH", value: `${figures(a.buffer)} g/L` },
    { label: "Exchange", note: "holds feed", value: `${figures(a.cec)} meq/100 cm³` },
    { label: "Salt in it", note: "EC", value: `${figures(a.ec)} mS/cm` },
    { label: "Lasts", note: "wet, wet and dry", value: `${years(a.wetYears)} · ${years(a.cycledYears)}` },
    {
      label: "Costs",
      note: a.costPerLitre === undefined ? "price its components" : "a litre",
      value: a.costPerLitre === undefined ? "–" : `${currency} ${figures(a.costPerLitre, 2)}`,
    },
    { label: "Counts as", value: `${words("families", a.kind.toUpperCase())}, ${figures(a.organic, 2)} %` },
  ];
}
