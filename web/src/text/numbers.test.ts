import { describe, expect, it } from "vitest";
import { figures, plain, spoonNumber } from "./numbers";

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
