import type { Todo, Trend, Verdict } from "../api";
import { words, say } from ".";
import { day, figures, type Shown } from "./numbers";

const SHARES = [
  [0.25, "a_quarter"],
  [1 / 3, "a_third"],
  [0.5, "half"],
  [0.75, "three_quarters"],
] as const;

/** A share as one says it: half, a third; else in per cent. */
function share(value: number): string {
  const named = SHARES.find(([s]) => Math.abs(s - value) < 0.01)?.[1];
  return named ? say(`parts.${named}`) : perCent(value);
}

const perCent = (value: number) => `${Math.round(value * 100)} %`;

/** So many minutes, or hours where they are many. */
export const duration = (minutes: number) =>
  minutes <= 90
    ? say("parts.min", { minutes })
    : minutes % 60
      ? say("parts.hours_min", { hours: Math.floor(minutes / 60), minutes: minutes % 60 })
      : say("parts.hours", { hours: minutes / 60 });

type Fact = Verdict["causes"][number]["speaksFor"][number];

/** A fact with its figure. */
export function fact(f: Fact): string {
  if (f.value === undefined) return words("facts", f.id);
  const value =
    f.unit === "d"
      ? say("parts.days", { days: f.value })
      : f.unit
        ? `${f.unit.startsWith("mg") ? Math.round(f.value) : figures(f.value)} ${f.unit}`
        : f.id === "out_over_in"
          ? figures(f.value)
          : perCent(f.value);
  return words("facts", f.id, { value });
}

type Amounts = { action: string; least?: number | undefined; most?: number | undefined; unit: string };

/** One thing to do, with its amounts. */
function amounts(a: Amounts, shown: Shown): Record<string, string> {
  const amount = (x: number | undefined) =>
    x === undefined
      ? ""
      : a.unit === "L"
        ? shown.litres(x)
        : a.unit === "g/L"
          ? figures(x)
          : a.unit.startsWith("mg")
            ? String(Math.round(x / 5) * 5)
            : perCent(x);
  return { least: amount(a.least), most: amount(a.most), share: a.least === undefined ? "" : share(a.least) };
}

/** One thing to do as a verdict says it. */
export const advice = (a: Verdict["advice"][number], v: Verdict, shown: Shown) =>
  words("actions", a.action, {
    ...amounts(a, shown),
    days: String(a.inDays ?? ""),
    goal: `${figures((v.band.ecLow + v.band.ecHigh) / 2)} mS/cm`,
  });

/** What was taken into the plan, in short, with its amounts. */
export function todo(t: Todo, shown: Shown): string {
  const { least, most, share: part } = amounts(t, shown);
  const what = words("todos", t.action);
  switch (t.action) {
    case "weaken_feed":
    case "refresh_partly":
      return `${what}: ${part}`;
    case "correct_water":
      return say("parts.from_to", { what, most, least, unit: t.unit });
    case "rain_share":
      return `${what}: ${most}`;
    case "less_ammonium":
    case "more_ammonium":
      return say("parts.at_most_of_its_nitrogen", { what, most });
    default:
      return what;
  }
}

/** Where readings are heading, in words. */
export function course(t: Trend, name: string, unit: string): string {
  if (!t.moves) return say("parts.holds_no_trend_beyond_chance_in", { name, from: t.from });
  const by = say("parts.a_month", { perMonth: figures(Math.abs(t.perMonth)), value: unit === "pH" ? "" : `${unit} ` });
  const leaves = t.leavesOn
    ? say("parts.it_leaves_the_band_about", {
        day: day(t.leavesOn),
        value:
          t.leavesEarliest && t.leavesEarliest < t.leavesOn ? say("parts.from_on", { day: day(t.leavesEarliest) }) : "",
      })
    : "";
  return say(t.perMonth > 0 ? "parts.rises_by" : "parts.falls_by", { name, by, from: t.from, leaves });
}
