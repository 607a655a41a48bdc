// How long the rooms take to open with a long log. Fills the demo car's log with so many days, then goes through the rooms with the keyboard, in a
// browser, and prints the time from the key to the painted room: the first time, with its script, and the median of seven more.
// Needs a demo of its own to fill: scripts/serve.sh --port 5299 --demo true --database a-new-file; then node bench/rooms.mjs 5299 20000.
import { createRequire } from "node:module";

const { chromium } = createRequire(
  new URL("../e2e/package.json", import.meta.url),
)("@playwright/test");
const base = `http://127.0.0.1:${process.argv[2] ?? 5299}`;
const days = Number(process.argv[3] ?? 20000);
const side = 8;

const asked = async (path, options) => {
  const answer = await fetch(base + path, options);
  if (!answer.ok)
    throw new Error(`${path}: ${answer.status} ${await answer.text()}`);
  return answer.json();
};
const page1 = await asked("/api/log/harrow/sessions");
const sample = page1.items.at(-1).body;
const dayOf = (back) =>
  new Date(Date.now() - back * 86_400_000).toISOString().slice(0, 10);
for (let first = page1.total; first < days; first += side) {
  await Promise.all(
    Array.from({ length: Math.min(side, days - first) }, (_, i) => {
      const date = dayOf(300 + ((first + i) % 9000));
      return asked(
        `/api/log/harrow/sessions/many-${first + i}?revision=0&day=${date}`,
        {
          method: "PUT",
          headers: { "content-type": "application/json" },
          body: JSON.stringify({ ...sample, date }),
        },
      );
    }),
  );
}
console.log(
  `${(await asked("/api/log/harrow/sessions")).total} days in the log`,
);

const browser = await chromium.launch({
  executablePath: process.env.RIMROCK_CHROMIUM ?? "/usr/bin/chromium",
  args: [
    "--no-sandbox",
    "--disable-gpu",
    "--disable-quic",
    "--no-first-run",
    "--disable-background-networking",
    "--disable-component-update",
    "--disable-sync",
  ],
});
const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
await page.goto(`${base}/bench`);
await page
  .locator(".limit-chance", { hasText: "%" })
  .first()
  .waitFor({ timeout: 60_000 });
// What each room shows that is its own; the Log its last days.
const rooms = {
  Choose: ["2", ".choose"],
  Ready: ["3", ".season"],
  Log: ["4", ".history li"],
  Shelf: ["5", ".shelf-list"],
  Bench: ["1", "[aria-label=Strata]"],
};
const opened = (key, selector) =>
  page.evaluate(
    ([pressed, wanted]) =>
      new Promise((done) => {
        const start = performance.now();
        const look = () => {
          if (!document.querySelector(wanted)) return false;
          requestAnimationFrame(() => {
            const channel = new MessageChannel();
            channel.port1.onmessage = () => done(performance.now() - start);
            channel.port2.postMessage(0);
          });
          return true;
        };
        document.body.dispatchEvent(
          new KeyboardEvent("keydown", { key: pressed, bubbles: true }),
        );
        const observer = new MutationObserver(
          () => look() && observer.disconnect(),
        );
        observer.observe(document.body, { childList: true, subtree: true });
      }),
    [key, selector],
  );
const times = Object.fromEntries(Object.keys(rooms).map((name) => [name, []]));
for (let round = 0; round < 8; round++) {
  for (const [name, [key, selector]] of Object.entries(rooms)) {
    times[name].push(await opened(key, selector));
    await page.waitForTimeout(round === 0 ? 6000 : 1500);
  }
}
for (const [name, all] of Object.entries(times)) {
  const later = all.slice(1).sort((a, b) => a - b);
  console.log(
    `${name}: first ${all[0].toFixed(0)} ms, then median ${later[3].toFixed(0)}, worst ${later.at(-1).toFixed(0)} ms`,
  );
}
await browser.close();
