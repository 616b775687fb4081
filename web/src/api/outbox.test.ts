import { beforeEach, expect, test, vi } from "vitest";

const GARDEN = "garden-of-the-test";
let kept: Map<string, string>;
let told: ((e: { key: string | null }) => void)[];

beforeEach(() => {
  kept = new Map();
  told = [];
  vi.stubGlobal("localStorage", {
    get length() {
      return kept.size;
    },
    key: (i: number) => [...kept.keys()][i] ?? null,
    getItem: (name: string) => kept.get(name) ?? null,
    setItem: (name: string, text: string) => void kept.set(name, text),
    removeItem: (name: string) => void kept.delete(name),
  });
  vi.stubGlobal("addEventListener", (_: string, listener: (e: { key: string | null }) => void) => told.push(listener));
});

/** Another page of the same browser: its own memory, the same store. */
async function tab() {
  vi.resetModules();
  return import("./outbox");
}

const work = (lot: string) => ({ lotId: lot, lotName: lot, item: "water:1" });
const lots = (outbox: { waiting: { lotId: string }[] }) => outbox.waiting.map((w) => w.lotId).sort();

test("work that two pages record is kept by both", async () => {
  const one = await tab();
  const two = await tab();
  expect(lots(one.peek(GARDEN))).toEqual([]);
  expect(lots(two.peek(GARDEN))).toEqual([]);
  one.record(GARDEN, work("fern"));
  two.record(GARDEN, work("olive"));
  told.forEach((t) => t({ key: "outbox:of-some" }));
  expect(lots(one.peek(GARDEN))).toEqual(["fern", "olive"]);
  expect(lots(two.peek(GARDEN))).toEqual(["fern", "olive"]);
  expect(lots((await tab()).peek(GARDEN))).toEqual(["fern", "olive"]);
  expect(lots(one.peek("another garden"))).toEqual([]);
});

test("what is taken back in one page is gone in the other", async () => {
  const one = await tab();
  const two = await tab();
  one.record(GARDEN, work("fern"));
  one.record(GARDEN, work("olive"));
  told.forEach((t) => t({ key: null }));
  two.withdraw(GARDEN, two.peek(GARDEN).waiting.find((w) => w.lotId === "fern")!.key);
  told.forEach((t) => t({ key: null }));
  expect(lots(one.peek(GARDEN))).toEqual(["olive"]);
});

test("what an earlier version kept together is sent too", async () => {
  const old = { ...work("fern"), key: "k1", at: "2026-05-14T08:00:00Z" };
  const refused = { ...work("olive"), key: "k2", at: "2026-05-14T08:01:00Z", why: "It was watered by someone else." };
  kept.set(`outbox:${GARDEN}`, JSON.stringify({ waiting: [old], refused: [refused] }));
  const box = (await tab()).peek(GARDEN);
  expect(box).toEqual({ waiting: [old], refused: [refused] });
  expect((await tab()).peek(GARDEN)).toEqual(box);
  expect(kept.has(`outbox:${GARDEN}`)).toBe(false);
});
