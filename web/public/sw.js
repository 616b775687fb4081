/* Keeps the page and the work of the day at hand while the server is away. What was kept is told by a header. */
const KEPT = "cistern-2";
const EARLY = "/early.js";
const DATA = /^\/api\/(catalogue|gardens|gardens\/[^/]+(\/(today|species|feeds|mixes|lots))?)$/;

self.addEventListener("install", (event) => {
  self.skipWaiting();
  event.waitUntil(fetch("/").then(keepShell));
});
self.addEventListener("activate", (event) =>
  event.waitUntil(
    caches
      .keys()
      .then((names) => Promise.all(names.filter((n) => n !== KEPT).map((n) => caches.delete(n))))
      .then(() => self.clients.claim()),
  ),
);

/** What is looked for is answered by the server alone: every word typed would be kept for ever. */
const sought = (url) => url.searchParams.get("find") || Number(url.searchParams.get("offset")) > 0;

/** The page itself with the files it begins with; those of an earlier version go. */
async function keepShell(page) {
  const cache = await caches.open(KEPT);
  const text = await page.clone().text();
  const before = await cache.match("/");
  if (before && (await before.text()) === text) return;
  const old = (await cache.keys()).filter(
    (k) => new URL(k.url).pathname.startsWith("/assets/") || k.url.endsWith(EARLY),
  );
  await Promise.all(old.map((k) => cache.delete(k)));
  const files = [...text.matchAll(/"(\/assets\/[^"]+|\/early\.js)"/g)].map((m) => m[1]);
  await Promise.all([cache.put("/", page), cache.addAll(files)]);
}

/** The page from the server, kept meanwhile; or as it was kept. */
async function page(event) {
  try {
    const response = await fetch(event.request);
    if (response.ok) event.waitUntil(keepShell(response.clone()));
    return response.status >= 502 ? await kept("/") : response;
  } catch {
    return kept("/");
  }
}

async function keep(key, response) {
  const cache = await caches.open(KEPT);
  await cache.put(key, response);
}

async function kept(key) {
  const found = await (await caches.open(KEPT)).match(key);
  if (!found) return Response.error();
  const headers = new Headers(found.headers);
  headers.set("From-Cache", found.headers.get("Date") ?? "unknown");
  return new Response(found.body, { status: found.status, headers });
}

/** The server's word where it gives one, else what was kept of it. */
async function fresh(request, key) {
  try {
    const response = await fetch(request);
    if (response.ok) await keep(key, response.clone());
    return response.status >= 502 ? await kept(key) : response;
  } catch {
    return kept(key);
  }
}

async function asset(request) {
  const found = await (await caches.open(KEPT)).match(request);
  if (found) return found;
  const response = await fetch(request);
  if (response.ok) await keep(request, response.clone());
  return response;
}

self.addEventListener("fetch", (event) => {
  const { request } = event;
  const url = new URL(request.url);
  if (request.method !== "GET" || url.origin !== self.location.origin) return;
  if (request.mode === "navigate") event.respondWith(page(event));
  else if (url.pathname.startsWith("/assets/") || url.pathname === "/pot.svg" || url.pathname === EARLY)
    event.respondWith(asset(request));
  else if (DATA.test(url.pathname) && !sought(url)) event.respondWith(fresh(request, request.url));
});
