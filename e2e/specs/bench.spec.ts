import { expect, limits, openBench, test } from './page';

test('the demo shows what gives first, and one change of pads mends it', async ({ page }) => {
  await openBench(page);
  await expect(limits(page).first()).toContainText('Front pads fade');
  await expect(limits(page).first()).toContainText('lap 1');
  await expect(limits(page).first().locator('.limit-chance')).toHaveText(/^(> )?\d+ %$/, { timeout: 15_000 });
  await expect(page.getByText('What would narrow this')).toBeVisible();
  await expect(page.getByText('fades from lap 1').first()).toBeVisible();
  for (const [phrase, pad, title] of [
    ['Tern Daily', 'Fell 3', 'Front pads'],
    ['Tern Daily', 'Fell 2', 'Rear pads'],
  ]) {
    await page.getByRole('button', { name: phrase }).first().click();
    await page.getByRole('group', { name: title, exact: true }).getByRole('radio', { name: new RegExp(pad!) }).click();
    await page.getByRole('button', { name: 'Done' }).click();
  }
  await expect(page.getByText('Everything holds for the whole day')).toBeVisible();
});

test('why opens the figures, the equation and the source', async ({ page }) => {
  await openBench(page);
  await limits(page).first().getByRole('button', { name: 'why' }).click();
  await expect(limits(page).first().locator('.basis')).toContainText('Capacity: upper edge of the working band');
});

test('the address reproduces the view, and back undoes a change', async ({ page, context }) => {
  await openBench(page);
  await page.getByRole('button', { name: 'advanced pace' }).click();
  await page.getByRole('radio', { name: /novice/ }).click();
  await expect(page.getByRole('button', { name: 'novice pace' })).toBeVisible();
  const other = await context.newPage();
  await openBench(other, page.url());
  await expect(other.getByRole('button', { name: 'novice pace' })).toBeVisible();
  await expect(other.locator('li.limit').first()).toHaveText((await limits(page).first().textContent())!);
  await page.keyboard.press('Escape');
  await page.keyboard.press('u');
  await expect(page.getByRole('button', { name: 'advanced pace' })).toBeVisible();
});

test('a link to parts that are not here is explained', async ({ page }) => {
  await page.goto('/bench?p=' + Buffer.from(JSON.stringify({ car: 'gone', circuit: 'gone', pace: 'x', stint: {}, weather: {}, frontPad: 'x', rearPad: 'x', fluid: 'x', fluidState: {} })).toString('base64url'));
  await expect(page.getByText('This link names a car that is not on your shelf.')).toBeVisible();
});

test('one switch turns everything to Fahrenheit and imperial', async ({ page }) => {
  await openBench(page);
  await page.getByRole('button', { name: 'Change to Fahrenheit and imperial' }).click();
  await expect(limits(page).first()).toContainText('works to 540 °F');
  await expect(page.getByRole('button', { name: '75 °F, dry' })).toBeVisible();
  expect(await page.locator('main').innerText()).not.toMatch(/°C|km\/h/);
});

test('a stop chosen in the story shows in the strata, and a lap zooms', async ({ page }) => {
  await openBench(page);
  await page.getByRole('slider', { name: /Stops of the session/ }).focus();
  await page.keyboard.press('ArrowRight');
  await page.keyboard.press('ArrowRight');
  await expect(page.getByText(/end of this stop/)).toBeVisible();
  await page.getByRole('group', { name: 'Zoom to a lap' }).getByRole('button', { name: '4', exact: true }).click();
  await page.getByRole('button', { name: 'Show the whole session' }).click();
});

test('the other rooms say in one line what they will do', async ({ page }) => {
  await openBench(page);
  for (const [key, word] of [
    ['2', 'short list'],
    ['3', 'bedding plan'],
    ['4', 'what the car teaches'],
    ['5', 'friction curves'],
  ] as const) {
    await page.keyboard.press(key);
    await expect(page.locator('.promise')).toContainText(word);
  }
});

test('a recording dropped on the circuit editor becomes the lap', async ({ page }) => {
  await openBench(page);
  await page.getByRole('button', { name: 'Gullmouth' }).click();
  const rows = Array.from({ length: 900 }, (_, i) => {
    const t = i % 300;
    return `${(i / 10).toFixed(1)};${(t < 250 ? 90 + t * 0.3 : 165 - (t - 250) * 1.5).toFixed(2).replace('.', ',')}`;
  });
  await page.locator('input[type=file]').setInputFiles({ name: 'sunday.csv', mimeType: 'text/csv', buffer: Buffer.from(['time_s;speed_kmh', ...rows].join('\n')) });
  await expect(page.getByRole('status').filter({ hasText: '3 braking zones found' })).toBeVisible();
  await page.getByRole('button', { name: 'Drive this lap' }).click();
  await expect(page.getByRole('button', { name: 'sunday', exact: true })).toBeVisible();
  await expect(page.getByText(/A hot lap: 89\.\d s/)).toBeVisible();
});

test('a change is redrawn quickly', async ({ page }, info) => {
  await openBench(page);
  await page.getByRole('button', { name: '24 °C, dry' }).click();
  const field = page.getByLabel('Air temperature');
  const times: number[] = [];
  for (let c = 10; c < 30; c++) {
    const before = await page.locator('[data-redrawn]').getAttribute('data-redrawn');
    const took = page.evaluate(
      (old) =>
        new Promise<number>((done) => {
          const start = performance.now();
          const look = () => (document.querySelector('[data-redrawn]')?.getAttribute('data-redrawn') !== old ? requestAnimationFrame(() => done(performance.now() - start)) : requestAnimationFrame(look));
          look();
        }),
      before,
    );
    await field.fill(String(c));
    times.push(await took);
  }
  times.sort((a, b) => a - b);
  info.annotations.push({ type: 'change to redrawn page, ms', description: `median ${times[10]!.toFixed(0)}, worst ${times[19]!.toFixed(0)}` });
  console.log(`change to redrawn page: median ${times[10]!.toFixed(0)} ms, worst ${times[19]!.toFixed(0)} ms`);
});
