import { newId, type Catalogue, type Garden, type Lot, type PotInput, type Recipe, type RecipeInput } from "../../api";
import { recipeName } from "../../text/mixes";
import { keepDraft } from "../../ui/useDraft";
import { say } from "../../text";
import type { Jar } from "./jar";

export function blank(id: string): RecipeInput {
  return {
    id,
    name: "",
    measure: "parts",
    parts: [
      { component: "peat_medium", amount: "3" },
      { component: "perlite_coarse", amount: "1" },
    ],
    amendments: [],
    yield: { text: "", unit: "%" },
    target: { text: "", unit: "pH" },
    lime: "DOLOMITE",
    fineness: "POWDER",
    neutralising: { text: "", unit: "%" },
    notes: "",
    version: 0,
  };
}

export function inputOf(r: Recipe): RecipeInput {
  const number = (field: "yield" | "target" | "neutralising", unit: string) =>
    r.typed[field] ?? { text: r[field] === undefined ? "" : String(r[field]), unit };
  return {
    id: r.id,
    shipped: r.shipped,
    name: recipeName(r),
    measure: r.measure,
    parts: r.parts,
    amendments: r.amendments,
    yield: number("yield", "%"),
    soaked: r.soaked,
    target: number("target", "pH"),
    lime: r.lime,
    fineness: r.fineness,
    neutralising: number("neutralising", "%"),
    notes: r.notes,
    version: r.version,
  };
}

/** A pot that the mix is looked at in. */
export type LookedPot = { name: string; pot: PotInput };

/** What a mix is looked at with, beside the recipe itself. */
export type Looked = { pots: LookedPot[]; species: string; jar: Jar };

/** A new recipe begun from this one, kept as a draft of its own; the key of the page that shows it. */
export function begun(from: RecipeInput, looked?: Looked): string {
  const id = newId();
  keepDraft<RecipeInput>(`recipe:${id}`, { ...from, id, shipped: undefined, version: 0 });
  if (looked) keepDraft<Looked>(`looked:${id}`, looked);
  return `new-${id}`;
}

/** The pots of the lots that stand in this mix, or failing that the pot a person meets first, low and tall. */
export function potsFor(key: string, lots: Lot[], garden: Garden, catalogue: Catalogue): LookedPot[] {
  const standing = lots.filter((l) => l.mix === key).slice(0, 3);
  if (standing.length > 0) return standing.map((l) => ({ name: l.name, pot: l.pot }));
  const us = garden.unitHabit === "us";
  const size = (cm: string, inches: string) => ({ text: us ? inches : cm, unit: us ? "in" : "cm" });
  const round = (top: [string, string], base: [string, string], height: [string, string]): PotInput => ({
    shape: "round",
    top: size(...top),
    base: size(...base),
    height: size(...height),
  });
  const trade = catalogue.tradeSizes[0];
  return [
    {
      name: us ? say("mixes_page.5_in_pot") : say("mixes_page.13_cm_pot"),
      pot: round(["13", "5"], ["9", "3½"], ["12", "4¾"]),
    },
    {
      name: us ? say("mixes_page.8_in_pot") : say("mixes_page.20_cm_pot"),
      pot: round(["20", "8"], ["14", "5½"], ["19", "7½"]),
    },
    ...(trade
      ? [
          {
            name: us ? say("mixes_page.2_in_cell") : say("mixes_page.7_cm_cell"),
            pot: round(["7", "2¾"], ["5", "2"], ["6.5", "2½"]),
          },
        ]
      : []),
  ];
}
