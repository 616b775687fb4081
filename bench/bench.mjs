// Measures a running Even Cistern over HTTP: a bench of many lots, and the live answers.
//   node bench/bench.mjs http://127.0.0.1:8484 [LOTS [DATA]]
// With the folder of the data the journal is filled too, by bench/fill.
// ONLY='deed|calendar' in the environment measures only what is named so.
// Prints medians and 99th percentiles in milliseconds, of whole requests as a page makes them, on loopback.
import { randomUUID } from "node:crypto";
import { execFileSync } from "node:child_process";
import { fileURLToPath } from "node:url";
import http from "node:http";
import { setTimeout as sleep } from "node:timers/promises";

const base = process.argv[2];
const many = Number(process.argv[3] ?? 10_000);
const data = process.argv[4];
const only = process.env.ONLY && new RegExp(process.env.ONLY);
if (!base) {
  console.error("usage: node bench/bench.mjs ADDRESS [LOTS]");
  process.exit(2);
}

// lots in one answer, as the page asks for them
const PAGE = 60;
const agent = new http.Agent({ keepAlive: true, maxSockets: 1 });
let cookie = "";

function send(method, path, body) {
  const token = /XSRF-TOKEN=([^;]+)/.exec(cookie)?.[1];
  const text = body === undefined || typeof body === "string" ? body : JSON.stringify(body);
  return new Promise((resolve, reject) => {
    const request = http.request(
      base + encodeURI(path),
      {
        method,
        agent,
        headers: {
          ...(text === undefined ? {} : { "Content-Type": "application/json", "Content-Length": Buffer.byteLength(text) }),
          ...(cookie ? { Cookie: cookie } : {}),
          ...(token ? { "X-XSRF-TOKEN": token } : {}),
        },
      },
      (response) => {
        const set = (response.headers["set-cookie"] ?? []).find((c) => c.startsWith("XSRF-TOKEN="));
        if (set) cookie = set.split(";")[0];
        const parts = [];
        response.on("data", (p) => parts.push(p));
        response.on("end", () => {
          const all = Buffer.concat(parts);
          if (response.statusCode < 300) resolve(all);
          else reject(new Error(`${method} ${path}: ${response.statusCode} ${all.toString().slice(0, 300)}`));
        });
      },
    );
    request.on("error", reject);
    request.end(text);
  });
}
const json = async (...a) => JSON.parse(await send(...a));

/** The times of requests, by so many users of whom each asks again once answered, after a pause of about so many ms. */
async function measure(name, times, request, { users = 1, before = 300, pause = 0 } = {}) {
  if (only && !only.test(name)) return;
  // as of a server that has been running: by then it has compiled what it uses
  for (let i = 0; i < before; i++) await request(i);
  const taken = [];
  let next = 0;
  const user = async () => {
    while (next < times) {
      const i = next++;
      const start = performance.now();
      await request(i);
      taken.push(performance.now() - start);
      if (pause > 0) await sleep(pause * (0.5 + Math.random()));
    }
  };
  agent.maxSockets = users;
  await Promise.all(Array.from({ length: users }, user));
  agent.maxSockets = 1;
  taken.sort((a, b) => a - b);
  const at = (share) => taken[Math.min(taken.length - 1, Math.floor(share * taken.length))].toFixed(1).padStart(8);
  console.log(`${name.padEnd(44)} median ${at(0.5)}   p99 ${at(0.99)} ms`);
}

await send("GET", "/api/gardens");
const typed = (text, unit) => ({ text, unit });
const seed = await json("POST", "/api/gardens", {
  name: "Long Reach Nursery",
  timeZone: "Europe/London",
  latitude: typed("52.4", "°"),
  unitHabit: "metric",
  hand: "spoons",
});
const pot = { shape: "round", top: typed("12", "cm"), base: typed("9", "cm"), height: typed("11", "cm") };
await send("PUT", `/api/gardens/${seed.id}/lots`, {
  id: randomUUID(),
  name: "Seedling",
  pots: typed("1", ""),
  species: "streptocarpus",
  pot,
  mix: "peat_perlite",
  placeId: seed.places[0].id,
  waterId: seed.waters[0].id,
  courses: [],
  version: 0,
});

const feeds = [];
for (const [name, label, coated] of [
  ["Bench salts", "1 g per litre every two weeks"],
  ["Bench tonic", "0.5 g per litre every month"],
  ["Bench beads", "3 g per litre of mix at potting", "6"],
]) {
  const id = randomUUID();
  feeds.push(id);
  await send("PUT", `/api/gardens/${seed.id}/feeds`, {
    id,
    name,
    form: "dry",
    n: typed("20", "%"),
    p2o5: typed("20", "%"),
    k2o: typed("20", "%"),
    label,
    coatedMonths: coated && typed(coated, ""),
    answers: [],
    wordsSeen: false,
    version: 0,
  });
}

// the same garden under another name, its one lot many times over, one in twenty of them fed
const file = JSON.parse(await send("GET", `/api/gardens/${seed.id}/file`));
const garden = randomUUID();
const today = new Date(file.lot[0].started_on);
const species = ["streptocarpus", "hoya", "clivia", "olive", "heather"];
file.garden.id = garden;
file.act = [];
file.change = [];
file.lot = Array.from({ length: many }, (_, i) => ({
  ...file.lot[0],
  id: randomUUID(),
  name: `Batch ${String(i).padStart(5, "0")} ${species[i % species.length]}`,
  species: species[i % species.length],
  place_id: file.place[i % file.place.length].id,
  watered_before: new Date(today - (i % 40) * 86_400_000).toISOString().slice(0, 10),
}));
// programmes of three, one of them strewn
file.lot_course = file.lot
  .filter((_, i) => i % 20 === 0)
  .flatMap((lot) => feeds.map((feed, place) => ({ lot_id: lot.id, place, feed_id: feed, share: place === 0 ? 50 : 100 })));
const begun = performance.now();
await send("POST", "/api/garden-files", JSON.stringify(file));
console.log(`garden file of ${many} lots brought in: ${((performance.now() - begun) / 1000).toFixed(1)} s`);

if (data) {
  const filling = performance.now();
  execFileSync(fileURLToPath(new URL("fill", import.meta.url)), [data, garden], { stdio: "inherit" });
  agent.destroy(); // the server has hung up meanwhile
  console.log(`${300 * many} waterings and ${200 * many} readings in the journal: ${((performance.now() - filling) / 1000).toFixed(1)} s`);
}

const lots = `/api/gardens/${garden}/lots`;
const pages = Math.max(1, Math.floor(many / PAGE));
await measure(`bench, a page of ${PAGE}, anywhere`, 400, (i) => send("GET", `${lots}?limit=${PAGE}&offset=${(i % pages) * PAGE}`));
await measure("bench, those due", 400, (i) => send("GET", `${lots}?limit=${PAGE}&state=due&offset=${(i % 10) * PAGE}`));
await measure("bench, thirsty", 400, () => send("GET", `${lots}?limit=${PAGE}&state=thirsty`));
await measure("bench, off its band", 400, () => send("GET", `${lots}?limit=${PAGE}&state=over`));
await measure("bench, searched by name", 400, (i) => send("GET", `${lots}?limit=${PAGE}&find=batch 0${i % 100}`));
await measure("bench, in one place", 400, () => send("GET", `${lots}?limit=${PAGE}&place=${seed.places[1].id}`));
await measure("today, a leg of 200 of those due", 200, () => send("GET", `/api/gardens/${garden}/today`));
await measure("readings side by side, anywhere", 400, (i) =>
  send("GET", `/api/gardens/${garden}/readings?method=runoff&offset=${(i % pages) * PAGE}`),
);

await measure("calendar of eight weeks", 100, () => send("GET", `/api/gardens/${garden}/calendar`));

const g = await json("GET", `/api/gardens/${seed.id}`);
const mixes = await json("GET", `/api/gardens/${seed.id}/mixes`);
const part = (key, amount) => ({ component: mixes.components.find((c) => c.shipped === key), amount });
const guide = await json("GET", `/api/gardens/${seed.id}/species`);
const kind = (key) => ({ kind: guide.kinds.find((k) => k.key === key) });
const wide = (i) => ({ ...pot, top: typed(String(11 + (i % 40) / 10), "cm") });
const tried = (await json("GET", `${lots}?limit=1`)).lots[0];
const shown = (await json("GET", `${lots}?limit=200`)).lots;
const attempt = (i) => ({
  draft: {
    id: tried.id,
    name: tried.name,
    pots: typed(String(tried.pots), ""),
    species: tried.species,
    pot: wide(i),
    mix: tried.mix,
    placeId: tried.placeId,
    waterId: tried.waterId,
    courses: tried.courses,
    startedOn: tried.startedOn,
    version: tried.version,
  },
  working: i % 2 === 0,
});
await measure("a try of a lot with its working", 1000, (i) =>
  send("POST", `${lots}/${tried.id}/try`, attempt(i)),
);
const judged = (i) => ({
  reading: {
    clientKey: randomUUID(),
    method: "runoff",
    meterId: seed.meters[0].id,
    ec: typed(String(1 + (i % 30) / 10), "mS/cm"),
    ph: typed(String(5 + (i % 20) / 10), "pH"),
  },
  working: false,
});
const verdict = (i) => send("POST", `${lots}/${shown[i % shown.length].id}/verdict`, judged(i));
await measure("a verdict on a reading", 400, verdict);
await measure("the same by fifty users", 1500, verdict, { users: 50, pause: 1000 });
const onTheRound = (await json("GET", `/api/gardens/${garden}/today`)).groups.flatMap((g) => g.due);
// one item of each lot: a feed is a watering too
const ticked = [...new Map(onTheRound.map((d) => [d.lot.id, d])).values()].slice(0, 120);
if (ticked.length > 0)
  await measure(
    "a tick",
    Math.min(100, ticked.length - 20),
    (i) =>
      send("POST", `/api/gardens/${garden}/ticks`, {
        clientKey: randomUUID(),
        items: [{ lotId: ticked[20 + i].lot.id, item: ticked[20 + i].item }],
      }),
    { before: 0 },
  );
const all = (await json("GET", `${lots}?limit=200`)).lots.concat(
  (await json("GET", `${lots}?limit=200&offset=200`)).lots,
  (await json("GET", `${lots}?limit=200&offset=400`)).lots,
);
const five = all.slice(0, 500).map((l) => l.id);
await measure(
  `a deed on ${five.length} lots`,
  6,
  (i) =>
    send("POST", `/api/gardens/${garden}/deeds/move`, {
      clientKey: randomUUID(),
      lotIds: five,
      placeId: seed.places[i % seed.places.length].id,
      on: seed.today,
    }),
  { before: 2 },
);
const place = seed.places[0];
let version = place.version;
const inputs = (values, unit) => values.map((v) => typed(String(v), unit));
await measure(
  "a place edited under half of all lots",
  6,
  async (i) => {
    const now = await json("PUT", `/api/gardens/${garden}/places`, {
      id: place.id,
      name: place.name,
      kind: place.kind,
      lows: inputs(place.lows, "°C"),
      highs: inputs(place.highs, "°C"),
      humidity: typed(String(45 + i), "%"),
      lightShare: typed(String(place.lightShare * 100), "%"),
      version: version,
    });
    version = now.places.find((p) => p.id === place.id).version;
  },
  { before: 2 },
);
const label = (i) => ({
  feed: {
    id: "6f7b8a2c-1111-4222-8333-944455556666",
    name: "",
    form: "dry",
    label: `${1 + (i % 9)}½ tsp per 2 gal every 10 days`,
    answers: [],
    wordsSeen: false,
    version: 0,
  },
  canLitres: 5,
});
await measure("live reading of a label", 1000, (i) => send("POST", "/api/feed/label", label(i)));
const six = ["peat_medium", "coir_pith", "perlite_coarse", "pumice", "pine_bark_aged", "compost"];
const mix = (i) => ({
  mix: { key: "typed", parts: six.map((key, k) => part(key, String(1 + ((i + k) % 5)))) },
  pots: [wide(i), wide(i + 13), wide(i + 26)],
  species: kind("streptocarpus"),
  lime: "DOLOMITE",
  fineness: "POWDER",
  working: i % 2 === 0,
});
await measure("live mix of six parts in three pots", 1000, (i) => send("POST", "/api/mix", mix(i)));
const many25 = mixes.components.slice(0, 25);
const wish = (quality, low, high, unit) => ({ quality, low: typed(low, unit), high: typed(high, unit) });
const wishes = (i) => ({
  atHand: many25,
  pot: wide(i),
  ranges: [
    wish("AIR", String(18 + (i % 20)), String(26 + (i % 20)), "%"),
    wish("AVAILABLE", "25", "", "%"),
    wish("PH", "5.4", "6.4", "pH"),
    wish("LIFE", "3", "", "yr"),
    wish("WET_KG", "", "1.2", "kg"),
  ],
  holding: [],
  free: [],
  mayLime: true,
  mostComponents: typed("4", ""),
  mostParts: typed("16", ""),
});
await measure("a mix by wishes, of 25 components", 200, (i) => send("POST", "/api/wishes", wishes(i)));

const feed = {
  id: randomUUID(),
  name: "Bench salts",
  n: 15,
  p2o5: 7,
  k2o: 20,
  contents: { NITRATE_N: 8, AMMONIUM_N: 2, UREA_N: 5, MG: 1.2, FE: 0.05 },
  form: "dry",
  density: 0.95,
  label: "1 g per litre every 10 days",
  answers: [],
  wordsSeen: false,
  version: 1,
  retired: false,
};
const water = { ...g.waters[0], alkalinity: 165, contents: { CA: 60, MG: 5 } };
const dose = (i) => ({
  feed,
  water,
  species: kind(species[i % species.length]),
  aim: "nitrogen",
  value: typed(String(20 + (i % 40)), "mg/L"),
  vessels: g.vessels,
  hand: "spoons",
  spoons: g.spoons,
  working: i % 2 === 0,
});
await measure("dose bench", 1000, (i) => send("POST", "/api/feed/dose", dose(i)));
const check = (i) => ({
  feed,
  perLitre: 0.5,
  water,
  meter: g.meters[0],
  calibrations: [],
  on: g.today,
  reading: typed(String(0.5 + (i % 30) / 10), "mS/cm"),
  others: [],
});
await measure("can check", 1000, (i) => send("POST", "/api/feed/can-check", check(i)));
const waterForm = { id: water.id, name: "Tap", ec: typed("0.45", "mS/cm"), ph: typed("7.4", "pH"), version: 1 };
const acid = (i) => ({
  water: { ...waterForm, alkalinity: typed(String(80 + (i % 200)), "mg/L CaCO₃") },
  potLitres: typed("1", "L"),
  targetPh: typed("6", "pH"),
  product: "citric",
  litres: typed("10", "L"),
  trade: false,
});
await measure("water to a pH", 1000, (i) => send("POST", "/api/water", acid(i)));
const goals = { N: 150, P: 30, K: 180, CA: 120, MG: 35, S: 60, FE: 2, MN: 0.5, ZN: 0.2, CU: 0.05, B: 0.4, MO: 0.04 };
const salts = (await json("GET", "/api/blend/salts")).map((s) => s.key).slice(0, 15);
const blend = (i) => ({
  feeds: [],
  salts,
  targets: Object.fromEntries(
    Object.entries(goals).map(([goal, mg], k) => [goal, typed(String(mg * (0.7 + ((i + k) % 7) / 10)), "mg/L")]),
  ),
  water,
});
await measure("a blend of 15 products to 12 targets", 300, (i) => send("POST", "/api/blend", blend(i)));
