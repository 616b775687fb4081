import { useSyncExternalStore } from "react";

/** Since when the server has not answered, so that what is shown was kept: from a header of the page's own keeper. */
let since: string | undefined;
const listeners = new Set<() => void>();

function set(value: string | undefined) {
  if (value === since) return;
  since = value;
  listeners.forEach((l) => l());
}

/** Takes note of whether an answer came from the server or was kept. */
export function heard(response: Response) {
  const kept = response.headers.get("From-Cache");
  if (kept) set(since ?? kept);
  else if (response.ok) set(undefined);
}

export const useAway = () =>
  useSyncExternalStore(
    (l) => {
      listeners.add(l);
      return () => listeners.delete(l);
    },
    () => since,
  );

const SKEW = "server-clock";

/** Sets the clock by the server's, unless the answer was only kept. */
export function setClock(now: string, response: Response) {
  if (!response.headers.get("From-Cache")) localStorage.setItem(SKEW, String(Date.parse(now) - Date.now()));
}

/** The time by the server's clock, as last heard. */
export const serverNow = () => new Date(Date.now() + Number(localStorage.getItem(SKEW) ?? 0)).toISOString();

/** Has the browser keep the page, where it may: on this machine, or over https. */
export function keepPage(renew: () => void) {
  if (!("serviceWorker" in navigator)) return;
  void navigator.serviceWorker.register("/sw.js");
  navigator.serviceWorker.addEventListener("controllerchange", renew);
}

/** Whether a reload finds the page while the server is away. */
export const keepsPage = () => "serviceWorker" in navigator;
