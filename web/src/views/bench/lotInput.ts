import type { Course, Feed, Garden, Guide, Lot, LotInput, PotInput } from "../../api";
import { TAPERS } from "../../parts/tapers";
import { usualWater } from "../../parts/usual";
import { kindOf, told as plantTold } from "../../text/plants";
import { say } from "../../text";
import { newId } from "../../api";

/** What is taken for granted of a lot until somebody tells. */
type Assumed = NonNullable<LotInput["assumed"]>[number];

/**
 * The form of a lot that is not there yet: plant, width of the pot and place are asked, all else is taken for granted,
 * in the units the person thinks in.
 */
export function blank(id: string, garden: Garden, feeds: Feed[]): LotInput {
  const us = garden.unitHabit === "us";
  return {
    id,
    name: "",
    pots: { text: "1", unit: "" },
    species: "",
    pot: {
      shape: "round",
      top: { text: "", unit: us ? "in" : "cm" },
    },
    mix: "peat_perlite",
    placeId: garden.places.find((p) => !p.retired)!.id,
    waterId: (usualWater(garden) ?? garden.waters.find((w) => !w.retired)!).id,
    courses: feeds
      .filter((f) => !f.retired)
      .slice(0, 1)
      .map((f) => alone(f.id)),
    assumed: ["mix", "water", "feed", "material"],
    version: 0,
  };
}

/** A feed that is all a lot gets, as its label has it. */
export function alone(feedId: string): Course {
  return { feedId, share: 100 };
}

/** Measures of a pot that are left blank and taken as such pots usually have them. */
export function blankSizes(pot: PotInput): ("base" | "height")[] {
  const sizes = TAPERS.includes(pot.shape) ? (["height", "base"] as const) : (["height"] as const);
  return sizes.filter((size) => !pot[size]?.text.trim());
}

/** What changes in the form once one thing was told. */
export function tell(input: LotInput, told: Assumed): Pick<LotInput, "assumed"> {
  return { assumed: input.assumed?.filter((a) => a !== told) };
}

/** The form with another plant: the mix nobody told is the one that plants of this kind usually stand in. */
export function planted(input: LotInput, guide: Guide | undefined, species: string): Partial<LotInput> {
  const kind = kindOf(guide, species);
  const mixes = guide && kind ? plantTold(guide, kind, "mixes").text : "";
  const usual = mixes.split("+")[0];
  return { species, ...(usual && input.assumed?.includes("mix") ? { mix: usual } : {}) };
}

/** What may be chosen: everything but what was put away, unless it is the one chosen already. */
export function offered<T extends { id: string; retired: boolean }>(things: T[], chosen: string | undefined): T[] {
  return things.filter((t) => !t.retired || t.id === chosen);
}

export function inputOf(lot: Lot): LotInput {
  return {
    id: lot.id,
    name: lot.name,
    pots: { text: String(lot.pots), unit: "" },
    species: lot.species,
    pot: lot.pot,
    mix: lot.mix,
    placeId: lot.placeId,
    waterId: lot.waterId,
    courses: lot.courses,
    startedOn: lot.startedOn,
    repottedOn: lot.repottedOn,
    wateredBefore: lot.wateredBefore,
    fedBefore: lot.fedBefore,
    spread: lot.spread,
    tall: lot.tall,
    mixWarmth: lot.mixWarmth,
    lasts: lot.lasts,
    traits: lot.traits,
    conditions: lot.conditions,
    watering: lot.watering,
    undrained: lot.undrained,
    flushBy: lot.flushBy,
    assumed: lot.assumed,
    version: lot.version,
  };
}

/** Leaves a copy of a lot as the draft of a new one, and says under which address it is waiting. */
export function duplicate(lot: Lot): string {
  const id = newId();
  const copy: LotInput = {
    ...inputOf(lot),
    id,
    version: 0,
    name: say("common.another", { name: lot.name }),
    startedOn: undefined,
  };
  sessionStorage.setItem(`draft:lot:${id}`, JSON.stringify(copy));
  return `new-${id}`;
}
