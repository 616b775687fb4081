// @vitest-environment happy-dom
import { cleanup, fireEvent, render, screen, within } from "@testing-library/react";
import { afterEach, expect, test, vi } from "vitest";
import { Conflict } from "./Conflict";

afterEach(cleanup);

const PLACES: Record<string, string> = { "id-1": "North window", "id-2": "Open bench" };

function show(mine: Record<string, unknown>, theirs: Record<string, unknown>) {
  const keep = vi.fn();
  const take = vi.fn();
  render(<Conflict mine={mine} theirs={theirs} named={(id) => PLACES[id]} keep={keep} take={take} />);
  const rows = within(screen.getByRole("table")).getAllByRole("row").slice(1);
  return {
    keep,
    take,
    lines: rows.map((r) =>
      within(r)
        .getAllByRole("cell")
        .map((c) => c.textContent),
    ),
  };
}

test("only what differs is shown, as it was typed, and ids by their names", () => {
  const { lines } = show(
    { id: "x", version: 3, name: "Fern", placeId: "id-1", pot: { top: { text: "12", unit: "cm" } }, pots: 4 },
    { id: "x", version: 4, name: "Fern", placeId: "id-2", pot: { top: { text: "5", unit: "in" } }, pots: 4 },
  );
  expect(lines.map(([, ...both]) => both)).toEqual([
    ["North window", "Open bench"],
    ["12 cm", "5 in"],
  ]);
});

test("what only one of them says stands against nothing", () => {
  const { lines } = show(
    { measured: { text: "1.2", unit: "L" }, gap: { text: " ", unit: "cm" } },
    { feedId: null, notes: "old" },
  );
  expect(lines.map(([, ...both]) => both)).toEqual([
    ["1.2 L", "–"],
    ["–", "old"],
  ]);
});

test("lists differ by their entries and their order", () => {
  const { lines } = show({ spoons: ["teaspoon", "half"] }, { spoons: ["half", "teaspoon"] });
  expect(lines.map(([, ...both]) => both)).toEqual([["teaspoon, half", "half, teaspoon"]]);
});

test("a person chooses, and nothing is done before", () => {
  const { keep, take } = show({ name: "a" }, { name: "b" });
  expect(keep).not.toHaveBeenCalled();
  expect(take).not.toHaveBeenCalled();
  fireEvent.click(screen.getByText("Use the saved version"));
  expect(take).toHaveBeenCalledOnce();
  fireEvent.click(screen.getByText("Save mine instead"));
  expect(keep).toHaveBeenCalledOnce();
});
