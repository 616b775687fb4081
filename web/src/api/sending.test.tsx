// @vitest-environment happy-dom
// @vitest-environment-options {"url": "http://localhost/"}
import { act, cleanup, renderHook } from "@testing-library/react";
import { afterEach, beforeEach, expect, test, vi } from "vitest";
import { dismiss, peek, record, takenSince, useOutbox, useSending, withdraw } from "./outbox";

const GARDEN = "bed";
type Sent = { path: string; body: { clientKey: string; items: { lotId: string }[]; days?: number } };
let sent: Sent[];
let answers: (() => Response | Promise<Response>)[];

const ok = () => Response.json({ actId: "act-1", recordedAt: "2026-05-14T08:00:00Z" });
const refused = () =>
  Response.json(
    { detail: "no", faults: [{ code: "not_due", field: "lot", detail: "It is not due." }] },
    { status: 409 },
  );
const away = () => Promise.reject(new TypeError("no network"));
const down = () => Response.json({ detail: "later" }, { status: 503 });

beforeEach(() => {
  vi.useFakeTimers();
  localStorage.clear();
  dispatchEvent(new StorageEvent("storage", { key: null }));
  sent = [];
  answers = [];
  vi.stubGlobal("fetch", async (request: Request) => {
    sent.push({ path: new URL(request.url).pathname, body: (await request.json()) as Sent["body"] });
    return (answers.shift() ?? ok)();
  });
});
afterEach(() => {
  cleanup();
  vi.useRealTimers();
  vi.unstubAllGlobals();
});

const work = (lot: string) => ({ lotId: lot, lotName: lot, item: "water:1" });
const pass = (ms: number) => act(() => vi.advanceTimersByTimeAsync(ms));
const lots = () => sent.map((s) => s.body.items[0]!.lotId);

function page() {
  const told = vi.fn();
  renderHook(() => useSending(GARDEN, told));
  return { told, box: renderHook(() => useOutbox(GARDEN)).result };
}

test("work is sent oldest first, once, and leaves the outbox", async () => {
  const { told, box } = page();
  act(() => record(GARDEN, work("fern")));
  vi.advanceTimersByTime(10);
  act(() => record(GARDEN, work("olive")));
  expect(box.current.waiting).toHaveLength(2);
  await pass(100);
  expect(lots()).toEqual(["fern", "olive"]);
  expect(sent[0]!.path).toBe("/api/gardens/bed/ticks");
  expect(box.current).toEqual({ waiting: [], refused: [] });
  expect(told).toHaveBeenCalledTimes(2);
  await pass(60_000);
  expect(sent).toHaveLength(2);
});

test("while the server is away all is kept, and sent again with the key it had", async () => {
  answers = [away, down];
  const { box } = page();
  act(() => record(GARDEN, work("fern")));
  await pass(100);
  expect(box.current.waiting).toHaveLength(1);
  await pass(3_000);
  expect(box.current.waiting).toHaveLength(1);
  await pass(3_000);
  expect(box.current.waiting).toHaveLength(0);
  expect(new Set(sent.map((s) => s.body.clientKey)).size).toBe(1);
  expect(sent).toHaveLength(3);
});

test("what is refused is kept with its reason until it was seen, and does not hold up the rest", async () => {
  answers = [refused];
  const { box, told } = page();
  act(() => record(GARDEN, work("fern")));
  vi.advanceTimersByTime(10);
  act(() => record(GARDEN, work("olive")));
  await pass(100);
  expect(lots()).toEqual(["fern", "olive"]);
  expect(told).toHaveBeenCalledOnce();
  expect(box.current.waiting).toEqual([]);
  expect(box.current.refused.map((r) => [r.lotName, r.why])).toEqual([["fern", "It is not due."]]);
  await pass(60_000);
  expect(sent).toHaveLength(2);
  act(() => dismiss(GARDEN, box.current.refused[0]!.key));
  expect(box.current.refused).toEqual([]);
});

test("work taken back before it is sent is never sent", async () => {
  answers = [away];
  const { box } = page();
  act(() => record(GARDEN, work("fern")));
  await pass(100);
  act(() => withdraw(GARDEN, box.current.waiting[0]!.key));
  await pass(60_000);
  expect(sent).toHaveLength(1);
  expect(peek(GARDEN).waiting).toEqual([]);
});

test("work that was left goes another way than work that was done", async () => {
  page();
  act(() => record(GARDEN, { ...work("fern"), skip: { reason: "still_wet", days: 2 } }));
  await pass(100);
  expect(sent[0]!.path).toBe("/api/gardens/bed/skips");
  expect(sent[0]!.body.days).toBe(2);
});

test("work that the server took after the list was asked for is known to be done", async () => {
  const asked = Date.now();
  page();
  vi.advanceTimersByTime(10);
  act(() => record(GARDEN, work("moss")));
  expect(takenSince(GARDEN, work("moss"), asked)).toBe(false);
  await pass(100);
  expect(takenSince(GARDEN, work("moss"), asked)).toBe(true);
  expect(takenSince(GARDEN, work("moss"), Date.now() + 1)).toBe(false);
  expect(takenSince(GARDEN, work("sedge"), asked)).toBe(false);
});
