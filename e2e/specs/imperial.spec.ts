import type { Page } from '@playwright/test';
import { expect, test } from './page';

const unit = /(?<![\w.])(\d[\d  .,]*)\s?(°C|K|mm²?|cm²|m²?|km|km\/h|kg|N|bar|kW|MJ|kJ(\/°C)?|l|µm)(?![\w/²°·’])/g;

/** Every text a driver reads or hears on the page that has a figure in a metric unit; names that people gave are theirs. */
async function metric(page: Page, names: string[]): Promise<string[]> {
  const texts = await page.evaluate(() => [
    ...document.body.innerText.split('\n'),
    ...[...document.querySelectorAll('svg text, svg title, option')].map((node) => node.textContent ?? ''),
    ...[...document.querySelectorAll('[aria-label], [title], [aria-valuetext], [placeholder]')].flatMap((node) =>
      ['aria-label', 'title', 'aria-valuetext', 'placeholder'].map((name) => node.getAttribute(name) ?? ''),
    ),
  ]);
  const own = (text: string) => names.reduce((left, name) => left.replaceAll(name, 'name'), text);
  return [...new Set(texts.map(own).filter((text) => text.match(unit)))];
}

test('in imperial units no room, sentence, axis, tick, choice or order has a metric figure', async ({ page, request }) => {
  test.setTimeout(120_000);
  const shelf = (await (await request.get('/api/shelf')).json()) as { content: Record<string, { body: { name?: string } }[]> };
  const names = Object.values(shelf.content)
    .flat()
    .map((item) => item.body.name ?? '')
    .filter((name) => /\d/.test(name))
    .sort((a, b) => b.length - a.length);
  await page.addInitScript(() => localStorage.setItem('rimrock.units', 'imperial'));
  const found: string[] = [];
  const look = async (where: string) => found.push(...(await metric(page, names)).map((text) => `${where}: ${text}`));
  await page.goto('/');
  await expect(page.getByText(/on how many of \d+ likely days/)).toBeVisible({ timeout: 30_000 });
  // What the log has taught is counted before anything is pressed.
  await expect(page.getByText(/before them/)).toBeVisible({ timeout: 60_000 });
  for (const why of await page.locator('li.limit button.why').all()) await why.click();
  await look('bench');
  for (const phrase of [/Harrow estate/, /Gullmouth/, /rotors, no ducts/, /Cairn 4/, /°F/]) {
    await page.getByRole('region', { name: 'Plan' }).getByRole('button', { name: phrase }).first().click();
    await look(`phrase ${phrase.source}`);
    await page.keyboard.press('Escape');
  }
  await page.goto('/choose');
  await expect(page.locator('li.setup').first()).toBeVisible({ timeout: 60_000 });
  await page.getByRole('button', { name: 'Pin side by side' }).first().click();
  await look('choose');
  await page.getByRole('button', { name: 'Fit this' }).first().click();
  for (const [room, shown] of [
    ['ready', '.ready form'],
    ['log', '.wear li'],
    ['shelf', '.garage-axle'],
  ] as const) {
    await page.getByRole('link', { name: new RegExp(room, 'i') }).first().click();
    await expect(page.locator(shown).first()).toBeVisible({ timeout: 30_000 });
    await page.waitForTimeout(1500);
    await look(room);
  }
  await page.goto('/shelf?kind=rotors');
  await page.locator('.shelf-row').first().click();
  await expect(page.getByText(/The ring weighs/)).toBeVisible();
  await look('a rotor on the shelf');
  expect(found).toEqual([]);
});
