import type { Quality, School, Typed, Wish, WishesAsk, Mixes } from "../../api";
import { words, say } from "../../text";
import { componentName, keyOf } from "../../text/mixes";
import { figures, type Shown } from "../../text/numbers";
import type { LookedPot } from "./mixInput";

export type Limits = { low: Typed; high: Typed };
export type Use = "may" | "must" | "not";

/** What a person wishes of a mix, as it stands on the page. */
export type Wished = {
  species: string;
  pot: LookedPot;
  limits: Partial<Record<Quality, Limits>>;
  school: School | "";
  mayLime: boolean;
  mostComponents: Typed;
  mostParts: Typed;
  atHand: Record<string, Use>;
};

const UNITS: Record<Quality, string> = {
  AIR: "%",
  CAPACITY: "%",
  AVAILABLE: "%",
  WET_KG: "kg",
  PH: "pH",
  EC: "mS/cm",
  ORGANIC: "%",
  LIFE: "yr",
  COST: "",
};
export const QUALITIES = Object.keys(UNITS) as Quality[];

/** The unit that limits are typed in. */
export const unitOf = (q: Quality, shown: Shown) => (q === "WET_KG" && shown.habit === "us" ? "lb" : UNITS[q]);

export const noLimits = (q: Quality, shown: Shown): Limits => ({
  low: { text: "", unit: unitOf(q, shown) },
  high: { text: "", unit: unitOf(q, shown) },
});

/** A value of a quality as a person says it. */
export function said(q: Quality, value: number, shown: Shown, currency: string): string {
  switch (q) {
    case "WET_KG":
      return shown.kilograms(value);
    case "PH":
      return value.toFixed(1);
    case "LIFE":
      return value > 40 ? say("common.for_ever") : say("mixes_page.yr", { value: figures(value) });
    case "COST":
      return `${currency} ${figures(value)}`.trim();
    default:
      return `${figures(value)} ${UNITS[q]}`;
  }
}

/** A wish in words. */
export function wishSaid(w: Wish, mixes: Mixes, shown: Shown, currency: string): string {
  const named = (key: string) => {
    const c = mixes.components.find((x) => keyOf(x) === key);
    return c ? componentName(c).toLowerCase() : key;
  };
  if (w.holding) return say("mixes_page.in_it", { named: named(w.holding) });
  if (w.free) return say("mixes_page.no_in_it", { named: named(w.free) });
  if (w.school) return say("mixes_page.the_way", { ways: words("ways", w.school) });
  if (!w.range) return "";
  const { quality, low, high } = w.range;
  const name = words("qualities", quality).toLowerCase().replace("ph", "pH").replace("ec", "EC");
  const least = low === undefined ? "" : say("mixes_page.at_least", { said: said(quality, low, shown, currency) });
  const most = high === undefined ? "" : say("mixes_page.at_most", { said: said(quality, high, shown, currency) });
  return `${name} ${[least, most].filter(Boolean).join(", ")}`;
}

/** The question to the rules; none while nothing is ticked. */
export function asked(w: Wished, mixes: Mixes): WishesAsk | undefined {
  const atHand = mixes.components.filter((c) => w.atHand[keyOf(c)]);
  if (atHand.length === 0) return undefined;
  const those = (use: Use) => atHand.map(keyOf).filter((k) => w.atHand[k] === use);
  return {
    atHand,
    pot: w.pot.pot,
    ranges: QUALITIES.flatMap((quality) => {
      const l = w.limits[quality];
      return l && (l.low.text || l.high.text) ? [{ quality, ...l }] : [];
    }),
    school: w.school || undefined,
    holding: those("must"),
    free: those("not"),
    mayLime: w.mayLime,
    mostComponents: w.mostComponents,
    mostParts: w.mostParts,
  };
}
