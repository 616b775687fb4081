import type { Declared, Feed, FeedInput, Typed } from "../../api";

export const FORMS: Declared[] = ["NITRATE_N", "AMMONIUM_N", "UREA_N", "SLOW_N"];
/** Each as the element and as the oxide. */
export const SECONDARIES: [Declared, Declared][] = [
  ["CA", "CAO"],
  ["MG", "MGO"],
  ["S", "SO3"],
  ["SI", "SIO2"],
];
export const MICROS: Declared[] = ["FE", "MN", "ZN", "CU", "B", "MO", "NI", "CL", "NA"];

const LINES: Declared[] = [...FORMS, ...SECONDARIES.flat(), ...MICROS];
const percent: Typed = { text: "", unit: "%" };

export function blankFeed(id: string): FeedInput {
  return {
    id,
    name: "",
    n: percent,
    p2o5: percent,
    k2o: percent,
    elements: false,
    contents: {},
    basis: "by_weight",
    formula: "",
    purity: percent,
    form: "liquid",
    density: { text: "", unit: "kg/L" },
    ecFactor: { text: "", unit: "mS/cm" },
    own: { text: "", unit: "mL" },
    coatedMonths: { text: "", unit: "" },
    coatedCelsius: { text: "", unit: "°C" },
    label: "",
    answers: [],
    wordsSeen: false,
    version: 0,
  };
}

/** A feed as its form holds it, as typed. */
export function feedInput(f: Feed): FeedInput {
  const field = (key: string, value: number | undefined, unit: string): Typed =>
    f.typed?.[key] ?? { text: value === undefined ? "" : String(value), unit };
  return {
    id: f.id,
    name: f.name,
    n: field("n", f.n, "%"),
    p2o5: field("p2o5", f.p2o5, "%"),
    k2o: field("k2o", f.k2o, "%"),
    elements: f.elements ?? false,
    contents: Object.fromEntries(
      LINES.flatMap((line) => {
        const value = f.contents?.[line];
        return value === undefined ? [] : [[line, field(line, value, "%")]];
      }),
    ),
    basis: f.basis ?? "by_weight",
    ...(f.chelate ? { chelate: f.chelate } : {}),
    formula: f.formula ?? "",
    purity: field("purity", f.formula === undefined ? undefined : f.purity, "%"),
    form: f.form,
    density: field("density", f.density, "kg/L"),
    ecFactor: field("ecFactor", f.ecFactor, "mS/cm"),
    own: field("own", f.ownMl, "mL"),
    coatedMonths: field("coatedMonths", f.coatedMonths, ""),
    coatedCelsius: field("coatedCelsius", f.coatedCelsius, "°C"),
    label: f.label,
    answers: f.answers,
    wordsSeen: f.wordsSeen,
    ...(f.readAs === undefined ? {} : { readAs: f.readAs }),
    version: f.version,
  };
}
