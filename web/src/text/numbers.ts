import { locale, say } from ".";
import type { Catalogue, Garden, Measured } from "../api";

export type Habit = Garden["unitHabit"];
type Units = Catalogue["units"];
const AREA: Record<Habit, string> = { metric: "m²", us: "ft²" };

/** Rounds to what is known: so many significant figures, never more decimals than they need. */
export function figures(value: number, significant = 2): string {
  if (value === 0 || !Number.isFinite(value)) return "0";
  const rounded = Number(value.toPrecision(significant));
  // by the rounded value: 9.96 has one figure more before the point than it seemed
  const digits = Math.max(0, significant - 1 - Math.floor(Math.log10(Math.abs(rounded)) + 1e-9));
  return rounded.toFixed(digits).replace(/^-/, "−");
}

/** A figure as it went in: four places at most, and no noughts that nobody wrote. */
export const plain = (value: number) => String(Number(value.toPrecision(4))).replace(/^-/, "−");

/** Shows stored quantities in the units a person thinks in, by the factors that the server hands out. */
export class Shown {
  private readonly factors: Map<string, number>;
  private readonly fahrenheit: { factor: number; offset: number };

  constructor(
    units: Units,
    readonly habit: Habit,
  ) {
    this.factors = new Map(units.map((u) => [u.symbol, u.factor]));
    this.fahrenheit = units.find((u) => u.symbol === "°F") ?? { factor: 1, offset: 0 };
  }

  private as(canonical: number, unit: string, significant = 2): string {
    return `${figures(canonical / (this.factors.get(unit) ?? 1), significant)}\u00a0${unit.replace(/^US /, "")}`;
  }

  /** A vessel, as it was stated: 5 L, not 5.0; in US units as one says it: 2⅜ gal, or 27 fl oz. */
  vessel(l: number): string {
    if (this.habit === "metric") return `${Number(l.toPrecision(3))}\u00a0L`;
    const gallons = l / (this.factors.get("US gal") ?? 1);
    if (gallons < 0.95) return `${Math.round(l / (this.factors.get("US fl oz") ?? 1))}\u00a0fl\u00a0oz`;
    const eighths = Math.round(gallons * 8);
    if (gallons >= 10 || Math.abs(eighths / 8 / gallons - 1) > 0.01) return `${figures(gallons)}\u00a0gal`;
    return `${Math.floor(eighths / 8)}${["", "⅛", "¼", "⅜", "½", "⅝", "¾", "⅞"][eighths % 8]}\u00a0gal`;
  }

  litres(l: number, significant = 2): string {
    if (this.habit === "metric") return this.as(l, l < 1 ? "mL" : "L", significant);
    const unit = l >= 3.6 ? "US gal" : l >= 0.03 ? "US fl oz" : l >= 0.0005 ? "US tsp" : "mL";
    return this.as(l, unit, significant);
  }

  area(m2: number): string {
    return this.as(m2, AREA[this.habit]);
  }

  grams(g: number, significant = 2): string {
    if (g >= 1000) return this.as(g, this.habit === "us" ? "lb" : "kg", significant);
    return this.as(g, this.habit === "us" && g >= 28 ? "oz" : "g", significant);
  }

  kilograms(kg: number): string {
    return this.as(kg * 1000, this.habit === "us" ? "lb" : "kg");
  }

  centimetres(cm: number): string {
    return this.as(cm / 100, this.habit === "us" ? "in" : "cm");
  }

  /** A temperature in the unit of {@link degree}; a form needs it to a tenth, so that saving it unchanged changes nothing. */
  celsius(c: number, tenths = false): string {
    const shown = this.habit === "metric" ? c : c / this.fahrenheit.factor - this.fahrenheit.offset;
    return plain(tenths || this.habit === "metric" ? Math.round(shown * 10) / 10 : Math.round(shown));
  }

  get degree(): string {
    return this.habit === "us" ? "°F" : "°C";
  }

  product(amount: number, measure: string, significant = 2): string {
    return measure === "grams" ? this.grams(amount, significant) : this.litres(amount / 1000, significant);
  }

  /** What was wanted to the point, and what the nearest spoon or step makes of it. */
  rounding(m: Measured): string {
    const exactly = this.product(m.exact, m.measure, 3);
    const e = Math.round(m.errorPercent);
    if (m.pieces.length === 0) return say("parts.too_little_to_measure", { exactly });
    return e === 0
      ? say("parts.as_exact_as_a_hand_can", { exactly })
      : say("parts.exactly_by_rounding", { exactly, which: e > 0 ? "yes" : "no", e: Math.abs(e) });
  }

  /** Of something counted in litres, square metres or metres, the share that a person counts in: a gallon, a square foot, a foot. */
  counted(per: "volume" | "area" | "length"): number {
    if (this.habit !== "us") return 1;
    const foot = this.factors.get("ft") ?? 1;
    return per === "volume" ? (this.factors.get("US gal") ?? 1) : per === "area" ? foot * foot : foot;
  }

  /** Product in so much water: per litre, or per gallon. */
  strength(perLitre: number, measure: string): string {
    const product = this.product(perLitre * this.counted("volume"), measure);
    return say("parts.per_l", { product, which: this.habit === "us" ? "yes" : "no" });
  }
}

const EIGHTHS = ["", "1⁄8", "1⁄4", "3⁄8", "1⁄2", "5⁄8", "3⁄4", "7⁄8"];

/** 1.125 as 1 and 1⁄8, for spoons. */
export function spoonNumber(count: number): { whole: string; part: string } {
  const whole = Math.floor(count + 1e-9);
  return { whole: whole > 0 ? String(whole) : "", part: EIGHTHS[Math.round((count - whole) * 8)] ?? "" };
}

/** A way of writing dates and times, in the language that is spoken. */
function written(options: Intl.DateTimeFormatOptions): (at: string) => string {
  let language: string | undefined;
  let format: Intl.DateTimeFormat | undefined;
  return (at) => {
    if (!format || language !== locale()) format = new Intl.DateTimeFormat((language = locale()), options);
    return format.format(new Date(at));
  };
}

const DAY = written({ weekday: "short", day: "numeric", month: "short", timeZone: "UTC" });
const LONG_DAY = written({ weekday: "long", day: "numeric", month: "long", year: "numeric", timeZone: "UTC" });
const DAY_AND_YEAR = written({ day: "numeric", month: "short", year: "numeric", timeZone: "UTC" });
const MONTH = written({ month: "long", year: "numeric", timeZone: "UTC" });
const SHORT_MONTH = written({ month: "short", timeZone: "UTC" });
const NARROW_MONTH = written({ month: "narrow", timeZone: "UTC" });
const MONTH_DAY = written({ day: "numeric", month: "short", timeZone: "UTC" });

export const day = (iso: string) => DAY(`${iso}T12:00:00Z`);
/** The day of a point of a chart, ms since 1970, without its weekday. */
export const dayOfPoint = (ms: number) => MONTH_DAY(new Date(ms).toISOString());
/** A day that may be of another year. */
export const dayAndYear = (iso: string) => DAY_AND_YEAR(`${iso}T12:00:00Z`);
export const longDay = (iso: string) => LONG_DAY(`${iso}T12:00:00Z`);
/** A date that is known to the month at best. */
export const month = (iso: string) => MONTH(`${iso}T12:00:00Z`);
/** The month of a date by its first letter. */
export const monthLetter = (iso: string) => NARROW_MONTH(`${iso}T12:00:00Z`);
/** The months of a year, short. */
export const monthNames = () =>
  Array.from({ length: 12 }, (_, m) => SHORT_MONTH(`2001-${String(m + 1).padStart(2, "0")}-15T12:00:00Z`));
/** A day of any year, of 10-25. */
export const dayOfYear = (monthDay: string) => MONTH_DAY(`2000-${monthDay}T12:00:00Z`);

/** A day as a person says it: today, tomorrow, or its date. */
export function dayFrom(iso: string, today: string): string {
  const ahead = (Date.parse(iso) - Date.parse(today)) / 86_400_000;
  return ahead === 0 ? say("parts.today") : ahead === 1 ? say("parts.tomorrow") : day(iso);
}

export function moment(instant: string, timeZone: string): string {
  return written({
    weekday: "short",
    day: "numeric",
    month: "short",
    hour: "2-digit",
    minute: "2-digit",
    timeZone,
  })(instant);
}

export const clock = (instant: string, timeZone: string): string =>
  written({ hour: "2-digit", minute: "2-digit", timeZone })(instant);

export const percent = (p: number) => `${p > 0.99 ? ">99" : p < 0.01 ? "<1" : Math.round(p * 100)} %`;
