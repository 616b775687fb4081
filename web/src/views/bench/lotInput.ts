import type { Feed, Garden, Lot, LotInput } from "../../api";
import { say } from "../../text";
import { newId } from "../../api";

/** The form of a lot that is not there yet: the first species, place and mix, in the units the person thinks in. */
export function blank(id: string, garden: Garden, feeds: Feed[]): LotInput {
  const us = garden.unitHabit === "us";
  const size = (cm: string, inches: string) => ({ text: us ? inches : cm, unit: us ? "in" : "cm" });
  return {
    id,
    name: "",
    pots: { text: "1", unit: "" },
    species: "streptocarpus",
    pot: {
      shape: "round",
      top: size("13", "5"),
      base: size("9", "3½"),
      height: size("12", "4¾"),
      measured: { text: "", unit: us ? "US gal" : "L" },
    },
    mix: "peat_perlite",
    placeId: garden.places.find((p) => !p.retired)!.id,
    waterId: garden.waters.find((w) => !w.retired)!.id,
    feedId: feeds.find((f) => !f.retired)?.id,
    version: 0,
  };
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
    feedId: lot.feedId,
    startedOn: lot.startedOn,
    repottedOn: lot.repottedOn,
    wateredBefore: lot.wateredBefore,
    fedBefore: lot.fedBefore,
    tall: lot.tall,
    mixWarmth: lot.mixWarmth,
    traits: lot.traits,
    conditions: lot.conditions,
    rhythm: lot.rhythm,
    undrained: lot.undrained,
    flushBy: lot.flushBy,
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
