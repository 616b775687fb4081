import { expect, test } from "vitest";
import { blankFeed } from "./feedInput";
import { filledIn, linesOf, linesOfText } from "./wholeLabel";

const found = (field: string, text: string, unit = "%") => ({ field, text, unit, start: 0, end: 1, doubts: [] });

test("the three numbers, the lines beside them and the directions go to their fields", () => {
  const part = filledIn(blankFeed("a"), [
    found("N", "15"),
    found("P2O5", "7"),
    found("K2O", "20"),
    found("MGO", "2"),
    found("density", "1.18", "kg/L"),
    found("label", "5 ml per litre weekly", ""),
  ]);
  expect(part.n).toEqual({ text: "15", unit: "%" });
  expect(part.elements).toBe(false);
  expect(part.contents).toEqual({ MGO: { text: "2", unit: "%" } });
  expect(part.density).toEqual({ text: "1.18", unit: "kg/L" });
  expect(part).toMatchObject({ label: "5 ml per litre weekly", answers: [], wordsSeen: false });
});

test("elements stay elements, and what was not ticked stays as it was", () => {
  const before = { ...blankFeed("a"), name: "Mine", contents: { FE: { text: "0.1", unit: "%" } } };
  const part = filledIn(before, [found("P", "1.3"), found("K", "6")]);
  expect(part.elements).toBe(true);
  expect(part.contents).toEqual({ FE: { text: "0.1", unit: "%" } });
  expect("name" in part).toBe(false);
  expect("label" in part).toBe(false);
});

test("a stretch is shown on all lines that it touches", () => {
  const text = "one\ntwo\nthree";
  const lines = linesOfText(text);
  expect(linesOf(lines, { ...found("label", ""), start: 5, end: 9 }).map((l) => text.slice(l.start, l.end))).toEqual([
    "two",
    "three",
  ]);
});
