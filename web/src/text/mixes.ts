import type { Component, MixAsk, Mixes, Recipe } from "../api";
import { words, say } from ".";
import { day } from "./numbers";

/** What recipes call a component by, and lots a recipe: the shipped key, or its own id. */
export const keyOf = (thing: { id: string; shipped?: string }) => thing.shipped ?? thing.id;

export const componentName = (c: Component) => c.name || words("components", keyOf(c));
export const recipeName = (r: Recipe) => r.name || words("mixes", keyOf(r));

/** The name of the mix a lot stands in: a recipe's, or a batch's with its number. */
export function mixName(mixes: Mixes | undefined, key: string): string {
  const recipe = mixes?.recipes.find((r) => keyOf(r) === key);
  if (recipe) return recipeName(recipe);
  const made = mixes?.made.find((m) => m.id === key);
  if (made) return say("parts.batch", { recipeName: made.recipeName, number: made.number });
  return usedMix(mixes, key)?.name ?? words("mixes", key);
}

/** Mix that stood in a pot before, by its key; it may be potted into as it is. */
export function usedMix(mixes: Mixes | undefined, key: string): Component | undefined {
  return mixes?.components.find((c) => c.spent !== undefined && c.id === key);
}

/** No mix at all: roots that hang in the air. */
export const BARE = "bare";

/**
 * The recipes, batches and used mixes to choose from: those not put away or held back, and the one chosen already.
 *
 * @param bare whether the plant may stand in none
 */
export function mixChoices(mixes: Mixes | undefined, chosen?: string, bare = false) {
  const there = (key: string, retired: boolean) => !retired || key === chosen;
  return [
    ...(bare || chosen === BARE ? [{ value: BARE, label: words("mixes", BARE), group: say("common.mixes") }] : []),
    ...(mixes?.made ?? [])
      .filter((m) => there(m.id, m.retired))
      .map((m) => ({
        value: m.id,
        label: say("parts.of", { mixName: mixName(mixes, m.id), day: day(m.madeOn) }),
        group: say("common.batches_made"),
      })),
    ...(mixes?.components ?? [])
      .filter((c) => c.spent !== undefined && there(c.id, c.retired || c.heldBack !== undefined))
      .map((c) => ({ value: c.id, label: componentName(c), group: say("used_page.group") })),
    ...(mixes?.recipes ?? [])
      .filter((r) => there(keyOf(r), r.retired))
      .map((r) => ({ value: keyOf(r), label: recipeName(r), group: say("common.mixes") })),
  ];
}

/** A whole recipe for a question to the rules, with all that its components are. */
export function askOf(
  mixes: Mixes,
  recipe: { key: string; parts: Recipe["parts"]; yield?: MixAsk["yield"]; soaked?: MixAsk["soaked"] },
): MixAsk | undefined {
  const parts = recipe.parts.flatMap((p) => {
    const component = mixes.components.find((c) => keyOf(c) === p.component);
    return component ? [{ ...p, component }] : [];
  });
  return parts.length === recipe.parts.length
    ? { key: recipe.key, parts, yield: recipe.yield, soaked: recipe.soaked }
    : undefined;
}

/** The same for a mix or a batch by its key. */
export function askOfKey(mixes: Mixes | undefined, key: string): MixAsk | undefined {
  if (!mixes) return undefined;
  const recipe = mixes.recipes.find((r) => keyOf(r) === key);
  const made = mixes.made.find((m) => m.id === key);
  const percent = (value: number | undefined) => (value === undefined ? undefined : { text: String(value), unit: "%" });
  if (usedMix(mixes, key)) return askOf(mixes, { key, parts: [{ component: key, amount: "1" }] });
  const by = recipe ?? mixes.recipes.find((r) => keyOf(r) === made?.recipe);
  const soaked = by?.soaked;
  if (recipe) return askOf(mixes, { key, parts: recipe.parts, yield: percent(recipe.yield), soaked });
  return made && askOf(mixes, { key, parts: made.parts, yield: percent(made.yielded), soaked });
}

/** What is stirred into a mix, by its key: a lime, sulfur or an amendment. */
export const additiveName = (key: string) => words(key === key.toUpperCase() ? "limes" : "amendments", key);

/** The money that components were priced in, where one was. */
export function currencyOf(mixes: Mixes): string {
  return mixes.components.find((c) => c.packCost !== undefined)?.currency ?? "";
}
