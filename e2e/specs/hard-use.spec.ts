import AxeBuilder from '@axe-core/playwright';
import { expect, limits, openBench, test } from './page';

const serious = async (page: Parameters<typeof openBench>[0]) =>
  (await new AxeBuilder({ page }).withTags(['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa']).analyze()).violations.map((found) => `${found.id}: ${found.nodes.map((node) => node.target).join(' ')}`);

test('nonsense typed in stays, is explained, and changes nothing', async ({ page }) => {
  await openBench(page);
  await expect(page.getByText(/on how many of \d+ likely days/)).toBeVisible({ timeout: 15_000 });
  await expect(page.getByText(/By your log’s \d+ days/)).toBeVisible({ timeout: 15_000 });
  // What the log has taught comes a little later than the first figures.
  await expect(page.getByText(/before your log/i)).toHaveCount(0, { timeout: 60_000 });
  const before = await limits(page).allTextContents();
  await page.getByRole('button', { name: 'Harrow estate' }).click();
  const mass = page.getByLabel('Mass with driver');
  for (const nonsense of ['lots', '-5', '1e9', '<script>', '999999']) {
    await mass.fill(nonsense);
    await mass.blur();
    await expect(mass).toHaveValue(nonsense);
    await expect(page.getByRole('alert')).toContainText('must be 350 to 4000 kg');
  }
  expect(await limits(page).allTextContents()).toEqual(before);
  await page.getByRole('button', { name: 'Gullmouth' }).click();
  for (const [name, text, said] of [
    ['gap.csv', 'time_s,speed_kmh\n0,50\n1,50\n9,50\n14,60', 'line 4'],
    ['back.csv', 'time_s,speed_kmh\n0,50\n1,50\n0.5,50\n14,60', 'line 4'],
    ['miles.csv', 'time_s,speed_mph\n0,50', 'speed_kmh'],
    ['noise.csv', 'x'.repeat(9_000_000), 'at most 8 MB'],
  ] as const) {
    await page.locator('input[type=file]').setInputFiles({ name, mimeType: 'text/csv', buffer: Buffer.from(text) });
    await expect(page.getByRole('alert')).toContainText(said);
  }
  await expect(page.getByRole('radio', { name: /Gullmouth/ })).toBeChecked();
});

test('figures that do not fit together are named and the last answer stays', async ({ page }) => {
  await openBench(page);
  await page.getByRole('button', { name: /rotors, no ducts/ }).click();
  await page.getByText('Measure yours').first().click();
  await page.getByLabel('Inner diameter of the ring').first().fill('300');
  await expect(page.locator('.problem')).toContainText('frontRotor.innerDiameterMm');
  await expect(limits(page).first()).toBeVisible();
});

test('the keyboard alone changes pads, finds parts and reads the strata', async ({ page }) => {
  await openBench(page);
  await page.keyboard.press('/');
  await page.keyboard.type('fell 3 front');
  await page.keyboard.press('Enter');
  // The finder gives the focus back once it has gone.
  await expect(page.getByRole('dialog')).toHaveCount(0);
  const phrase = page.getByRole('button', { name: 'Fell 3' });
  await expect(phrase).toBeVisible();
  await phrase.focus();
  await page.keyboard.press('Enter');
  await expect(page.getByRole('radio', { name: /Fell 3/ })).toBeFocused();
  await page.keyboard.press('ArrowDown');
  await expect(page.getByRole('button', { name: 'Gorse M', exact: true })).toBeVisible();
  await page.keyboard.press('Escape');
  await expect(page.getByRole('button', { name: 'Gorse M', exact: true })).toBeFocused();
  await page.getByRole('slider', { name: /temperature ruler/ }).focus();
  await page.keyboard.press('ArrowRight');
  await expect(page.getByRole('slider', { name: /temperature ruler/ })).toHaveAttribute('aria-valuetext', /310 °C · front µ 0\.\d\d/);
  await page.keyboard.press('?');
  await expect(page.getByRole('heading', { name: 'Keyboard' })).toBeVisible();
});

for (const theme of ['light', 'dark']) {
  test(`the Bench, an editor and the first questions pass the accessibility rules in ${theme}`, async ({ page }) => {
    await page.emulateMedia({ reducedMotion: 'reduce' });
    await page.addInitScript((value) => localStorage.setItem('rimrock.theme', value), theme);
    await openBench(page);
    expect(await serious(page)).toEqual([]);
    await page.getByRole('button', { name: 'Cairn 4 fluid, 7 months old' }).click();
    expect(await serious(page)).toEqual([]);
    await page.goto('/new');
    await page.getByLabel('Power').fill('x');
    expect(await serious(page)).toEqual([]);
  });
}

test('nothing scrolls sideways in the paddock or on a small laptop', async ({ page }) => {
  for (const [width, height] of [
    [390, 844],
    [1280, 800],
  ]) {
    await page.setViewportSize({ width: width!, height: height! });
    await openBench(page);
    // The second time where the first has left off: on zones of one's own.
    await page.evaluate(() => localStorage.clear());
    await openBench(page);
    expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(width!);
    await page.getByRole('button', { name: 'Gullmouth' }).click();
    await page.getByRole('button', { name: 'Write down braking zones' }).click();
    expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(width!);
  }
});

test('a server that is gone is said so, and trying again works', async ({ page }) => {
  await openBench(page);
  await page.route(/\/api\/predictions\?/, (route) => route.fulfill({ status: 400, contentType: 'application/problem+json', body: '{"title":"The engine is resting.","detail":"Try again."}' }));
  await page.getByRole('button', { name: 'advanced pace' }).click();
  await page.getByRole('radio', { name: /novice/ }).click();
  await expect(page.locator('.problem')).toContainText('The engine is resting.');
  await page.unroute(/\/api\/predictions\?/);
  await page.getByRole('button', { name: 'Try again' }).click();
  await expect(page.locator('.problem')).toHaveCount(0);
});

test('a phrase opens at its first field, single keys rest while it is open, and each room has its title', async ({ page }) => {
  await openBench(page);
  await expect(page).toHaveTitle('Bench · Rimrock');
  await page.getByRole('button', { name: /min$/ }).first().focus();
  await page.keyboard.press('Enter');
  await expect(page.locator('.editor-fields :focus')).toHaveCount(1);
  const before = page.url();
  await page.getByRole('button', { name: 'Undo', exact: true }).focus();
  await page.keyboard.press('2');
  await expect(page).toHaveURL(before);
  await page.keyboard.press('Escape');
  await page.keyboard.press('2');
  await expect(page).toHaveTitle('Choose · Rimrock');
  await expect(page.locator('#room')).toBeFocused();
  await page.keyboard.press('?');
  await page.getByRole('checkbox', { name: /single keys/ }).uncheck();
  await page.keyboard.press('Escape');
  await expect(page.getByRole('dialog')).toHaveCount(0);
  await page.keyboard.press('1');
  await expect(page).toHaveTitle('Choose · Rimrock');
});

test('the verdict comes before the drawing for those who hear or tab through the page', async ({ page }) => {
  await openBench(page);
  const places = await page.evaluate(() => {
    const at = (name: string) => [...document.querySelectorAll('section')].findIndex((one) => one.getAttribute('aria-label') === name);
    return [at('What to do'), at('What gives first'), at('Strata')];
  });
  expect(places.every((place) => place >= 0)).toBe(true);
  expect([...places].sort((a, b) => a - b)).toEqual(places);
});
