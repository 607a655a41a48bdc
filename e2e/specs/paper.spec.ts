import { gzipSync } from 'node:zlib';
import { expect, openBench, test } from './page';

const rooms = [
  ['/bench', '.limit-chance'],
  ['/choose', 'li.setup'],
  ['/ready', '.bedding-chart'],
  ['/log', '.wear'],
  ['/log?write=day', '.paddock'],
  ['/shelf?kind=pads&open=fell-3', '.curve-says'],
  ['/shelf?kind=circuits', '.shelf-places'],
  ['/new', 'form'],
] as const;

/** What reaches past the right edge, however it is called. */
const tooWide = () =>
  [...document.querySelectorAll('body *')]
    .filter((one) => {
      const box = one.getBoundingClientRect();
      const inside = one.closest('.visually-hidden, .visually-hidden-focusable, svg svg, .why-list');
      return !inside && !(one instanceof SVGElement && one.ownerSVGElement) && box.width > 0 && box.right > document.documentElement.clientWidth + 1;
    })
    .map((one) => `${one.tagName} ${one.getAttribute('class')} ${one.textContent?.slice(0, 30)}`);

test('no room is wider than a screen of 320 px, and drawings keep their names', async ({ page }) => {
  test.setTimeout(120_000);
  await page.setViewportSize({ width: 320, height: 700 });
  for (const [address, mark] of rooms) {
    await page.goto(address);
    await page.locator(mark).first().waitFor({ timeout: 60_000 });
    await page.evaluate(() => document.querySelectorAll('details').forEach((one) => (one.open = true)));
    await page.waitForTimeout(300);
    await expect.poll(() => page.evaluate(tooWide), address).toEqual([]);
    if (address === '/bench') await expect(page.locator('.chart-legend').first()).toContainText('Front face');
  }
});

test('every room fits A4 and Letter, in light colours whatever the theme, with its bars', async ({ page }) => {
  test.setTimeout(120_000);
  await page.addInitScript(() => localStorage.setItem('rimrock.theme', 'dark'));
  // The room between the margins: 210 less 20 mm, 8.5 inch less 20 mm, at 96 px to the inch.
  for (const [address, mark] of rooms) {
    await page.emulateMedia({ media: 'screen' });
    await page.setViewportSize({ width: 1280, height: 800 });
    await page.goto(address);
    await page.locator(mark).first().waitFor({ timeout: 60_000 });
    await page.evaluate(() => window.dispatchEvent(new Event('beforeprint')));
    await page.emulateMedia({ media: 'print' });
    for (const width of [718, 740]) {
      await page.setViewportSize({ width, height: 1000 });
      await expect.poll(() => page.evaluate(tooWide), `${address} ${width}`).toEqual([]);
    }
    const shown = await page.evaluate(() => {
      const body = getComputedStyle(document.body);
      const scrolled = [...document.querySelectorAll('main *')].filter((one) => {
        const style = getComputedStyle(one);
        return /auto|scroll/.test(style.overflowY + style.overflowX) && (one.scrollHeight > one.clientHeight + 1 || one.scrollWidth > one.clientWidth + 1);
      });
      const bar = document.querySelector('.chance-fill, .limit-bar span');
      return {
        paper: body.backgroundColor,
        ink: body.color,
        accent: body.getPropertyValue('--ember').trim(),
        scrolled: scrolled.map((one) => `${one.tagName} ${one.className}`),
        bar: bar ? getComputedStyle(bar).printColorAdjust : 'exact',
      };
    });
    expect(shown, address).toEqual({ paper: 'rgb(255, 255, 255)', ink: 'rgb(0, 0, 0)', accent: '#a83812', scrolled: [], bar: 'exact' });
  }
});

test('forced colours leave what is chosen, dangerous and at its limit to be seen', async ({ page }) => {
  await page.emulateMedia({ forcedColors: 'active' });
  await openBench(page);
  const style = (selector: string, property: string) =>
    page.locator(selector).first().evaluate((one, name) => getComputedStyle(one).getPropertyValue(name), property);
  expect(await style('a.room.current', 'outline-style')).toBe('solid');
  expect(await style('a.room:not(.current)', 'outline-style')).toBe('none');
  expect(await style('li.limit.gives', 'border-left-style')).toBe('solid');
  expect(await style('li.limit:not(.gives):not(.may)', 'border-left-style')).toBe('none');
  await expect(page.locator('.chance-fill').first()).toBeVisible();
  expect(await style('.harm-danger', 'text-decoration-line')).toBe('underline');
  await page.goto('/log?write=day');
  await page.getByRole('button', { name: 'firm all day' }).click();
  const [chosen, other] = [await style('.kit-mark.chosen', 'background-color'), await style('.kit-mark:not(.chosen)', 'background-color')];
  expect(chosen).not.toBe(other);
});

test('the first load of the Bench is at most 170 kB of script, and fonts of the script in use', async ({ page }) => {
  const [scripts, fonts] = [new Map<string, number>(), [] as string[]];
  page.on('response', async (answer) => {
    const { pathname } = new URL(answer.url());
    if (pathname.endsWith('.js')) scripts.set(pathname, gzipSync(await answer.body()).length);
    if (/\.woff2?$/.test(pathname)) fonts.push(pathname);
  });
  await openBench(page);
  await page.waitForTimeout(1500);
  // Four seconds after the page has begun the other rooms' scripts are fetched, whether a slow machine has come so far or not.
  const first = await page.evaluate(() =>
    performance.getEntriesByType('resource').flatMap((one) => (one.startTime < 4000 ? [new URL(one.name).pathname] : [])),
  );
  const bytes = first.flatMap((path) => scripts.get(path) ?? []);
  expect(bytes.length).toBeGreaterThan(2);
  expect(bytes.reduce((sum, one) => sum + one, 0)).toBeLessThan(170_000);
  expect(fonts.filter((name) => !name.includes('latin'))).toEqual([]);
  expect(fonts.length).toBeLessThanOrEqual(4);
});
