import type { Page } from '@playwright/test';
import { expect, test } from './page';

const session = (page: Page) => page.getByRole('region', { name: 'A day at the track' });

async function typeADay(page: Page) {
  await page.goto('/log');
  await page.getByRole('button', { name: 'Write down a day' }).click();
  await session(page).getByRole('button', { name: 'One session more' }).click();
  await session(page).getByRole('button', { name: 'Five laps more' }).click();
  await session(page).getByText('More: rear paints').click();
  await session(page).getByLabel('Note').fill('gusty, long pedal in the last lap');
}

async function expectTheDay(page: Page) {
  await session(page).getByText('More: rear paints').click();
  await expect(session(page).getByLabel('Note')).toHaveValue('gusty, long pedal in the last lap');
  await expect(session(page).getByRole('group', { name: 'Hot laps' })).toContainText('5');
}

test('a day that is typed outlives a reload, another room, going back and a server that is gone', async ({ page }) => {
  await typeADay(page);
  await page.reload();
  await expect(session(page)).toContainText('Taken up where you left it');
  await expectTheDay(page);

  await page.getByRole('link', { name: 'Bench' }).last().click();
  await expect(page.getByRole('heading', { name: 'What gives first' })).toBeVisible();
  await page.goBack();
  await expectTheDay(page);

  // A server that is gone: what was typed stays, and is said to be unsaved.
  await page.route('**/api/log/*/sessions/*', (route) => route.abort());
  await session(page).getByRole('button', { name: 'Write it down' }).click();
  await expect(session(page).getByRole('alert')).toContainText('did not answer');
  await page.unroute('**/api/log/*/sessions/*');
  await page.reload();
  await expectTheDay(page);

  // Later keeps it; only throwing it away asks.
  await session(page).getByRole('button', { name: 'Later' }).click();
  await expect(page.getByText(/A day begun .* is not written down yet/)).toBeVisible();
  await page.getByRole('button', { name: 'Go on' }).click();
  await session(page).getByRole('button', { name: 'Throw it away' }).click();
  await expect(page.getByRole('button', { name: 'Go on' })).toBeFocused();
  await page.keyboard.press('Escape');
  await expect(session(page).getByRole('button', { name: 'Throw it away' })).toBeFocused();
  await session(page).getByRole('button', { name: 'Throw it away' }).click();
  await session(page).getByRole('alertdialog').getByRole('button', { name: 'Throw it away' }).click();
  await expect(page.getByText(/is not written down yet/)).toBeHidden();
  await page.getByRole('button', { name: 'Write down a day' }).click();
  await session(page).getByRole('button', { name: 'Leave it' }).click();
  await expect(session(page)).toBeHidden();
});

test('what is seen on the stands, a new car and a part outlive a reload', async ({ page }) => {
  await page.goto('/log');
  await page.getByRole('button', { name: 'On the stands' }).click();
  await page.getByLabel('Inner pad').fill('7.5');
  await page.getByLabel('Inner pad').blur();
  await page.reload();
  await expect(page.getByLabel('Inner pad')).toHaveValue('7.5');
  await page.getByRole('button', { name: 'Throw it away' }).click();
  await page.getByRole('alertdialog').getByRole('button', { name: 'Throw it away' }).click();

  await page.goto('/new');
  await page.getByLabel('Mass with driver').fill('1310');
  await page.getByLabel('Mass with driver').blur();
  await page.getByLabel('Tyres').selectOption({ index: 2 });
  const tyre = await page.getByLabel('Tyres').inputValue();
  await page.reload();
  await expect(page.getByLabel('Mass with driver')).toHaveValue('1310');
  await expect(page.getByLabel('Tyres')).toHaveValue(tyre);
  await page.getByRole('button', { name: 'Start over' }).click();
  await page.getByRole('alertdialog').getByRole('button', { name: 'Start over' }).click();
  await expect(page.getByLabel('Mass with driver')).toHaveValue('');

  await page.goto('/shelf?kind=pads&open=fell-3');
  await page.getByLabel('Price of an axle set').fill('231');
  await page.getByLabel('Price of an axle set').blur();
  await page.reload();
  await expect(page.getByLabel('Price of an axle set')).toHaveValue('231');
  await page.getByRole('button', { name: 'Undo' }).isVisible();
  await page.getByRole('button', { name: 'Start over' }).click();
  await page.getByRole('alertdialog').getByRole('button', { name: 'Start over' }).click();
  await expect(page.getByLabel('Price of an axle set')).not.toHaveValue('231');
});

test('two who change the same part are told whose is newer, and choose', async ({ page, context }) => {
  const other = await context.browser()!.newContext();
  const theirs = await other.newPage();
  const price = (of: Page) => of.getByLabel('Price of an axle set');
  const change = async (of: Page, to: string) => {
    await price(of).fill(to);
    await price(of).blur();
  };
  // A part of its own, taken off the shelf again, so that no other walk meets it.
  const shelf = (await (await page.request.get('/api/shelf')).json()) as { content: { pads: { id: string; revision: number; body: object }[] } };
  const body = { ...shelf.content.pads.find((pad) => pad.id === 'fell-2')!.body, name: 'Two Hands' };
  expect((await page.request.put('/api/shelf/pads/two-hands?revision=0', { data: body })).status()).toBe(200);
  const open = '/shelf?kind=pads&open=two-hands';
  for (const mine of [false, true]) {
    await page.goto(open);
    await theirs.goto(open);
    await change(page, mine ? '181' : '171');
    await change(theirs, mine ? '182' : '172');
    await theirs.getByRole('button', { name: 'Save', exact: true }).click();
    await expect(theirs.getByText(/yours, saved/)).toBeVisible();
    await page.getByRole('button', { name: 'Save', exact: true }).click();
    const alert = page.getByRole('alert');
    await expect(alert).toContainText(/Two Hands was changed elsewhere on \d+ \w+ \d{4}, \d\d:\d\d/);
    await expect(alert).toContainText('price of an axle set');
    await alert.getByRole('button', { name: mine ? 'Keep mine' : 'Load theirs' }).click();
    await expect(alert).toBeHidden();
    await expect(price(page)).toHaveValue(mine ? '181' : '172');
    await page.reload();
    await expect(price(page)).toHaveValue(mine ? '181' : '172');
  }
  await other.close();
  const { revision } = ((await (await page.request.get('/api/shelf')).json()) as typeof shelf).content.pads.find((pad) => pad.id === 'two-hands')!;
  expect((await page.request.post(`/api/shelf/pads/two-hands/archive?revision=${revision}&archived=true`)).status()).toBe(200);
});
