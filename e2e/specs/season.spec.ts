import AxeBuilder from '@axe-core/playwright';
import { readFile } from 'node:fs/promises';
import { expect, test } from './page';
import type { Page } from '@playwright/test';

const day = (ahead: number) => {
  const date = new Date(Date.now() + ahead * 86_400_000);
  return `${date.getFullYear()}-${String(date.getMonth() + 1).padStart(2, '0')}-${String(date.getDate()).padStart(2, '0')}`;
};
const room = (page: Page, name: string) => page.getByRole('navigation', { name: 'Rooms' }).getByRole('link', { name: new RegExp(name) }).click();
const fit = async (page: Page, phrase: string | RegExp, choice: RegExp) => {
  await page.getByRole('button', { name: phrase }).first().click();
  await page.getByRole('radio', { name: choice }).first().click();
  await page.getByRole('button', { name: 'Done' }).click();
};

test('a season: plan, fit, bed, two days written down, the band narrowed, the next order placed', async ({ page }) => {
  test.setTimeout(480_000);
  // Plan: the coupe, whose log is empty; its demo parts, and another front pad.
  await page.goto('/bench');
  await fit(page, 'Harrow estate', /Skerry coupe/);
  await fit(page, 'Fell 3', /Scarp 4/);

  // Fit: the work order, ticked off, kept over a reload, and taken over as what is on the car.
  await room(page, 'Ready');
  const work = page.getByRole('region', { name: 'Work order' });
  await expect(work).toContainText('Scarp 4, front');
  await expect(work).toContainText('Pump until it is firm');
  const boxes = work.getByRole('checkbox');
  const steps = await boxes.count();
  expect(steps).toBeGreaterThan(5);
  await boxes.first().click();
  await expect(work).toContainText(`1 of ${steps} done`);
  await page.reload();
  await expect(work).toContainText(`1 of ${steps} done`);
  for (let i = 1; i < steps; i++) {
    await expect(boxes.nth(i)).toBeEnabled();
    await boxes.nth(i).click();
    await expect(work).toContainText(`${i + 1} of ${steps} done`);
  }
  await work.getByRole('button', { name: 'It is all on the car' }).click();
  await expect(page.getByText('nothing to change')).toBeVisible();

  // Bed: stops into the film's band, never on the road.
  const bed = page.getByRole('region', { name: 'Bedding' });
  await expect(bed).toContainText(/\d+ stops from/);
  await expect(bed).toContainText('Never test or bed hard on a public road');
  await page.getByRole('combobox', { name: 'Where they are bedded' }).selectOption('preBedded');
  await expect(bed).toContainText('They come bedded');
  // Straight vanes have no side.
  await expect(page.getByRole('region', { name: 'Rotor-hand trainer' })).toHaveCount(0);

  // Season: two days ahead, bleed dates, a calendar.
  const season = page.getByRole('region', { name: 'Season' });
  for (const ahead of [30, 90]) {
    await season.locator('input[type=date]').fill(day(ahead));
    await season.getByRole('button', { name: 'Add', exact: true }).click();
    await expect(season).toContainText(day(ahead), { timeout: 20_000 });
  }
  await expect(season).toContainText('in hand');
  const [calendar] = await Promise.all([page.waitForEvent('download'), season.getByRole('button', { name: 'Add the dates to a calendar' }).click()]);
  const text = await readFile(await calendar.path(), 'utf8');
  expect(text).toContain('BEGIN:VEVENT');
  expect(text).toContain(day(28).replaceAll('-', ''));

  // Two days, as in the paddock: paints, pedal, and what follows.
  await room(page, 'Log');
  await expect(page.getByText('Nothing written down of the Skerry coupe yet.')).toBeVisible();
  for (const [paint, pedal] of [
    ['none gone', 'firm all day'],
    ['none gone', 'soft and long when hot'],
  ] as const) {
    await page.getByRole('button', { name: 'Write down a day' }).click();
    await page.getByRole('group', { name: 'Front rotor’s paints' }).getByRole('button', { name: paint }).click();
    await page.getByRole('group', { name: 'Pedal' }).getByRole('button', { name: pedal }).click();
    await page.getByRole('button', { name: 'Five laps more' }).click();
    await page.getByRole('button', { name: 'Write it down' }).click();
    await expect(page.getByRole('region', { name: 'Stop or go' })).toContainText(pedal.startsWith('firm') ? 'fine' : 'stop: do not drive');
    await page.getByRole('button', { name: 'Done', exact: true }).click();
  }
  const taught = page.getByRole('region', { name: 'What the car taught' });
  await expect(taught).toContainText(/of \d+ ways this car could be|Nothing this car could be/, { timeout: 240_000 });
  await expect(page.getByRole('region', { name: 'Kept promises' })).toContainText('came true');

  // On the stands: a crack to the edge stops the car.
  await page.getByRole('button', { name: 'On the stands' }).click();
  await page.getByLabel('Inner pad').fill('3.5');
  await page.getByLabel('The crack', { exact: true }).selectOption('edge');
  await expect(page.getByText('discard before you drive')).toBeVisible();
  await page.getByRole('button', { name: 'Try a simulated moisture tester' }).click();
  await page.getByRole('button', { name: 'Write it down' }).click();
  await expect(page.getByRole('region', { name: 'Wear' })).toContainText('hot laps left');

  // Something is wrong: ranked, film before warp.
  await page.getByLabel('What is it?').selectOption('judder');
  await expect(page.locator('ol.causes li').first()).toContainText('uneven film');

  // The next order: another flush.
  await room(page, 'Ready');
  await page.getByLabel('flush the fluid while you are at it').click();
  // What was just written down is weighed first.
  await expect(page.getByRole('region', { name: 'Work order' })).toContainText('bottle', { timeout: 60_000 });
});

test('a day is written down on a phone in half a minute, corrected and deleted', async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await page.goto('/log');
  await page.getByRole('button', { name: 'Write down a day' }).click();
  const started = Date.now();
  await page.getByRole('group', { name: 'Front rotor’s paints' }).getByRole('button', { name: /green/ }).click();
  await page.getByRole('button', { name: 'firm all day' }).click();
  await page.getByRole('button', { name: 'judder' }).click();
  await page.getByRole('button', { name: 'Write it down' }).click();
  await expect(page.getByRole('region', { name: 'Stop or go' })).toContainText('Film before warp');
  expect(Date.now() - started).toBeLessThan(30_000);
  await page.getByRole('button', { name: 'Done', exact: true }).click();
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
  const history = page.getByRole('region', { name: 'Written down' });
  await expect(history).toContainText('8 in all');
  await history.getByRole('button', { name: 'Correct' }).first().click();
  await page.getByRole('button', { name: 'Write it down' }).click();
  await page.getByRole('button', { name: 'Done', exact: true }).click();
  await history.getByRole('button', { name: 'Delete' }).first().click();
  await history.getByRole('alertdialog', { name: /cannot be taken back/ }).getByRole('button', { name: 'Delete' }).click();
  await expect(history).toContainText('7 in all');
});

test('what is found on the stands stops the driving, and what nobody looked at is said', async ({ page }) => {
  await page.goto('/log');
  await page.getByRole('button', { name: 'On the stands' }).click();
  const stands = page.getByRole('region', { name: 'On the stands' });
  await stands.getByLabel('Inner pad').fill('8');
  await stands.getByLabel('Outer pad').fill('8');
  await stands.getByLabel('wheel rocked').check();
  await expect(stands).toContainText('Rocked: no play.');
  await expect(stands).not.toContainText('stop: do not drive');
  await expect(stands.locator('.findings li').last()).toContainText('Right front, left rear, right rear');
  await stands.getByLabel('hose cracked, chafed or swollen').check();
  await expect(stands.locator('.findings li').first()).toContainText('stop: do not drive');
  await stands.getByLabel('hose cracked, chafed or swollen').uncheck();
  await stands.getByLabel('Outer pad').fill('2');
  await expect(stands.locator('.findings li').first()).toContainText('New pads before the car moves');
  await stands.getByRole('button', { name: 'Throw it away' }).click();
});

test('everything goes out as one file and a wrong one changes nothing', async ({ page }) => {
  await page.goto('/log');
  const [download] = await Promise.all([page.waitForEvent('download'), page.getByRole('link', { name: 'Save everything' }).click()]);
  expect(download.suggestedFilename()).toBe('rimrock-archive.zip');
  const file = await readFile(await download.path());
  const restore = page.getByLabel('Restore an archive');
  await restore.setInputFiles({ name: 'wrong.json', mimeType: 'application/json', buffer: Buffer.from('{"rimrock": "other"}') });
  await expect(page.getByRole('alert')).toContainText('archive');
  await restore.setInputFiles({ name: 'mine.zip', mimeType: 'application/zip', buffer: file });
  await expect(page.getByText('0 things that are here now would be gone')).toBeVisible();
  await page.getByRole('button', { name: 'Restore it' }).click();
  await expect(page.getByText('Restored.')).toBeVisible();
  await expect(page.getByRole('region', { name: 'Written down' })).toContainText('Gullmouth');
  await expect(page.getByText(/^Last saved outside: /)).toBeVisible();
  await page.getByRole('button', { name: 'Bring back what the restore replaced' }).click();
  await expect(page.getByText('What was here before the restore is back.')).toBeVisible();
  await expect(page.getByRole('region', { name: 'Written down' })).toContainText('Gullmouth');
});

test('a cut link says so and opens no other plan', async ({ page }) => {
  await page.goto('/bench?p=eyJjYXIiOiJoYXJyb3ciLCJjaXJ');
  await expect(page.getByRole('alert')).toContainText('damaged or was cut');
  await expect(page.getByRole('region', { name: 'Strata' })).toHaveCount(0);
  await page.getByRole('link', { name: 'Open the Bench without it' }).click();
  await expect(page.getByRole('region', { name: 'Strata' })).toBeVisible();
});

test('a recorded day is set against its prediction lap by lap, whatever its columns are called', async ({ page }) => {
  const lines = ['Elapsed Time (s);GPS Speed (mph);Rotor FL;Lap'];
  for (let i = 0; i < 480; i++) {
    const within = i % 40;
    const kmh = within < 30 ? 80 + (110 * within) / 30 : 190 - 11 * (within - 30);
    lines.push(`${i / 2};${(kmh / 1.609344).toFixed(1).replace('.', ',')};300;${1 + Math.floor(i / 240)}`);
  }
  await page.goto('/log');
  const recorded = page.getByRole('region', { name: 'Recorded day' });
  await recorded.getByLabel(/Recording of a day/).setInputFiles({ name: 'day.csv', mimeType: 'text/csv', buffer: Buffer.from(lines.join('\n')) });
  await expect(recorded.getByLabel('Speed is in')).toHaveValue('mph');
  await expect(recorded.getByRole('columnheader', { name: 'rotor fl' })).toBeVisible();
  await recorded.getByLabel('Front rotor’s face').selectOption('lap');
  await recorded.getByLabel('Front rotor’s face').selectOption('rotor fl');
  await recorded.getByRole('button', { name: 'Set it against the prediction' }).click();
  await expect(recorded.getByText(/In \d of 2 laps/)).toBeVisible();
  await expect(recorded.locator('.lap-table tbody tr')).toHaveCount(2);
  await recorded.getByText(/^\d braking zones in the fastest lap/).click();
  await expect(recorded.getByRole('row', { name: /190 km\/h 8\d km\/h/ }).first()).toBeVisible();
  await page.setViewportSize({ width: 390, height: 844 });
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
  await recorded.getByLabel(/Recording of a day/).setInputFiles({ name: 'bad.csv', mimeType: 'text/csv', buffer: Buffer.from('t,v\n0,fast\n1,slow\n') });
  await recorded.getByRole('button', { name: 'Set it against the prediction' }).click();
  await expect(recorded.getByRole('alert')).toContainText('line 2');
});

test('the tables of everything come as CSV', async ({ page }) => {
  await page.goto('/log');
  const [download] = await Promise.all([page.waitForEvent('download'), page.getByRole('link', { name: 'inspections' }).click()]);
  const text = await readFile(await download.path(), 'utf8');
  expect(text.split('\r\n')[0]).toContain('inspection.fluidLevelMm');
  const cost = page.getByRole('table', { name: /Cost so far/ });
  for (const part of ['front pads', 'rear pads', 'front rotors', 'fluid', 'all'])
    await expect(cost.getByRole('row', { name: new RegExp(`^${part} `) })).toContainText(/\d\.\d/);
});

test('a work order prints on two pages', async ({ page }) => {
  await page.goto('/bench');
  await page.getByRole('button', { name: 'Tern Daily' }).first().click();
  await page.getByRole('radio', { name: /Fell 3/ }).click();
  await page.getByRole('button', { name: /Cairn 4 fluid/ }).click();
  await page.getByRole('radio', { name: /Cairn R/ }).click();
  await page.getByRole('button', { name: /rotors, no ducts/ }).click();
  await page.getByRole('group', { name: 'Front rotors' }).getByRole('radio', { name: /two-piece curved 320/ }).click();
  await page.getByRole('button', { name: 'Done' }).click();
  await page.getByRole('link', { name: /Ready/ }).click();
  const order = page.getByRole('region', { name: 'Work order' });
  await order.getByRole('button', { name: /Rotor hand check/ }).click();
  const trainer = order.getByRole('region', { name: 'Rotor-hand trainer' });
  const vanes = (await trainer.getByRole('img').getAttribute('aria-label'))!;
  await trainer.getByRole('button', { name: vanes.includes('anticlockwise') ? 'Right' : 'Left' }).click();
  await expect(trainer).toContainText('Right.');
  await expect(order.getByRole('checkbox', { name: /Rotor hand check/ })).toBeChecked();
  const pdf = (await page.pdf({ format: 'A4' })).toString('latin1');
  expect(pdf.match(/\/Type\s*\/Page\b/g)?.length).toBeLessThanOrEqual(2);
});

test('two recordings are compared and a bad one is named', async ({ page }) => {
  const trace = (decel: number) => {
    let speed = 180;
    const lines = ['time_s,speed_kmh'];
    for (let i = 0; i < 300; i++) {
      if (i > 100 && speed > 80) speed -= decel * 0.36;
      lines.push(`${(i * 0.1).toFixed(1)},${speed.toFixed(2)}`);
    }
    return Buffer.from(lines.join('\n'));
  };
  await page.goto('/log');
  await page.getByLabel('Before').setInputFiles({ name: 'old.csv', mimeType: 'text/csv', buffer: trace(7) });
  await page.getByLabel('After', { exact: true }).setInputFiles({ name: 'bad.csv', mimeType: 'text/csv', buffer: Buffer.from('time_s\n1') });
  await page.getByRole('button', { name: 'Compare' }).click();
  await expect(page.getByRole('alert')).toContainText('second, line 1');
  await page.getByLabel('After', { exact: true }).setInputFiles({ name: 'new.csv', mimeType: 'text/csv', buffer: trace(8) });
  await page.getByRole('button', { name: 'Compare' }).click();
  await expect(page.getByRole('region', { name: 'Two recordings' })).toContainText('Between equal speeds');
});

test('Ready and Log have no accessibility faults, light and dark', async ({ page }) => {
  test.setTimeout(120_000);
  for (const theme of ['light', 'dark']) {
    await page.addInitScript((value) => localStorage.setItem('rimrock.theme', value), theme);
    for (const address of ['/ready', '/log']) {
      await page.goto(address);
      await expect(page.getByRole('region', { name: address === '/ready' ? 'Season' : 'Wear' })).toBeVisible();
      if (address === '/log') await expect(page.getByRole('region', { name: 'Kept promises' })).toBeVisible({ timeout: 60_000 });
      await page.waitForTimeout(500);
      const found = await new AxeBuilder({ page }).withTags(['wcag2a', 'wcag2aa', 'wcag21aa', 'wcag22aa']).analyze();
      expect(found.violations.map((fault) => `${theme} ${address} ${fault.id}: ${fault.nodes.map((node) => node.target).join(' ')}`)).toEqual([]);
    }
    await page.goto('/log');
    for (const entry of ['Write down a day', 'On the stands']) {
      await page.getByRole('button', { name: entry }).click();
      const found = await new AxeBuilder({ page }).withTags(['wcag2a', 'wcag2aa', 'wcag21aa', 'wcag22aa']).analyze();
      expect(found.violations.map((fault) => `${theme} ${entry} ${fault.id}: ${fault.nodes.map((node) => node.target).join(' ')}`)).toEqual([]);
      await page.getByRole('button', { name: 'Leave it' }).click();
    }
  }
});
