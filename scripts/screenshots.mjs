// Takes the pictures in docs/screenshots from the demo. Needs ./demo.sh running on the port given (5217 by default).
import { createRequire } from 'node:module';

const { chromium } = createRequire(new URL('../e2e/package.json', import.meta.url))('@playwright/test');
const base = `http://127.0.0.1:${process.argv[2] ?? 5217}`;
const folder = new URL('../docs/screenshots/', import.meta.url).pathname;
const browser = await chromium.launch({
  executablePath: process.env.RIMROCK_CHROMIUM ?? '/usr/bin/chromium',
  args: ['--no-sandbox', '--disable-gpu', '--disable-quic', '--no-first-run', '--disable-background-networking', '--disable-component-update', '--disable-sync'],
});

async function shot(name, { path = '/bench', width = 1280, height = 800, full = false, theme = 'light', act = async () => {} } = {}) {
  const page = await browser.newPage({ viewport: { width, height } });
  await page.addInitScript((value) => localStorage.setItem('rimrock.theme', value), theme);
  await page.goto(base + path);
  await page.locator(path === '/bench' ? 'li.limit' : 'form').first().waitFor();
  if (path === '/bench') await page.locator('.limit-chance', { hasText: '%' }).first().waitFor();
  await act(page);
  await page.waitForTimeout(800);
  await page.screenshot({ path: `${folder}${name}.png`, fullPage: full });
  await page.close();
  console.log(name);
}

await shot('bench', { full: true });
await shot('bench-pads', { act: (page) => page.getByRole('button', { name: 'Tern Daily' }).first().click() });
await shot('bench-rotors', {
  act: async (page) => {
    await page.getByRole('button', { name: /rotors, no ducts/ }).click();
    const editor = page.getByRole('group', { name: 'Rotors and air' });
    await editor.getByRole('radio', { name: /two-piece curved/ }).first().click();
    await editor.getByLabel('Duct hose', { exact: true }).fill('76');
    await editor.getByRole('radio', { name: /trimmed/ }).first().click();
    await page.evaluate(() => window.scrollTo(0, 0));
    await page.waitForTimeout(1500);
  },
});
await shot('bench-live', {
  height: 900,
  act: async (page) => {
    await page.getByRole('button', { name: 'Watch a simulated car' }).click();
    await page.waitForTimeout(9500);
    await page.getByRole('button', { name: /Learn from the log/ }).click();
    await page.getByText(/of 256 ways this car could be/).waitFor({ timeout: 20000 });
    await page.getByRole('heading', { name: 'Lap story' }).scrollIntoViewIfNeeded();
    await page.evaluate(() => window.scrollBy(0, 430));
  },
});
await shot('bench-dark', { theme: 'dark', act: (page) => page.getByRole('button', { name: 'Gullmouth' }).click() });
await shot('bench-paddock', { width: 390, height: 844 });
await shot('new-car', { path: '/new', act: (page) => page.getByLabel('Mass with driver').fill('1420') });
await browser.close();
