import type { MixAnswer } from "../../api";
import { words, say } from "../../text";
import { figures, type Shown } from "../../text/numbers";
import type { TermId } from "../../ui/Term";

export type Fact = { label: string; note?: string; value: string; step?: string; term?: TermId };

const years = (y: number) =>
  y > 40
    ? say("common.for_ever")
    : y < 1.5
      ? say("mixes_page.months", { value: figures(y * 12, 1) })
      : say("mixes_page.y_years", { y: figures(y, 2) });

/** What a mix is, apart from any pot, line by line. */
export function mixFacts(a: MixAnswer, shown: Shown, currency: string): Fact[] {
  return [
    { label: say("mixes_page.pores"), term: "porosity", value: `${figures(a.porosity)} %` },
    {
      label: say("mixes_page.in_15_cm"),
      term: "capacity",
      note: say("mixes_page.six_inches"),
      value: say("mixes_page.water_air", { capacity: figures(a.capacity), air: figures(a.air) }),
    },
    {
      label: say("mixes_page.for_roots"),
      term: "available",
      note: say("mixes_page.easily"),
      value: `${figures(a.available)} % · ${figures(a.easily)} %`,
    },
    {
      label: say("mixes_page.a_litre"),
      note: say("mixes_page.dry_drained"),
      value: `${shown.kilograms(a.density)} · ${shown.kilograms(a.wetDensity)}`,
    },
    {
      label: "pH",
      term: "ph",
      note: say("mixes_page.before_lime"),
      value: `${a.ph.toFixed(1)} ± ${a.phPlusMinus.toFixed(1)}`,
      step: "media.ph",
    },
    { label: say("mixes_page.buffer"), note: say("mixes_page.as_caco_for_one_ph"), value: `${figures(a.buffer)} g/L` },
    {
      label: say("mixes_page.exchange"),
      term: "cec",
      note: say("mixes_page.holds_feed"),
      value: `${figures(a.cec)} meq/100 cm³`,
    },
    { label: say("mixes_page.salt_in_it"), term: "ec", note: "EC", value: `${figures(a.ec)} mS/cm` },
    {
      label: say("mixes_page.lasts"),
      note: say("mixes_page.wet_wet_and_dry"),
      value: `${years(a.wetYears)} · ${years(a.cycledYears)}`,
    },
    {
      label: say("common.costs"),
      note: a.costPerLitre === undefined ? say("mixes_page.price_its_components") : say("mixes_page.per_litre"),
      value: a.costPerLitre === undefined ? "–" : `${currency} ${figures(a.costPerLitre, 2)}`,
    },
    {
      label: say("mixes_page.counts_as"),
      value: `${words("families", a.kind.toUpperCase())}, ${figures(a.organic, 2)} %`,
    },
  ];
}
