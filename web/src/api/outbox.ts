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

const EMPTY: Outbox = { waiting: [], refused: [] };
const boxes = new Map<string, Outbox>();
const listeners = new Set<() => void>();
const sending = new Set<string>();
/** When each piece of work was taken by the server, in this page's time. */
const takenAt = new Map<string, number>();
const piece = (garden: string, work: { lotId: string; item: string }) => `${garden} ${work.lotId} ${work.item}`;
const named = (garden: string) => `outbox:${garden}`;

function read(garden: string): Outbox {
  const known = boxes.get(garden);
  if (known) return known;
  const kept = localStorage.getItem(named(garden));
  const box = kept ? (JSON.parse(kept) as Outbox) : EMPTY;
  boxes.set(garden, box);
  return box;
}

function write(garden: string, change: (box: Outbox) => Outbox) {
  const box = change(read(garden));
  boxes.set(garden, box);
  localStorage.setItem(named(garden), JSON.stringify(box));
  listeners.forEach((l) => l());
}

const without = (box: Outbox, key: string): Outbox => ({ ...box, waiting: box.waiting.filter((w) => w.key !== key) });

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
  const whole = { ...work, key: newId(), at: serverNow() };
  write(garden, (box) => ({ ...box, waiting: [...box.waiting, whole] }));
}

/** Whether the server took work after it was last asked for the list, which then still shows it as due. */
export const takenSince = (garden: string, work: { lotId: string; item: string }, asked: number) =>
  (takenAt.get(piece(garden, work)) ?? 0) > asked;

/** Takes back work that has not been sent yet. */
export const withdraw = (garden: string, key: string) => write(garden, (box) => without(box, key));

export const dismiss = (garden: string, key: string) =>
  write(garden, (box) => ({ ...box, refused: box.refused.filter((r) => r.key !== key) }));

/** Sends what waits, oldest first. What the server refuses is kept with its reason; when it is away, all is. */
async function send(garden: string, sent: (work: Work, act: Recorded) => void) {
  if (sending.has(garden)) return;
  sending.add(garden);
  try {
    for (let work = read(garden).waiting[0]; work; work = read(garden).waiting[0]) {
      const now = work;
      try {
        const act = await post(garden, now);
        takenAt.set(piece(garden, now), Date.now());
        write(garden, (box) => without(box, now.key));
        sent(now, act);
      } catch (e) {
        if (!(e instanceof Problem) || e.retry) return;
        write(garden, (box) => ({
          ...without(box, now.key),
          refused: [...box.refused, { ...now, why: e.faults[0]?.detail ?? e.detail }],
        }));
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
    () => read(garden),
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
