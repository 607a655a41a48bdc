// Takes the pictures in docs/screenshots from the demo. Needs ./demo.sh running on the port given (5217 by default).
import { createRequire } from 'node:module';

const { chromium } = createRequire(new URL('../e2e/package.json', import.meta.url))('@playwright/test');
const base = `http://127.0.0.1:${process.argv[2] ?? 5217}`;
const folder = new URL('../docs/screenshots/', import.meta.url).pathname;
const browser = await chromium.launch({
  executablePath: process.env.RIMROCK_CHROMIUM ?? '/usr/bin/chromium',
  args: ['--no-sandbox', '--disable-gpu', '--disable-quic', '--no-first-run', '--disable-background-networking', '--disable-component-update', '--disable-sync'],
});

const ready = { '/bench': 'li.limit', '/choose': 'li.setup', '/ready': '.bedding-chart', '/log': '.promises', '/new': 'form' };
const fit = async (page, phrase, choice) => {
  await page.getByRole('button', { name: phrase }).first().click();
  await page.getByRole('radio', { name: choice }).first().click();
  await page.getByRole('button', { name: 'Done' }).click();
};

async function shot(name, { path = '/bench', width = 1280, height = 800, full = false, theme = 'light', act = async () => {} } = {}) {
  const page = await browser.newPage({ viewport: { width, height } });
  await page.addInitScript((value) => localStorage.setItem('rimrock.theme', value), theme);
  await page.goto(base + path);
  await page.locator(ready[path] ?? '.room-sentence').first().waitFor({ timeout: 60000 });
  if (path === '/bench') await page.locator('.limit-chance', { hasText: '%' }).first().waitFor();
  await act(page);
  await page.waitForTimeout(800);
  await page.screenshot({ path: `${folder}${name}.png`, fullPage: full });
  await page.close();
  console.log(name);
}

const weighed = (page) =>
  page.getByText('By your log').first().waitFor().then(() =>
    page.getByText('which is being weighed').waitFor({ state: 'hidden', timeout: 60000 }));
await shot('bench', { full: true, act: weighed });
await shot('bench-pads', {
  act: async (page) => {
    await page.getByRole('button', { name: 'Tern Daily' }).first().click();
    await page.getByRole('radio', { name: 'Whin Day' }).first().hover();
    await page.waitForTimeout(1500);
    await page.evaluate(() => window.scrollTo(0, 0));
  },
});
await shot('bench-rotors', {
  act: async (page) => {
    await page.getByRole('button', { name: /rotors, no ducts/ }).click();
    const editor = page.getByRole('group', { name: 'Rotors and air' });
    await editor.getByRole('radio', { name: /two-piece curved/ }).first().click();
    await editor.getByLabel('Duct hose', { exact: true }).fill('76');
    await editor.getByRole('radio', { name: /trimmed/ }).first().click();
    await page.evaluate(() => window.scrollTo(0, 0));
    await page.mouse.move(640, 5);
    await page.waitForTimeout(1500);
  },
});
await shot('bench-live', {
  height: 900,
  act: async (page) => {
    await page.getByRole('button', { name: 'Watch a simulated car' }).click();
    await page.waitForTimeout(9500);
    await page.getByRole('button', { name: /Learn from the log/ }).click();
    await page.getByText(/of \d+ ways this car could be/).waitFor({ timeout: 20000 });
    await page.getByRole('heading', { name: 'Lap story' }).scrollIntoViewIfNeeded();
    await page.evaluate(() => window.scrollBy(0, 430));
  },
});
await shot('bench-dark', { theme: 'dark', act: (page) => page.getByRole('button', { name: 'Gullmouth' }).click() });
await shot('bench-paddock', { width: 390, height: 844 });
await shot('new-car', { path: '/new', act: (page) => page.getByLabel('Mass with driver').fill('1420') });
const judged = (page) => page.getByText(/setups weighed/).waitFor({ timeout: 60000 });
await shot('choose', { act: judged, path: '/choose' });
await shot('choose-side-by-side', {
  path: '/choose',
  act: async (page) => {
    await judged(page);
    for (let i = 0; i < 3; i++) {
      await page.getByRole('button', { name: 'Pin side by side' }).first().click();
      await page.waitForTimeout(600);
    }
    await page.getByRole('heading', { name: 'Side by side' }).evaluate((heading) => heading.scrollIntoView());
  },
});
await shot('choose-ask', {
  path: '/choose',
  act: async (page) => {
    await judged(page);
    await page.getByText(/Just met: danger/).waitFor({ timeout: 60000 });
    await page.locator('#ask').scrollIntoViewIfNeeded();
    await page.evaluate(() => document.getElementById('ask').scrollIntoView());
  },
});
await shot('shelf-garage', { path: '/shelf' });
await shot('shelf', { path: '/shelf?kind=rotors&open=fell-332' });
await shot('shelf-curve', { path: '/shelf?kind=pads&open=fell-3' });
await shot('shelf-digitizer', {
  path: '/shelf?kind=pads&open=new',
  act: async (page) => {
    // A printed chart, drawn here: two axes and a falling curve.
    const picture = await page.evaluate(() => {
      const canvas = Object.assign(document.createElement('canvas'), { width: 620, height: 300 });
      const pen = canvas.getContext('2d');
      pen.fillStyle = '#fdfcf8';
      pen.fillRect(0, 0, 620, 300);
      pen.strokeStyle = pen.fillStyle = '#333';
      pen.font = '14px sans-serif';
      pen.beginPath();
      pen.moveTo(60, 20);
      pen.lineTo(60, 260);
      pen.lineTo(600, 260);
      pen.stroke();
      for (let c = 0; c <= 800; c += 200) pen.fillText(String(c), 50 + c * 0.65, 280);
      for (let mu = 0; mu <= 6; mu += 2) pen.fillText((mu / 10).toFixed(1), 30, 265 - mu * 40);
      pen.lineWidth = 2.5;
      pen.beginPath();
      for (let c = 0; c <= 800; c += 10) pen.lineTo(60 + c * 0.65, 260 - 400 * (0.3 + 0.17 * Math.exp(-(((c - 380) / 300) ** 2))));
      pen.stroke();
      return canvas.toDataURL('image/png').split(',')[1];
    });
    await page.getByRole('button', { name: 'Trace a printed chart' }).click();
    await page.getByLabel('Choose a picture').setInputFiles({ name: 'chart.png', mimeType: 'image/png', buffer: Buffer.from(picture, 'base64') });
    const sheet = page.getByRole('application');
    for (const [x, y] of [[60, 260], [580, 260], [60, 260], [60, 20], [60, 128], [150, 100], [240, 80], [307, 72], [380, 78], [470, 98], [580, 124]])
      await sheet.click({ position: { x, y } });
    await page.getByLabel('temperature, second mark').fill('800');
    await page.getByRole('heading', { name: 'A curve from a printed chart' }).evaluate((heading) => heading.scrollIntoView());
  },
});
const change = async (page) => {
  await fit(page, 'Tern Daily', /Fell 3/);
  await fit(page, 'Tern Daily', /Fell 2/);
  await fit(page, /rotors, no ducts/, /two-piece curved 320/);
  await fit(page, /Cairn 4 fluid/, /Cairn 5/);
  await page.locator('.work-steps').waitFor();
  await page.waitForTimeout(2500);
};
await shot('ready', { path: '/ready', act: async (page) => { await change(page); await page.evaluate(() => window.scrollTo(0, 0)); } });
await shot('ready-season', {
  path: '/ready',
  act: async (page) => {
    await change(page);
    await page.locator('.season-table').waitFor({ timeout: 60000 });
    await page.getByRole('heading', { name: 'Season' }).evaluate((heading) => heading.scrollIntoView());
  },
});
await shot('log', { path: '/log' });
await shot('log-paddock', { path: '/log', width: 390, height: 844, act: async (page) => { await page.getByRole('button', { name: 'Write down a day' }).click(); await page.getByRole('heading', { name: 'A day at the track' }).evaluate((heading) => heading.scrollIntoView()); } });
await browser.close();
