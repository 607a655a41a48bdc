import AxeBuilder from '@axe-core/playwright';
import { readFile } from 'node:fs/promises';
import { expect, test } from './page';
import type { Page } from '@playwright/test';

const curve = (page: Page) => page.getByRole('region', { name: 'Friction curve' });
const csv = (page: Page, name: string, text: string) =>
  page.getByLabel('From a CSV file').setInputFiles({ name, mimeType: 'text/csv', buffer: Buffer.from(text) });

test('a part is found by a few letters, opened by keyboard, edited on the drawing and taken back', async ({ page }) => {
  await page.goto('/shelf?kind=pads');
  await page.getByRole('searchbox', { name: 'Search pads' }).fill('fell sport');
  await expect(page.locator('.shelf-row')).toHaveCount(1);
  await page.getByRole('searchbox', { name: 'Search pads' }).press('ArrowDown');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('heading', { name: 'Fell 3' })).toBeVisible();
  const point = page.getByRole('slider', { name: 'Point 4 of' });
  const before = await point.getAttribute('aria-valuetext');
  const says = await page.locator('.curve-says').textContent();
  await point.focus();
  for (let i = 0; i < 20; i++) await page.keyboard.press('ArrowDown');
  await expect(point).not.toHaveAttribute('aria-valuetext', before!);
  await expect(page.locator('.curve-says')).not.toHaveText(says!);
  await page.getByRole('button', { name: 'Undo' }).last().click();
  await expect(point).toHaveAttribute('aria-valuetext', before!);
});

test('curves come from a file, a dynamometer and a picture, and bad ones are refused by line', async ({ page }) => {
  await page.goto('/shelf?kind=pads&open=new');
  for (const [text, said] of [
    ['temperature_c,mu\n100,0.4\n100,0.5', 'line 3'],
    ['temperature_c,mu\n0,0.4\n100,1.4', '0 to 1.2'],
    ['temperature_c,mu\n0,0.4', '2 to 200 points'],
    ['temperature_c,mu\n0,=1+1', 'line 2'],
  ] as const) {
    await csv(page, 'bad.csv', text);
    await expect(page.getByRole('alert').first()).toContainText(said);
  }
  await csv(page, 'good.csv', 'temperature_f,mu\n32,0.30\n212,0.40\n932,0.45\n1200,0.30');
  await expect(curve(page)).toContainText('good.csv: 4 points.');
  await expect(page.getByRole('slider', { name: 'Point 2 of 4' })).toHaveAttribute('aria-valuetext', /100 °C, friction 0.400/);
  await page.getByRole('button', { name: 'Try a simulated dynamometer' }).click();
  await expect(curve(page)).toContainText('36 stops');
  await expect(page.locator('.curve-stop')).toHaveCount(36);

  // A chart drawn in the browser, 500 x 300 px: (50, 250) is 0 C and 0, (450, 250) is 800 C, (50, 50) is 0.5.
  await page.getByRole('button', { name: 'Trace a printed chart' }).click();
  const picture = Buffer.from(
    (
      await page.evaluate(() => {
        const canvas = document.createElement('canvas');
        canvas.width = 500;
        canvas.height = 300;
        const pen = canvas.getContext('2d')!;
        pen.fillStyle = '#fff';
        pen.fillRect(0, 0, 500, 300);
        return canvas.toDataURL('image/png');
      })
    ).split(',')[1]!,
    'base64',
  );
  const file = page.getByLabel('Choose a picture');
  await file.setInputFiles({ name: 'notes.txt', mimeType: 'text/plain', buffer: Buffer.from('no picture') });
  await expect(page.getByRole('alert').first()).toContainText('no picture');
  await file.setInputFiles({ name: 'fake.png', mimeType: 'image/png', buffer: Buffer.from('no picture') });
  await expect(page.getByRole('alert').first()).toContainText('cannot be read as a picture');
  await file.setInputFiles({ name: 'huge.png', mimeType: 'image/png', buffer: Buffer.alloc(30_000_000) });
  await expect(page.getByRole('alert').first()).toContainText('at most 12 MB');
  await file.setInputFiles({ name: 'chart.png', mimeType: 'image/png', buffer: picture });
  const sheet = page.getByRole('application');
  for (const position of [
    { x: 50, y: 250 },
    { x: 52, y: 250 },
  ])
    await sheet.click({ position });
  for (const position of [
    { x: 50, y: 250 },
    { x: 50, y: 50 },
  ])
    await sheet.click({ position });
  await expect(page.getByRole('alert').first()).toContainText('one spot');
  for (let i = 0; i < 4; i++) await page.getByRole('button', { name: 'Take the last click back' }).click();
  for (const position of [
    { x: 50, y: 250 },
    { x: 450, y: 250 },
    { x: 50, y: 250 },
    { x: 50, y: 50 },
    { x: 100, y: 130 },
    { x: 250, y: 90 },
    { x: 400, y: 110 },
  ])
    await sheet.click({ position });
  await page.getByLabel('temperature, second mark').fill('800');
  await page.getByLabel('friction, second mark').fill('0.5');
  await page.getByRole('button', { name: 'Use these 3 points' }).click();
  await expect(page.getByRole('slider', { name: 'Point 2 of 3' })).toHaveAttribute('aria-valuetext', /400 °C, friction 0.400/);
});

test('an own pad is put on the shelf, copied, archived and brought back', async ({ page }) => {
  await page.goto('/shelf?kind=pads&open=new');
  const name = page.getByLabel('Name', { exact: true });
  await name.fill('x'.repeat(200));
  await page.getByRole('button', { name: 'Put on the shelf' }).click();
  await expect(page.getByRole('alert').first()).toContainText('80');
  await expect(name).toHaveValue('x'.repeat(200));
  await name.fill('<b>Paddock</b> special');
  await page.getByRole('button', { name: 'Put on the shelf' }).click();
  await expect(page.getByRole('heading', { name: '<b>Paddock</b> special' })).toBeVisible();
  await page.getByRole('button', { name: 'Copy', exact: true }).click();
  await expect(page.getByRole('heading', { name: '<b>Paddock</b> special (copy)' })).toBeVisible();
  await page.getByRole('button', { name: 'Archive', exact: true }).click();
  await expect(page.locator('.shelf-row', { hasText: '(copy)' })).toHaveCount(0);
  await page.getByRole('button', { name: 'on offer', exact: true }).click();
  await page.locator('.shelf-row', { hasText: '(copy)' }).click();
  await page.getByRole('button', { name: 'Put back on offer' }).click();
  await page.getByRole('button', { name: 'archived', exact: true }).click();
  await expect(page.locator('.shelf-row', { hasText: '(copy)' })).toHaveCount(1);
});

test('the shelf goes out as a file and comes in with a look first and a way back', async ({ page }) => {
  await page.goto('/shelf?kind=pads');
  const [download] = await Promise.all([page.waitForEvent('download'), page.getByRole('link', { name: 'Save every part' }).click()]);
  const saved = JSON.parse(await readFile(await download.path(), 'utf8')) as { fluids: { id: string; body: { name: string } }[] };
  const open = page.getByLabel('Read a catalogue');
  const give = (name: string, content: unknown) =>
    open.setInputFiles({ name, mimeType: 'application/json', buffer: Buffer.from(typeof content === 'string' ? content : JSON.stringify(content)) });
  await give('twice.json', { ...saved, fluids: [...saved.fluids, saved.fluids[0]] });
  // The server may still be weighing what the test before asked for.
  await expect(page.getByRole('alert').first()).toContainText('every id once', { timeout: 20_000 });
  await give('unknown.json', { ...saved, brakes: [] });
  await expect(page.getByRole('alert').first()).toContainText('brakes');
  await give('more.json', {
    rimrock: 'catalogue',
    version: 1,
    fluids: [{ id: 'friend-5', body: { name: 'Friend 5', class: 'dot4', dryC: 280, wetC: 190 } }],
  });
  await expect(page.getByText('would add 1 parts')).toBeVisible();
  await page.getByRole('button', { name: 'Put them on the shelf' }).click();
  await expect(page.getByRole('button', { name: '12 fluids' })).toBeVisible();
  await page.getByRole('button', { name: 'Take it back' }).click();
  await expect(page.getByRole('button', { name: '11 fluids' })).toBeVisible();
});

test('Shelf has no accessibility faults and works at 390 px', async ({ page }) => {
  for (const address of ['/shelf?kind=pads&open=fell-3', '/shelf?kind=rotors&open=fell-332', '/shelf?kind=fluids&open=cairn-5', '/shelf?kind=cars']) {
    await page.goto(address);
    await expect(page.getByText('On the shelf:')).toBeVisible();
    await page.waitForTimeout(400);
    const found = await new AxeBuilder({ page }).withTags(['wcag2a', 'wcag2aa', 'wcag21aa', 'wcag22aa']).analyze();
    expect(found.violations.map((fault) => `${address} ${fault.id}: ${fault.nodes.map((node) => node.target).join(' ')}`)).toEqual([]);
  }
  await page.setViewportSize({ width: 390, height: 844 });
  await page.goto('/shelf?kind=pads&open=fell-3');
  await expect(page.getByRole('heading', { name: 'Fell 3' })).toBeVisible();
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
});
