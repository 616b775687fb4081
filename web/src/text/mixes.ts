import type { Component, MixAsk, Mixes, Recipe } from "../api";
import { words } from ".";

/** What recipes call a component by, and lots a recipe: the shipped key, or its own id. */
export const keyOf = (thing: { id: string; shipped?: string }) => thing.shipped ?? thing.id;

export const componentName = (c: Component) => c.name || words("components", keyOf(c));
export const recipeName = (r: Recipe) => r.name || words("mixes", keyOf(r));

/** The name of the mix a lot stands in. */
export function mixName(mixes: Mixes | undefined, key: string): string {
  const recipe = mixes?.recipes.find((r) => keyOf(r) === key);
  return recipe ? recipeName(recipe) : words("mixes", key);
}

/** The recipes to choose from: those not put away, and the one chosen already. */
export const mixChoices = (mixes: Mixes | undefined, chosen?: string) =>
  (mixes?.recipes ?? [])
    .filter((r) => !r.retired || keyOf(r) === chosen)
    .map((r) => ({ value: keyOf(r), label: recipeName(r) }));

/** A whole recipe for a question to the rules, with all that its components are. */
export function askOf(
  mixes: Mixes,
  recipe: { key: string; parts: Recipe["parts"]; yield?: MixAsk["yield"] },
): MixAsk | undefined {
  const parts = recipe.parts.map((p) => ({
    component: mixes.components.find((c) => keyOf(c) === p.component),
    amount: p.amount,
  }));
  return parts.every((p): p is MixAsk["parts"][number] => p.component !== undefined)
    ? { key: recipe.key, parts, yield: recipe.yield }
    : undefined;
}

/** The same for a mix by its key. */
export function askOfKey(mixes: Mixes | undefined, key: string): MixAsk | undefined {
  const recipe = mixes?.recipes.find((r) => keyOf(r) === key);
  return mixes && recipe
    ? askOf(mixes, {
        key,
        parts: recipe.parts,
        yield: recipe.yield === undefined ? undefined : { text: String(recipe.yield), unit: "%" },
      })
    : undefined;
}

/** The money that components were priced in, where one was. */
export function currencyOf(mixes: Mixes): string {
  return mixes.components.find((c) => c.packCost !== undefined)?.currency ?? "";
}
