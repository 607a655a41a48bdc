// How fast short answers come while long ones are computed, how soon work stops when the page hangs up, and how long a shutdown takes.
// Starts the built server itself on a demo of its own: node bench/busy.mjs [port]. Never part of the tests; goals stand in docs/performance.md.
import { spawn } from "node:child_process";
import { mkdtempSync, readFileSync, rmSync } from "node:fs";
import { tmpdir } from "node:os";
import { dirname, join } from "node:path";
import { fileURLToPath } from "node:url";

const port = Number(process.argv[2] ?? 5298);
const base = `http://127.0.0.1:${port}`;
const home = join(
  dirname(fileURLToPath(import.meta.url)),
  "..",
  "artifacts",
  "rimrock",
);
const folder = mkdtempSync(join(tmpdir(), "rimrock-busy-"));
const server = spawn(
  join(home, "Rimrock.Web"),
  ["--port", port, "--demo", "true", "--database", join(folder, "busy.db")],
  { cwd: home, stdio: "ignore" },
);
const wait = (ms) => new Promise((settle) => setTimeout(settle, ms));
const post = (path, body, signal) =>
  fetch(base + path, {
    method: "POST",
    headers: { "content-type": "application/json" },
    body: JSON.stringify(body),
    signal,
  }).then((answer) => answer.arrayBuffer());
const cpuS = () => {
  const fields = readFileSync(`/proc/${server.pid}/stat`, "utf8")
    .split(") ")[1]
    .split(" ");
  return (Number(fields[11]) + Number(fields[12])) / 100;
};
const told = (what, times) => {
  const sorted = [...times].sort((a, b) => a - b);
  const at = (share) => sorted[Math.min(sorted.length - 1, Math.floor(share * sorted.length))];
  console.log(
    `${what}: median ${at(0.5).toFixed(0)}, P95 ${at(0.95).toFixed(0)}, worst ${sorted.at(-1).toFixed(0)} ms of ${sorted.length}`,
  );
};

for (;;) {
  await wait(200);
  if (await fetch(`${base}/api/shelf`).then((a) => a.ok, () => false)) break;
}
const { content } = await (await fetch(`${base}/api/shelf`)).json();
const body = (kind, id) => content[kind].find((item) => item.id === id).body;
const entry = body("cars", "harrow");
let number = 0;
const plan = () => ({
  car: { ...entry.car, massKg: 1500 + (number++ % 4000) / 20 },
  circuit: body("circuits", "gullmouth"),
  pace: "advanced",
  stint: { sessions: 3, minutesEach: 20, restMinutes: 40 },
  weather: { ambientC: 24 },
  frontPad: body("pads", "fell-3"),
  rearPad: body("pads", "fell-3"),
  frontRotor: entry.frontRotor,
  rearRotor: entry.rearRotor,
  fluid: body("fluids", "cairn-5"),
  fluidState: entry.fluidState,
});
const timed = async (work) => {
  const begin = performance.now();
  await work();
  return performance.now() - begin;
};
for (let i = 0; i < 12; i++) await post("/api/predictions?course=false", plan());

let busy = true;
const bands = (async () => {
  let count = 0;
  for (; busy; count++) await post("/api/predictions/band", { plan: plan() });
  return count;
})();
const [verdicts, pages] = [[], []];
for (let i = 0; i < 60; i++) {
  verdicts.push(await timed(() => post("/api/predictions?course=false", plan())));
  pages.push(
    await timed(async () => (await fetch(`${base}/api/log/harrow/sessions`)).arrayBuffer()),
  );
  await wait(60);
}
busy = false;
console.log(`${await bands} bands were computed meanwhile`);
told("a verdict while bands run", verdicts);
told("a page of the log while bands run", pages);

const hangUp = new AbortController();
const gone = post("/api/matches", { plan: plan(), wishes: {} }, hangUp.signal).catch(() => undefined);
await wait(250);
hangUp.abort();
await gone;
const begin = performance.now();
for (let before = cpuS(); ; ) {
  await wait(100);
  const now = cpuS();
  if (now - before < 0.03) break;
  before = now;
}
console.log(`work stops ${(performance.now() - begin - 100).toFixed(0)} ms after hanging up`);

void post("/api/matches", { plan: plan(), wishes: {} }).catch(() => undefined);
await wait(250);
console.log(
  `a shutdown in the middle of a long answer takes ${(
    await timed(() => new Promise((settle) => {
      server.on("exit", settle);
      server.kill("SIGTERM");
    }))
  ).toFixed(0)} ms`,
);
rmSync(folder, { recursive: true });
