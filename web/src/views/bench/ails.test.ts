import { expect, test } from "vitest";
import { seenIn, withAnswer, withoutAnswer } from "./ails";

test("answers stand in the address, in the order in which they were given", () => {
  const two = withAnswer(seenIn("part.old_leaves"), "pattern", "pale_all");
  expect(two).toBe("part.old_leaves~pattern.pale_all");
  expect(seenIn(two)).toEqual([
    { sign: "part", answer: "old_leaves" },
    { sign: "pattern", answer: "pale_all" },
  ]);
});

test("another answer takes the place of the one before", () => {
  expect(withAnswer(seenIn("part.old_leaves~feel.firm"), "part", "stem")).toBe("part.stem~feel.firm");
});

test("what nobody can say after all is taken out", () => {
  expect(withoutAnswer(seenIn("part.stem~feel.firm"), "part")).toBe("feel.firm");
  expect(withoutAnswer(seenIn("part.stem"), "part")).toBe("");
});

test("an address that says nothing has no answers", () => {
  expect(seenIn(undefined)).toEqual([]);
  expect(seenIn("nonsense~.~part.")).toEqual([]);
});
