import { useEffect, useSyncExternalStore } from "react";
import { api, call, newId, Problem, type Recorded, type Seen, type SkipReason, type Tended } from ".";
import { serverNow } from "./away";

/** A piece of work as a thumb recorded it, waiting to be sent. Its key stays the same however often it is sent. */
export type Work = {
  key: string;
  lotId: string;
  lotName: string;
  item: string;
  at: string;
  vesselId?: string;
  seen?: Seen;
  tended?: Tended;
  skip?: { reason: SkipReason; days: number; note?: string };
};

export type Refused = Work & { why: string };
export type Outbox = { waiting: Work[]; refused: Refused[] };

const boxes = new Map<string, Outbox>();
const listeners = new Set<() => void>();
const sending = new Set<string>();
/** When each piece of work was taken by the server, in this page's time. */
const takenAt = new Map<string, number>();
const piece = (garden: string, work: { lotId: string; item: string }) => `${garden} ${work.lotId} ${work.item}`;

// each piece of work is kept under a name of its own, so that no page writes over what another one recorded
const OUTBOX = "outbox:";
const named = (garden: string, key: string) => `${OUTBOX}${garden}:${key}`;
type Kept = Work & { why?: string };

function keep(garden: string, work: Kept) {
  localStorage.setItem(named(garden, work.key), JSON.stringify(work));
  changed();
}

function drop(garden: string, key: string) {
  localStorage.removeItem(named(garden, key));
  changed();
}

function changed() {
  boxes.clear();
  listeners.forEach((l) => l());
}

addEventListener("storage", (e) => {
  if (e.key === null || e.key.startsWith(OUTBOX)) changed();
});

/** What pages of earlier versions kept together. */
function takeApart(garden: string) {
  const together = localStorage.getItem(OUTBOX + garden);
  if (together === null) return;
  const box = JSON.parse(together) as Outbox;
  for (const work of [...box.waiting, ...box.refused])
    localStorage.setItem(named(garden, work.key), JSON.stringify(work));
  localStorage.removeItem(OUTBOX + garden);
}

/** What waits and what was refused, at this moment; the same object until that changes. */
export function peek(garden: string): Outbox {
  const known = boxes.get(garden);
  if (known) return known;
  takeApart(garden);
  const kept = Array.from({ length: localStorage.length }, (_, i) => localStorage.key(i) ?? "")
    .filter((name) => name.startsWith(named(garden, "")))
    .map((name) => JSON.parse(localStorage.getItem(name) ?? "{}") as Kept)
    .sort((x, y) => x.at.localeCompare(y.at));
  const box = {
    waiting: kept.filter((w) => w.why === undefined),
    refused: kept.filter((w): w is Refused => w.why !== undefined),
  };
  boxes.set(garden, box);
  return box;
}

function post(garden: string, work: Work): Promise<Recorded> {
  const item = {
    lotId: work.lotId,
    item: work.item,
    ...(work.seen ? { seen: work.seen } : {}),
    ...(work.tended ? { tended: work.tended } : {}),
  };
  const params = { path: { garden } };
  return work.skip
    ? call(
        api.POST("/api/gardens/{garden}/skips", {
          params,
          body: { clientKey: work.key, items: [item], occurredAt: work.at, ...work.skip },
        }),
      )
    : call(
        api.POST("/api/gardens/{garden}/ticks", {
          params,
          body: {
            clientKey: work.key,
            items: [item],
            occurredAt: work.at,
            ...(work.vesselId ? { vesselId: work.vesselId } : {}),
          },
        }),
      );
}

/** Records work at once, here; it is sent as soon as the server answers. */
export function record(garden: string, work: Omit<Work, "key" | "at">) {
  keep(garden, { ...work, key: newId(), at: serverNow() });
}

/** Whether the server took work after it was last asked for the list, which then still shows it as due. */
export const takenSince = (garden: string, work: { lotId: string; item: string }, asked: number) =>
  (takenAt.get(piece(garden, work)) ?? 0) > asked;

/** Takes back work that has not been sent yet. */
export const withdraw = (garden: string, key: string) => drop(garden, key);

export const dismiss = (garden: string, key: string) => drop(garden, key);

/** Sends what waits, oldest first. What the server refuses is kept with its reason; when it is away, all is. */
async function send(garden: string, sent: (work: Work, act: Recorded) => void) {
  if (sending.has(garden)) return;
  sending.add(garden);
  try {
    for (let work = peek(garden).waiting[0]; work; work = peek(garden).waiting[0]) {
      const now = work;
      try {
        const act = await post(garden, now);
        takenAt.set(piece(garden, now), Date.now());
        drop(garden, now.key);
        sent(now, act);
      } catch (e) {
        if (!(e instanceof Problem) || e.retry) return;
        keep(garden, { ...now, why: e.faults[0]?.detail ?? e.detail });
      }
    }
  } finally {
    sending.delete(garden);
  }
}

const TRY_AGAIN_MS = 3_000;

/** What waits to be sent, and what was refused. */
export const useOutbox = (garden: string): Outbox =>
  useSyncExternalStore(
    (l) => {
      listeners.add(l);
      return () => listeners.delete(l);
    },
    () => peek(garden),
  );

/** Sends what waits in the background, for as long as any page of the garden is open. */
export function useSending(garden: string, sent: (work: Work, act: Recorded) => void) {
  const count = useOutbox(garden).waiting.length;
  useEffect(() => {
    if (count === 0) return;
    void send(garden, sent);
    const again = setInterval(() => void send(garden, sent), TRY_AGAIN_MS);
    return () => clearInterval(again);
  }, [garden, count, sent]);
}
