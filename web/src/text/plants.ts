import type { Guide, Kind, KindAsk, Trait } from "../api";
import { words, say } from ".";
import { plain } from "./numbers";

export const kindOf = (guide: Guide | undefined, key: string): Kind | undefined =>
  guide?.kinds.find((k) => k.key === key);

/** The name a kind goes by; its key where the guide is not there yet. */
export const kindName = (guide: Guide | undefined, key: string): string => kindOf(guide, key)?.name ?? key;

/** The kinds to choose from, group by group: those not put away, and the one chosen already. */
export function kindChoices(guide: Guide, chosen?: string) {
  const byGroup = new Map(guide.groups.map((g) => [g.key, [] as Kind[]]));
  guide.kinds
    .filter((k) => !k.retired || k.key === chosen)
    .forEach((k) => byGroup.set(k.group, [...(byGroup.get(k.group) ?? []), k]));
  return [...byGroup].flatMap(([group, kinds]) =>
    kinds
      .sort((a, b) => a.name.localeCompare(b.name))
      .map((k) => ({ value: k.key, label: k.name, group: words("groups", group), also: namesOf(k).join(" ") })),
  );
}

/** All names that a kind goes by. */
export function namesOf(kind: Guide["kinds"][number]): string[] {
  return [kind.name, kind.scientific, ...kind.also];
}

/** A whole kind for a question to the rules, with what is told of one lot. */
export function askOfKind(
  guide: Guide | undefined,
  key: string | undefined,
  traits?: Record<string, string>,
): KindAsk | undefined {
  const kind = key ? kindOf(guide, key) : undefined;
  return kind && { kind, ...(traits ? { traits } : {}) };
}

export type Teller = "group" | "species" | "garden" | "lot";

/** What is told of a kind in a trait, and by whom; a lot's own word where one is given. */
export function told(
  guide: Guide,
  kind: { group: string; differs: Record<string, string>; traits: Record<string, string> },
  trait: string,
  lot?: Record<string, string>,
): { text: string; teller: Teller } {
  const ofGroup = guide.groups.find((g) => g.key === kind.group)?.traits[trait] ?? "";
  const by: [Teller, string | undefined][] = [
    ["lot", lot?.[trait]],
    ["garden", kind.traits[trait]],
    ["species", kind.differs[trait]],
  ];
  const [teller, text] = by.find(([, t]) => t !== undefined && t !== "") ?? ["group", ofGroup];
  return { text: text ?? ofGroup, teller };
}

const EATERS = ["people", "dogs", "cats"];
const GRADES = ["none_known", "irritant", "unknown", "harmful", "may_kill"];

/** How badly a kind harms who eats of it: the worst grade, and each in words, told once where all are alike. */
export function poisonOf(guide: Guide, kind: Parameters<typeof told>[1]): { worst: string; said: string } {
  const grades = EATERS.map((e) => told(guide, kind, `poison_${e}`).text);
  const worst = grades.reduce((a, b) => (GRADES.indexOf(b) > GRADES.indexOf(a) ? b : a));
  const said = grades.every((g) => g === worst)
    ? words("poison", worst)
    : EATERS.map((e, i) => `${words("eaters", e)}: ${words("poison", grades[i] ?? worst)}`).join(" · ");
  return { worst, said };
}

/** The pH that the roots of a kind like, said. */
export function phLiked(guide: Guide, key: string): string | undefined {
  const kind = kindOf(guide, key);
  return (
    kind &&
    say("parts.its_roots_like_ph", {
      name: kind.name,
      text: told(guide, kind, "ph_low").text,
      text2: told(guide, kind, "ph_high").text,
    })
  );
}

/** A trait's value in words. */
export function traitText(trait: Trait, text: string): string {
  if (trait.number) {
    const value = Number(text);
    if (trait.id === "flush_weeks" && value === 0) return say("parts.never");
    return trait.unit ? `${Number.isFinite(value) ? plain(value) : text} ${trait.unit}` : text;
  }
  return text
    .split("+")
    .map((w) => (trait.id === "mixes" ? words("mixes", w) : words("trait_words", `${trait.id}.${w}`)))
    .join(", ");
}

/** The traits in the order a grower asks for them. */
export const TRAIT_GROUPS = [
  {
    title: "common.water",
    traits: ["habit", "depletion", "crop", "spread", "shape", "cover", "stomata", "flush_weeks", "salt"],
  },
  {
    title: "common.food",
    traits: ["appetite", "cap_ec", "cap_n", "holds", "repot_hold", "graft_days", "leaf", "leaf_salt"],
  },
  {
    title: "parts.roots_and_mix",
    traits: ["roots", "air", "rots", "ph_low", "ph_high", "mixes", "repot_years", "repot_season"],
  },
  {
    title: "parts.season",
    traits: [
      "season",
      "base",
      "full",
      "rest_above",
      "dormancy",
      "dormant_below",
      "dormant_hours",
      "rest_water",
      "rest_weeks",
      "hardens",
      "coldest",
    ],
  },
  {
    title: "parts.light",
    traits: ["light", "light_low", "light_high"],
  },
  {
    title: "common.other_care",
    traits: ["pinch_days", "deadhead_days", "turn_days", "stake_days", "look_days"],
  },
  {
    title: "parts.harm",
    traits: ["poison_people", "poison_dogs", "poison_cats", "phosphorus", "lime", "copper", "fluoride", "carnivore"],
  },
] as const;
