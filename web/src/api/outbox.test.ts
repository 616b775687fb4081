import { beforeEach, describe, expect, it, vi } from "vitest";

/** What a browser keeps for all tabs of the page. */
function storage(): Storage {
  const kept = new Map<string, string>();
  return {
    getItem: (k) => kept.get(k) ?? null,
    setItem: (k, v) => void kept.set(k, v),
    removeItem: (k) => void kept.delete(k),
    clear: () => kept.clear(),
    key: (i) => [...kept.keys()][i] ?? null,
    get length() {
      return kept.size;
    },
  };
}

/** A tab: its own copy of the page's code over what the browser keeps for all. */
async function tab() {
  vi.resetModules();
  return import("./outbox");
}

const waiting = (garden: string) =>
  (JSON.parse(localStorage.getItem(`outbox:${garden}`) ?? '{"waiting":[]}') as { waiting: { item: string }[] }).waiting;

const tick = (item: string) => ({ lotId: "lot", lotName: "Fern", item });

beforeEach(() => vi.stubGlobal("localStorage", storage()));

describe("outbox", () => {
  it("keeps the ticks of two tabs", async () => {
    const first = await tab();
    first.record("g", tick("water:1"));
    const second = await tab();
    second.record("g", tick("feed:2"));
    first.record("g", tick("care:3"));
    expect(waiting("g").map((w) => w.item)).toEqual(["water:1", "feed:2", "care:3"]);
  });

  it("does not bring back in one tab what was taken back in another", async () => {
    const first = await tab();
    first.record("g", tick("water:1"));
    const second = await tab();
    const [work] = waiting("g") as unknown as { key: string }[];
    second.withdraw("g", work?.key ?? "");
    first.record("g", tick("feed:2"));
    expect(waiting("g").map((w) => w.item)).toEqual(["feed:2"]);
  });

  it("keeps gardens apart", async () => {
    const page = await tab();
    page.record("g", tick("water:1"));
    page.record("h", tick("water:2"));
    expect(waiting("g")).toHaveLength(1);
    expect(waiting("h")).toHaveLength(1);
  });
});
