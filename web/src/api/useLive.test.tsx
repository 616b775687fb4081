// @vitest-environment happy-dom
import { act, cleanup, renderHook } from "@testing-library/react";
import { afterEach, beforeEach, expect, test, vi } from "vitest";
import { Problem } from ".";
import { useLive } from "./useLive";

beforeEach(() => void vi.useFakeTimers());
afterEach(() => {
  cleanup();
  vi.useRealTimers();
});

type Asked = { input: string; signal: AbortSignal; answer: (said: string) => void; fail: (why: unknown) => void };

/** A server whose answers come when the test says so. */
function server() {
  const asked: Asked[] = [];
  const ask = (input: string, signal: AbortSignal) =>
    new Promise<string>((answer, fail) => void asked.push({ input, signal, answer, fail }));
  return { asked, ask };
}

const pass = (ms: number) => act(() => vi.advanceTimersByTimeAsync(ms));

function typing(ask: ReturnType<typeof server>["ask"], first: string | undefined) {
  return renderHook(
    (typed: { text: string | undefined; version?: number }) => useLive(typed.text, ask, typed.version),
    {
      initialProps: { text: first } as { text: string | undefined; version?: number },
    },
  );
}

test("what is typed quickly is asked once, after the last key", async () => {
  const { asked, ask } = server();
  const page = typing(ask, "1");
  await pass(50);
  page.rerender({ text: "12" });
  await pass(50);
  page.rerender({ text: "125" });
  expect(asked).toHaveLength(0);
  await pass(200);
  expect(asked.map((a) => a.input)).toEqual(["125"]);
  expect(page.result.current).toEqual({ answer: undefined, problem: undefined, pending: true });
});

test("of two questions the newer one is answered, whichever answer comes first", async () => {
  const { asked, ask } = server();
  const page = typing(ask, "old");
  await pass(200);
  page.rerender({ text: "new" });
  await pass(200);
  expect(asked[0]!.signal.aborted).toBe(true);
  await act(async () => asked[1]!.answer("to the new one"));
  await act(async () => asked[0]!.answer("to the old one"));
  expect(page.result.current).toEqual({ answer: "to the new one", problem: undefined, pending: false });
});

test("the last good answer stays while the next is on its way, and when the input is refused", async () => {
  const { asked, ask } = server();
  const page = typing(ask, "20");
  await pass(200);
  await act(async () => asked[0]!.answer("20 mL"));
  page.rerender({ text: "20 km" });
  await pass(200);
  expect(page.result.current).toEqual({ answer: "20 mL", problem: undefined, pending: true });
  const refused = new Problem(422, "That is a length.", []);
  await act(async () => asked[1]!.fail(refused));
  expect(page.result.current).toEqual({ answer: "20 mL", problem: refused, pending: false });
});

test("after an outage it is asked again by itself; what is refused is not", async () => {
  const { asked, ask } = server();
  const page = typing(ask, "20");
  await pass(200);
  await act(async () => asked[0]!.fail(new Problem(503, "away", [])));
  await pass(4000);
  expect(asked).toHaveLength(2);
  await act(async () => asked[1]!.fail(new Problem(422, "no", [])));
  await pass(60_000);
  expect(asked).toHaveLength(2);
  expect(page.result.current.problem?.status).toBe(422);
});

test("without input there is no answer, not even an old one", async () => {
  const { asked, ask } = server();
  const page = typing(ask, "20");
  await pass(200);
  await act(async () => asked[0]!.answer("20 mL"));
  page.rerender({ text: undefined });
  expect(page.result.current).toEqual({ answer: undefined, problem: undefined, pending: false });
});

test("it is asked anew when what the answer rests on has changed", async () => {
  const { asked, ask } = server();
  const page = typing(ask, "20");
  await pass(200);
  await act(async () => asked[0]!.answer("before"));
  page.rerender({ text: "20", version: 2 });
  await pass(200);
  await act(async () => asked[1]!.answer("after"));
  expect(asked.map((a) => a.input)).toEqual(["20", "20"]);
  expect(page.result.current.answer).toBe("after");
});

test("a page that is left asks no more", async () => {
  const { asked, ask } = server();
  const page = typing(ask, "20");
  page.unmount();
  await pass(1000);
  expect(asked).toHaveLength(0);
});
