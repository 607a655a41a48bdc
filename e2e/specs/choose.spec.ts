import AxeBuilder from '@axe-core/playwright';
import { readFile } from 'node:fs/promises';
import { expect, test } from './page';
import type { Page } from '@playwright/test';

const openChoose = async (page: Page) => {
  await page.goto('/choose');
  await expect(page.locator('li.setup').first()).toBeVisible({ timeout: 30_000 });
};
/** Every row judged by all members: from here on the list stays as it is. */
const settled = (page: Page) => expect(page.getByText(/setups weighed/)).toBeVisible({ timeout: 60_000 });
const sentence = (page: Page) => page.getByRole('region', { name: 'Plan' });

test('a driver with no knowledge reaches a setup that holds better, and can take it back', async ({ page }) => {
  await openChoose(page);
  await settled(page);
  await expect(page.getByRole('region', { name: 'What it comes to' })).toContainText('danger');
  await expect(page.getByRole('region', { name: 'Spend in this order' })).toContainText('danger');
  const first = page.locator('li.setup').first();
  await expect(first).toContainText('to buy');
  const pads = (await first.getByRole('heading').textContent())!;
  await first.getByRole('button', { name: 'Fit this' }).click();
  await expect(page.getByText(/fitted in the plan/)).toBeVisible();
  await expect(sentence(page)).not.toContainText('Tern Daily front');
  expect(pads.length).toBeGreaterThan(3);
  await page.keyboard.press('u');
  await expect(sentence(page)).toContainText('Tern Daily front');
});

test('an expert asks why, why not, weighs other calipers and compares four setups side by side', async ({ page }) => {
  await openChoose(page);
  await settled(page);
  await expect(page.getByRole('region', { name: 'Why this one' })).toContainText('What still gives');
  await page.getByRole('searchbox', { name: 'Part to ask about' }).fill('scarp 9 front');
  await expect(page.getByRole('region', { name: 'Why not another' })).toContainText('no road approval');
  await page.getByRole('searchbox', { name: 'Part to ask about' }).fill('whin day front');
  await page.getByRole('button', { name: 'judge it' }).first().click();
  await expect(page.getByRole('region', { name: 'Why not another' })).toContainText(/With Whin Day|would do as well/, { timeout: 30_000 });
  await page.getByText('Other front calipers?').click();
  await expect(page.getByText(/One-side piston area/)).toBeVisible();
  const pins = page.getByRole('button', { name: 'Pin side by side' });
  const table = page.getByRole('region', { name: 'Side by side' });
  for (const count of [1, 2]) {
    await pins.first().click();
    await expect(table.getByRole('button', { name: 'unpin' })).toHaveCount(count);
  }
  await expect(table).toContainText('Front pads fade');
  await expect(table).toContainText('First stop, 5 °C, 50 km/h');
  await expect(table).toContainText('Fluid margin');
  await table.getByRole('button', { name: 'unpin' }).first().click();
  await expect(table.getByRole('button', { name: 'unpin' })).toHaveCount(1);
});

test('weights, schools and bounds change the list, by keyboard', async ({ page }) => {
  await openChoose(page);
  const answer = () => page.locator('[data-matched]').getAttribute('data-matched');
  const before = await answer();
  await page.getByRole('slider', { name: /Stopping on a cold morning/ }).focus();
  await page.keyboard.press('ArrowRight');
  await expect.poll(answer, { timeout: 30_000 }).not.toBe(before);
  await page.getByRole('combobox', { name: /Class: ducts/ }).selectOption('true');
  // A whole answer at all: five times its goal of 8 s.
  await expect(page.getByText(/Weighing the shelf/)).toHaveCount(0, { timeout: 40_000 });
  await expect(page.locator('li.setup').first()).not.toContainText('duct');
  const plot = page.getByRole('slider', { name: /Trade-off/ });
  await plot.focus();
  await page.keyboard.press('ArrowRight');
  await expect(plot).toHaveAttribute('aria-valuenow', '2');
  await expect(page.locator('li.setup.current .setup-mark')).toHaveText('2');
});

test('a comparison is saved, and opens again; what is none is refused', async ({ page }) => {
  await openChoose(page);
  await settled(page);
  await page.getByRole('button', { name: 'Pin side by side' }).first().click();
  const [download] = await Promise.all([page.waitForEvent('download'), page.getByRole('link', { name: 'Save as JSON' }).click()]);
  const text = await readFile(await download.path(), 'utf8');
  expect(JSON.parse(text)).toMatchObject({ rimrock: 'comparison', version: 2 });
  const open = page.getByLabel('Open a saved comparison');
  const changed = JSON.parse(text) as { plan: { car: { name: string; massKg: number } } };
  changed.plan.car.name = 'A friend’s car';
  await open.setInputFiles({ name: 'friend.json', mimeType: 'application/json', buffer: Buffer.from(JSON.stringify(changed)) });
  await expect(sentence(page)).toContainText('A friend’s car');
  changed.plan.car.massKg = 9;
  await open.setInputFiles({ name: 'bad.json', mimeType: 'application/json', buffer: Buffer.from(JSON.stringify(changed)) });
  await expect(page.getByRole('alert')).toContainText('car.massKg');
  await open.setInputFiles({ name: 'none.json', mimeType: 'application/json', buffer: Buffer.from('{}') });
  await expect(page.getByRole('alert')).toContainText('does not say that it is a comparison');
});

test('Choose has no accessibility faults, light and dark, and works at 390 px', async ({ page }) => {
  await openChoose(page);
  for (const theme of ['light', 'dark']) {
    const found = await new AxeBuilder({ page }).withTags(['wcag2a', 'wcag2aa', 'wcag21aa', 'wcag22aa']).analyze();
    expect(found.violations.map((fault) => `${theme} ${fault.id}: ${fault.nodes.map((node) => node.target).join(' ')}`)).toEqual([]);
    await page.getByRole('button', { name: 'Dark' }).click({ timeout: 2000 }).catch(() => undefined);
  }
  await page.setViewportSize({ width: 390, height: 844 });
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
});

test('a pad that is looked at is drawn in the strata before it is fitted', async ({ page }) => {
  await page.goto('/bench');
  await page.getByRole('button', { name: 'Tern Daily' }).first().click();
  await expect(page.locator('.preview')).toHaveCount(0);
  await page.getByRole('radio', { name: /Fell 3/ }).hover();
  await expect(page.locator('.preview .preview-edge').first()).toBeVisible();
  await expect(sentence(page)).toContainText('Tern Daily front');
  await expect(page.getByText(/With the one looked at:.*instead of/)).toBeVisible();
  await page.keyboard.press('Escape');
  await expect(page.locator('.preview')).toHaveCount(0);
});

test('fluids and rotors are drawn in the strata too, by pointer or focus', async ({ page }) => {
  await page.goto('/bench');
  await page.getByRole('button', { name: /Cairn 4 fluid/ }).click();
  await page.getByRole('radio', { name: /Cairn R/ }).hover();
  await expect(page.getByText(/With the one looked at:.*vapour from \d+ °C instead of \d+ °C/)).toBeInViewport();
  await page.getByRole('button', { name: /rotors, no ducts/ }).click();
  await expect(page.locator('.preview')).toHaveCount(0);
  await page.getByRole('group', { name: 'Front rotors' }).getByRole('radio').first().focus();
  await page.getByRole('group', { name: 'Front rotors' }).getByRole('radio', { name: /two-piece curved 345/ }).hover();
  await expect(page.getByText(/With the one looked at:.*below \d+ °C instead of \d+ °C .front face/)).toBeInViewport();
  await expect(sentence(page)).toContainText('plain vented 320 x 28');
});

test('rear calipers from the shelf go on with pads of their own shape, and are ordered', async ({ page }) => {
  await openChoose(page);
  await settled(page);
  const system = page.getByText('Calipers or a master cylinder from your shelf?');
  await system.click();
  const choice = page.getByLabel('What would it do?');
  await choice.selectOption({ label: 'Beck pedal box with balance bar 15.9 (master cylinder)' });
  await expect(page.getByText(/your car's ABS is tuned to one/)).toBeVisible();
  await choice.selectOption({ label: 'Scarp two-piston rear kit 316 x 20 (rear calipers)' });
  await expect(page.getByText(/sold in shape .*take K-44/)).toBeVisible();
  await page.getByRole('button', { name: 'Fit it in the plan' }).click();
  await expect(page.getByText(/Scarp two-piston rear kit 316 x 20: fitted in the plan/)).toBeVisible();
  await settled(page);
  // What is offered now goes into them.
  await page.getByRole('button', { name: 'Fit this' }).first().click();
  await page.getByRole('link', { name: /Ready/ }).first().click();
  const order = page.getByRole('region', { name: 'Work order' });
  await expect(order).toContainText('Scarp two-piston rear kit 316 x 20', { timeout: 30_000 });
  await expect(order).toContainText('1380');
  await expect(order).toContainText('brackets and calipers on, everything finger-tight');
  await expect(order).not.toContainText('Nothing is ordered');
});

test('an unsafe day becomes an order that a technician can sign', async ({ page }) => {
  test.setTimeout(120_000);
  await openChoose(page);
  await settled(page);
  await expect(page.getByRole('region', { name: 'What it comes to' })).toContainText('danger');
  // Sets of Fell 3 lie in stock, and are paid for in neither room.
  const first = page.locator('li.setup').first();
  await expect(first).toContainText('Fell 3 (from your stock)');
  const figure = async (label: string) =>
    Number((await first.locator('dl > div', { has: page.getByText(label, { exact: true }) }).locator('dd').textContent())!.replace(/[^\d.]/g, ''));
  const [price, hours] = [await figure('to buy'), await figure('work')];
  await first.getByRole('button', { name: 'Fit this' }).click();
  await expect(page.getByText(/fitted in the plan/)).toBeVisible();
  await page.getByRole('link', { name: /Ready/ }).click();

  // What is ordered costs and takes what was chosen.
  const order = page.getByRole('region', { name: 'Work order' });
  await expect(order).toContainText('On a day like the plan’s, with this done', { timeout: 30_000 });
  const prices = await order.locator('.order-price').allTextContents();
  expect(prices.reduce((sum, one) => sum + Number(one || 0), 0)).toBeCloseTo(price, 0);
  await expect(order).toContainText('from your stock');
  await expect(page.locator('.ready')).toContainText(`About ${hours.toFixed(1)} h`);

  // Whoever signs it reads what it rests on; it is bled in the way that was chosen.
  for (const name of ['Guesses that decide', 'To mind', 'To take along']) await expect(order.getByRole('region', { name })).toBeVisible();
  await page.getByText('flush the fluid while you').click();
  await expect(order).toContainText('a second person for an hour', { timeout: 30_000 });
  await page.getByRole('combobox', { name: 'How it is bled' }).selectOption('vacuum');
  await expect(order).toContainText('a hand vacuum pump');
  await expect(order.getByText('Checked by, and on which day:')).toBeHidden();
  await page.emulateMedia({ media: 'print' });
  await expect(order.getByText('Checked by, and on which day:')).toBeVisible();
  await page.emulateMedia({ media: 'screen' });
});
