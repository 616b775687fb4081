import { describe, expect, it } from "vitest";
import { dayFrom, figures, percent, plain, Shown, spoonNumber } from "./numbers";

describe("figures", () => {
  // paper says the same of the same: InHandTest
  it.each([
    [3, 2, "3.0"],
    [9.96, 2, "10"],
    [0.0996, 2, "0.10"],
    [0.00001, 2, "0.000010"],
    [1234, 2, "1200"],
    [999.6, 3, "1000"],
    [0.19, 1, "0.2"],
    [1.5, 3, "1.50"],
    [0, 2, "0"],
    [-0.5, 2, "−0.50"],
    [0.001, 1, "0.001"],
    [1000, 2, "1000"],
  ])("%s to %s figures is %s", (value, significant, said) => {
    expect(figures(value, significant)).toBe(said);
  });
});

describe("plain", () => {
  it.each([
    [0.5, "0.5"],
    [12.34567, "12.35"],
    [-3, "−3"],
    [500, "500"],
  ])("%s is shown as %s", (value, said) => {
    expect(plain(value)).toBe(said);
  });
});

describe("spoonNumber", () => {
  it.each([
    [1.125, "1", "1⁄8"],
    [0.25, "", "1⁄4"],
    [2, "2", ""],
  ])("%s spoons are %s and %s", (count, whole, part) => {
    expect(spoonNumber(count)).toEqual({ whole, part });
  });
});

// exact by definition: NIST SP 811, appendix B; the server hands the same ones out
const UNITS = [
  ["L", 1],
  ["mL", 0.001],
  ["US gal", 3.785411784],
  ["US fl oz", 0.0295735295625],
  ["US tsp", 0.00492892159375],
  ["g", 1],
  ["kg", 1000],
  ["oz", 28.349523125],
  ["lb", 453.59237],
  ["cm", 0.01],
  ["in", 0.0254],
].map(([symbol, factor]) => ({ symbol: String(symbol), factor: Number(factor), offset: 0 }));
const FAHRENHEIT = { symbol: "°F", factor: 5 / 9, offset: -32 };
const units = [...UNITS, FAHRENHEIT] as ConstructorParameters<typeof Shown>[0];
const metric = new Shown(units, "metric");
const us = new Shown(units, "us");
const said = (text: string) => text.replaceAll("\u00a0", " ");

describe("quantities as a person thinks of them", () => {
  it.each([
    [5, "5.0 L", "1.3 gal"],
    // 3.1 L are 104.8 US fl oz: nobody says 0.83 gal
    [3.1, "3.1 L", "100 fl oz"],
    [0.25, "250 mL", "8.5 fl oz"],
    [0.005, "5.0 mL", "1.0 tsp"],
    [0.0001, "0.10 mL", "0.10 mL"],
  ])("%s L is %s, or %s", (litres, inMetric, inUs) => {
    expect(said(metric.litres(litres))).toBe(inMetric);
    expect(said(us.litres(litres))).toBe(inUs);
  });

  it.each([
    [3, "3.0 g", "3.0 g"],
    [60, "60 g", "2.1 oz"],
    [2500, "2.5 kg", "5.5 lb"],
  ])("%s g is %s, or %s", (grams, inMetric, inUs) => {
    expect(said(metric.grams(grams))).toBe(inMetric);
    expect(said(us.grams(grams))).toBe(inUs);
  });

  it("a vessel is as large as it was said to be", () => {
    expect(said(metric.vessel(5))).toBe("5 L");
    expect(said(us.vessel(3.785411784 * 2))).toBe("2 gal");
    // 9 L are 2.38 US gal, 0.8 L are 27.05 US fl oz (1 US gal = 231 in³ = 3.785 411 784 L, NIST Handbook 44)
    expect(said(us.vessel(9))).toBe("2⅜ gal");
    expect(said(us.vessel(0.8))).toBe("27 fl oz");
    expect(said(us.vessel(5))).toBe("1.3 gal");
    expect(said(us.vessel(200))).toBe("53 gal");
  });

  it("a temperature is whole in °F, and to a tenth where a form would change it", () => {
    expect([metric.celsius(21.04), metric.degree]).toEqual(["21", "°C"]);
    expect([us.celsius(21.04), us.degree]).toEqual(["70", "°F"]);
    expect(us.celsius(21.04, true)).toBe("69.9");
    expect(us.celsius(-17.7777777)).toBe("0");
    expect(metric.celsius(-5)).toBe("−5");
  });

  it("a strength is per litre, or per gallon", () => {
    expect(said(metric.strength(2, "millilitres"))).toBe("2.0 mL per L");
    expect(said(us.strength(1, "grams"))).toBe("3.8 g per gal");
  });

  it("a spoon says how far it is from the dose", () => {
    const dose = (exact: number, errorPercent: number, pieces: number) =>
      ({ exact, errorPercent, measure: "millilitres", pieces: Array.from({ length: pieces }, () => ({})) }) as never;
    expect(said(metric.rounding(dose(5, 0.2, 1)))).toBe("5.00 mL, as exact as can be measured by hand");
    expect(said(metric.rounding(dose(4.6, 8.7, 1)))).toBe("exactly 4.60 mL, +9 % by rounding");
    expect(said(metric.rounding(dose(5.4, -7.4, 1)))).toBe("exactly 5.40 mL, −7 % by rounding");
    expect(said(metric.rounding(dose(0.01, 0, 0)))).toBe("0.0100 mL: too little to measure");
  });
});

describe("days and chances", () => {
  it.each([
    ["2026-05-14", "today"],
    ["2026-05-15", "tomorrow"],
    ["2026-05-16", "Sat 16 May"],
    ["2026-05-13", "Wed 13 May"],
  ])("%s, seen on the 14th, is %s", (iso, name) => {
    expect(dayFrom(iso, "2026-05-14").replace(",", "")).toBe(name);
  });

  it.each([
    [0.999, ">99 %"],
    [0.001, "<1 %"],
    [0.426, "43 %"],
  ])("a chance of %s is %s", (p, name) => {
    expect(percent(p)).toBe(name);
  });
});
