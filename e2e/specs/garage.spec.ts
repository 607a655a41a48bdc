import { emptyPort } from '../playwright.config';
import { expect, test } from './page';
import type { Page } from '@playwright/test';

test.use({ actionTimeout: 20_000 });
const own = `http://127.0.0.1:${emptyPort}`;
const room = (page: Page, name: string) => page.getByRole('navigation', { name: 'Rooms' }).getByRole('link', { name: new RegExp(name) }).click();
const fit = async (page: Page, phrase: RegExp, choice: RegExp) => {
  await page.getByRole('button', { name: phrase }).first().click();
  await page.getByRole('radio', { name: choice }).first().click();
  await page.getByRole('button', { name: 'Done' }).click();
};
test('the car remembers: described, fitted, bedded, driven twice, a leak caught, the next order from stock', async ({ page }) => {
  test.setTimeout(240_000);
  // Described: five answers, and kept.
  await page.goto(`${own}/new`);
  await page.getByLabel('Mass with driver').fill('1450');
  await page.getByLabel('Power').fill('150');
  await page.getByLabel('Pads').selectOption('organic');
  await page.getByLabel('Age of the fluid').fill('2');
  await page.getByRole('button', { name: 'Show me what gives first' }).click();
  await page.getByRole('button', { name: 'My car' }).click();
  await page.getByLabel('Keep this car on the shelf as').fill('Remembered car');
  await page.getByRole('button', { name: 'Keep', exact: true }).click();
  await expect(page.getByRole('button', { name: 'Remembered car' })).toBeVisible();

  // Fitted: another pad in front, the work done, the bedding told.
  await fit(page, /organic/, /track-day sport/i);
  await expect(page.getByText('What if:')).toBeVisible();
  await room(page, 'Ready');
  const work = page.getByRole('region', { name: 'Work order' });
  const boxes = work.getByRole('checkbox');
  await expect(boxes.first()).toBeVisible({ timeout: 30_000 });
  const steps = await boxes.count();
  for (let i = 0; i < steps; i++) {
    await boxes.nth(i).click();
    await expect(work).toContainText(`${i + 1} of ${steps} done`);
  }
  await work.getByRole('button', { name: 'It is all on the car' }).click();
  await expect(page.getByText('nothing to change')).toBeVisible();
  await expect(page.getByRole('region', { name: 'Bedding' })).toContainText(/\d+ stops from/);

  // Two events on a phone: paints, and what was measured on the stands before and after.
  await page.setViewportSize({ width: 390, height: 844 });
  await room(page, 'Log');
  const stands = async (inner: string, laps: string | null) => {
    await page.getByRole('button', { name: 'On the stands' }).click();
    if (laps) await page.getByLabel('Hot laps since last measured').fill(laps);
    await page.getByLabel('Inner pad').fill(inner);
    await page.getByLabel('Outer pad').fill(inner);
    await page.getByRole('button', { name: 'Write it down' }).click();
    await expect(page.getByRole('region', { name: 'On the stands' })).toHaveCount(0);
  };
  const day = async (paint: RegExp, pedal: string, sign?: string) => {
    await page.getByRole('button', { name: 'Write down a day' }).click();
    await page.getByRole('group', { name: 'Front rotor’s paints' }).getByRole('button', { name: paint }).click();
    await page.getByRole('group', { name: 'Pedal' }).getByRole('button', { name: pedal }).click();
    if (sign) await page.getByRole('button', { name: sign, exact: true }).click();
    await page.getByRole('button', { name: 'Five laps more' }).click();
    await page.getByRole('button', { name: 'Write it down' }).click();
    const said = page.getByRole('region', { name: 'Stop or go' });
    await expect(said).toBeVisible();
    const text = await said.innerText();
    await page.getByRole('button', { name: 'Done', exact: true }).click();
    return text;
  };
  await stands('10.5', null);
  expect(await day(/none gone/, 'firm all day')).toContain('fine');
  await stands('9.9', '20');
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);

  // The belief is named in every room.
  await page.setViewportSize({ width: 1280, height: 800 });
  for (const name of ['Bench', 'Choose', 'Ready']) {
    await room(page, name);
    await expect(page.getByText(/By your log’s/)).toBeVisible();
  }
  await expect(page.getByRole('region', { name: 'Season' })).toBeVisible();

  // It moves them together: with the log and without it.
  const season = page.getByRole('region', { name: 'Season' });
  await season.locator('input[type=date]').fill(new Date(Date.now() + 20 * 864e5).toISOString().slice(0, 10));
  await season.getByRole('button', { name: 'Add', exact: true }).click();
  const harm = async (name: string) => {
    await room(page, name);
    const text = await (name === 'Ready' ? season.locator('tbody tr').first() : page.locator('.first-chances').first()).innerText();
    const [danger, damage] = name === 'Ready' ? text.split('\t').slice(5) : [/\n(.*%)/.exec(text)?.[1], /damage\s+(.*%)/.exec(text)?.[1]];
    return [danger, damage].map((share) => Number(/[\d.]+(?= %)/.exec(share ?? '')?.[0]));
  };
  const rooms = ['Bench', 'Choose', 'Ready'];
  const belief: Record<string, number[]> = {};
  for (const name of rooms) {
    await room(page, name);
    await expect(page.getByText(/before your log/)).toHaveCount(0, { timeout: 60_000 });
    await expect.poll(async () => (belief[name] = await harm(name)).every((share) => share < 25), { timeout: 30_000 }).toBe(true);
  }
  await page.getByRole('button', { name: 'Leave the log out' }).click();
  for (const name of rooms) {
    // None of its paints went, so that without the log both chances are far greater, in every room alike.
    await expect.poll(async () => (await harm(name)).every((share, i) => share > 2 * belief[name]![i]! + 4), { timeout: 30_000 }).toBe(true);
  }
  expect(belief.Choose).toEqual(belief.Bench);
  expect(Math.abs(belief.Ready![1]! - belief.Bench![1]!)).toBeLessThan(6);
  await page.getByRole('button', { name: /Count its/ }).click();

  // A leak is caught, and stays until a bleed is written down, whatever else is done.
  await room(page, 'Log');
  expect(await day(/none gone/, 'firm all day', 'leak')).toContain('stop: do not drive');
  await room(page, 'Bench');
  await expect(page.getByText('Not before what was seen is answered.')).toBeVisible({ timeout: 30_000 });
  await expect(page.getByRole('list', { name: 'Do not drive on it' })).toContainText('find the leak');
  await room(page, 'Shelf');
  await expect(page.getByRole('list', { name: 'Do not drive on it' })).toContainText('find the leak');
  await room(page, 'Log');
  await page.getByRole('button', { name: 'On the stands' }).click();
  await expect(page.getByText('find the leak')).toBeVisible();
  await page.getByLabel(/bled, and the pedal is firm/).check();
  await expect(page.getByText('find the leak')).toHaveCount(0);
  await page.getByRole('button', { name: 'Write it down' }).click();
  await expect(page.getByRole('region', { name: 'On the stands' })).toHaveCount(0);
  await room(page, 'Bench');
  await expect(page.getByText('stops this car until')).toHaveCount(0);
  await expect(page.getByRole('list', { name: 'Do not drive on it' })).toHaveCount(0);

  // The next order: the pads that came off lie in stock and go on again without being bought.
  await room(page, 'Shelf');
  await expect(page.getByRole('region', { name: 'Stock' })).toContainText('organic');
  await room(page, 'Ready');
  await fit(page, /track-day sport/i, /Organic/);
  await expect(work).toContainText('from your stock', { timeout: 60_000 });
});

test('our estate is tried from an empty database and left without a trace', async ({ page }) => {
  await page.goto(`${own}/estate/`);
  await expect(page.getByRole('note')).toContainText('nothing in it is yours');
  await expect(page.getByRole('heading', { name: 'What gives first' })).toBeVisible();
  await room(page, 'Log');
  await expect(page).toHaveURL(/\/estate\/log/);
  await page.getByRole('button', { name: 'Write down a day' }).click();
  await page.getByRole('button', { name: 'firm all day' }).click();
  await page.getByRole('button', { name: 'Write it down' }).click();
  await expect(page.getByRole('region', { name: 'Stop or go' })).toBeVisible();
  await page.getByRole('link', { name: 'Back to your own' }).click();
  await expect(page.getByRole('note')).toHaveCount(0);
  await expect(page.getByRole('button', { name: 'Harrow estate' })).toHaveCount(0);
});

test('a lap is bent by keys and kept as one’s own', async ({ page }) => {
  // In the estate, so that the other walks find their shelf as it was.
  await page.goto(`${own}/estate/bench`);
  await page.getByRole('button', { name: 'Gullmouth' }).click();
  const corner = page.getByRole('slider', { name: /Corner at/ }).nth(2);
  const slow = await corner.getAttribute('aria-valuenow');
  await corner.focus();
  await corner.press('ArrowDown');
  await expect(page.getByRole('button', { name: 'my Gullmouth', exact: true })).toBeVisible();
  await expect.poll(async () => Number(await corner.getAttribute('aria-valuenow'))).toBeLessThan(Number(slow));
  await page.getByRole('button', { name: 'Keep my Gullmouth on the shelf' }).click();
  await expect(page.getByRole('radio', { name: /my Gullmouth/ })).toBeChecked();
});
