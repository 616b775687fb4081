// Records work all the time while the server, its database or both are killed, frozen or without room. Everything that was
// acknowledged has to be there, once; and where each lot stands has to be what its journal says.
//   node bench/faults.mjs DATA ROUNDS [SMALL]
import { execFileSync } from "node:child_process";
import { randomUUID } from "node:crypto";
import { existsSync, readFileSync, rmSync, writeFileSync } from "node:fs";
import { setTimeout as sleep } from "node:timers/promises";

const [data, rounds, small] = [process.argv[2], Number(process.argv[3]), Boolean(process.argv[4])];
const base = readFileSync(`${data}/address`, "utf8").trim().replace(/\/$/, "");
const PATIENCE_MS = 180_000;
const HANDS = 6;

let token = "";
async function send(method, path, body) {
  const response = await fetch(base + path, {
    method,
    signal: AbortSignal.timeout(40_000),
    headers: {
      ...(body ? { "Content-Type": "application/json" } : {}),
      ...(token ? { Cookie: `XSRF-TOKEN=${token}`, "X-XSRF-TOKEN": token } : {}),
    },
    body: body && JSON.stringify(body),
  });
  const set = /XSRF-TOKEN=([^;]+)/.exec(response.headers.get("set-cookie") ?? "");
  if (set) token = set[1];
  const text = await response.text();
  return { status: response.status, body: text.startsWith("{") || text.startsWith("[") ? JSON.parse(text) : text };
}
async function get(path) {
  const { status, body } = await send("GET", path);
  if (status !== 200) throw new Error(`GET ${path}: ${status}`);
  return body;
}
const wrong = [];
function ask(sql) {
  const port = readFileSync(`${data}/pg/port`, "utf8").trim();
  const env = { ...process.env, PGPASSWORD: readFileSync(`${data}/pg/pw`, "utf8") };
  const args = ["-qAtX", "-h", "127.0.0.1", "-p", port, "-U", "app", "-d", "postgres", "-c", sql];
  return execFileSync("psql", args, { env, encoding: "utf8" }).trim();
}

const garden = (await get("/api/gardens"))[0].id;
const home = `/api/gardens/${garden}`;
const lots = (await get(`${home}/lots?limit=60`)).lots.map((l) => l.id);

// --- work ---

const recorded = new Map(); // by key: the act as it was acknowledged
let unanswered = 0;
let going = true;

async function work(lot) {
  const kind = Math.floor(Math.random() * 4);
  const clientKey = `faults-${randomUUID()}`;
  if (kind === 0) return { path: `${home}/deeds/note`, body: { clientKey, lotIds: [lot], text: "under load" } };
  if (kind === 1) {
    const { state } = await get(`${home}/lots/${lot}`);
    return { path: `${home}/ticks`, body: { clientKey, items: [{ lotId: lot, item: state.waterItem }] } };
  }
  return { path: `${home}/given`, body: { clientKey, lotIds: [lot], feed: kind === 2 } };
}

/** Sends it until it is answered, as a page does; what was not answered is then sent twice at once. */
async function record({ path, body }) {
  for (let tries = 1; going || tries > 1; tries++) {
    try {
      const answers = await Promise.all(tries > 1 ? [send("POST", path, body), send("POST", path, body)] : [send("POST", path, body)]);
      for (const { status, body: act } of answers) {
        if (status === 200) {
          const before = recorded.get(body.clientKey);
          if (before && before !== act.actId) wrong.push(`${body.clientKey} was answered as two acts`);
          recorded.set(body.clientKey, act.actId);
        } else if (status >= 500 && status !== 503) wrong.push(`${path}: ${status}`);
      }
      if (answers.every((a) => a.status !== 503)) return;
    } catch {
      unanswered++;
    }
    await sleep(300);
  }
}

async function hand(n) {
  while (going) {
    try {
      await record(await work(lots[Math.floor(Math.random() * lots.length)]));
    } catch {
      await sleep(300); // away
    }
    await sleep(20 * n);
  }
}

// --- what goes wrong ---

const serverPid = () => Number(readFileSync(`${data}/server.pid`, "utf8"));
const postmaster = () => Number(readFileSync(`${data}/pg/data/postmaster.pid`, "utf8").split("\n")[0]);
const backends = () =>
  execFileSync("ps", ["-o", "pid=,args=", "--ppid", String(postmaster())], { encoding: "utf8" })
    .split("\n")
    .filter((l) => l.includes("cistern postgres"))
    .map((l) => Number(l.trim().split(" ")[0]));
const kill = (pid, signal) => {
  try {
    process.kill(pid, signal);
  } catch {
    // it has gone by itself
  }
};

const faults = {
  "kill -9 of the server": () => kill(serverPid(), "SIGKILL"),
  "kill -9 of the database": () => kill(postmaster(), "SIGKILL"),
  "kill -9 of one of its connections": () => kill(backends()[0], "SIGKILL"),
  "kill -9 of both": () => {
    kill(serverPid(), "SIGKILL");
    kill(postmaster(), "SIGKILL");
  },
  "database frozen for 23 s": async () => {
    const all = [postmaster(), ...backends()];
    all.forEach((p) => kill(p, "SIGSTOP"));
    await sleep(23_000);
    all.forEach((p) => kill(p, "SIGCONT"));
  },
};
if (small) {
  faults["disk full for 10 s"] = async () => {
    const filler = `${data}/filler`;
    try {
      for (let size = 1; ; size++) writeFileSync(filler, Buffer.alloc(1 << 20), { flag: "a" });
    } catch {
      // now it is full
    }
    await sleep(10_000);
    rmSync(filler);
  };
}

async function well() {
  const end = Date.now() + PATIENCE_MS;
  while (Date.now() < end) {
    try {
      if ((await send("GET", "/actuator/health/readiness")).status === 200 && (await send("GET", home)).status === 200) return true;
    } catch {
      // not yet
    }
    await sleep(250);
  }
  return false;
}

const hands = Array.from({ length: HANDS }, (_, n) => hand(n));
const names = Object.keys(faults);
for (let round = 0; round < rounds && wrong.length === 0; round++) {
  await sleep(3_000);
  const name = names[round % names.length];
  const start = Date.now();
  await faults[name]();
  await sleep(500);
  if (!(await well())) wrong.push(`${name}: no answer after ${PATIENCE_MS / 1000} s`);
  console.log(`${name.padEnd(36)} well again after ${((Date.now() - start) / 1000).toFixed(1).padStart(5)} s; ${recorded.size} acts acknowledged`);
}
await sleep(2_000);
going = false;
await Promise.all(hands);

// --- what is there ---

const kept = new Map(
  ask(`select a.client_key, a.id, count(j.id) from act a left join journal j on j.garden_id = a.garden_id and j.act_id = a.id
       where a.client_key like 'faults-%' group by 1, 2`)
    .split("\n")
    .filter(Boolean)
    .map((l) => l.split("|"))
    .map(([key, id, lines]) => [key, { id, lines: Number(lines) }]),
);
for (const [key, act] of recorded) {
  const there = kept.get(key);
  if (!there) wrong.push(`${key} was acknowledged and is not there`);
  else if (there.id !== act || there.lines !== 1) wrong.push(`${key} has ${there.lines} lines in the journal`);
}
const states = async () => JSON.stringify(await Promise.all(lots.map(async (l) => (await get(`${home}/lots/${l}`)).state)));
const standing = await states();
ask(`update lot_state set stale = true where garden_id = '${garden}'`);
if ((await states()) !== standing) wrong.push("a lot stands elsewhere than its journal says");
if (existsSync(`${data}.log`)) console.log(`The start command said ${readFileSync(`${data}.log`, "utf8").split("\n").filter((l) => l.includes("again")).length} times that it started something again.`);
console.log(`${recorded.size} acts acknowledged, ${unanswered} sends unanswered, ${wrong.length} wrong`);
wrong.slice(0, 20).forEach((w) => console.error(w));
process.exit(wrong.length ? 1 : 0);
