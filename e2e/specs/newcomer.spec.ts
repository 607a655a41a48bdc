import { freshPort } from '../playwright.config';
import { expect, limits, openBench, test } from './page';

test('a newcomer gets from an empty database to a verdict with five answers', async ({ page }) => {
  await page.goto(`http://127.0.0.1:${freshPort}/`);
  await page.getByRole('link', { name: 'Start with your car' }).click();
  await expect(page.getByRole('group').filter({ has: page.locator('legend') })).toHaveCount(5);
  const asked = await page.locator('form input, form select').count();
  // Mass, power, tyres, where, how, how often on road and track, pads, fluid and its age, old hoses; a disc's diameter for who knows it.
  expect(asked).toBe(12);
  const go = page.getByRole('button', { name: 'Show me what gives first' });
  await expect(go).toBeDisabled();
  await page.getByLabel('Mass with driver').fill('1420');
  await page.getByLabel('Power').fill('96');
  await page.getByLabel('Tyres').selectOption('sport');
  await page.getByLabel('Circuit').selectOption('typical');
  await page.getByLabel('Pads').selectOption('organic');
  await page.getByLabel('Fluid', { exact: true }).selectOption('dot4');
  await page.getByLabel('Age of the fluid').fill('30');
  await go.click();
  await expect(limits(page).first()).toContainText('A stop is missed');
  await expect(page.getByRole('button', { name: 'any DOT 4 fluid, 30 months old' })).toBeVisible();
  await page.getByRole('button', { name: 'My car' }).click();
  await page.getByLabel('Keep this car on the shelf as').fill('Sunday car');
  await page.getByRole('button', { name: 'Keep', exact: true }).click();
  await expect(page.getByRole('button', { name: 'Sunday car' })).toBeVisible();
});

test('a newcomer gets from the first verdict to an order without keeping anything by hand', async ({ page }) => {
  test.setTimeout(150_000);
  await page.goto(`http://127.0.0.1:${freshPort}/new`);
  await page.getByLabel('Mass with driver').fill('1380');
  await page.getByLabel('Power').fill('170');
  await page.getByLabel('Pads').selectOption('organic');
  await page.getByRole('button', { name: 'Show me what gives first' }).click();
  await expect(limits(page).first()).toBeVisible();
  await page.getByRole('navigation', { name: 'Rooms' }).getByRole('link', { name: /Choose/ }).click();
  const first = page.getByRole('region', { name: 'Short list' }).getByRole('listitem').first();
  await expect(first).toContainText('± ', { timeout: 60_000 });
  await page.getByRole('button', { name: 'Try it in the plan' }).first().click();
  await expect(page.getByRole('status').filter({ hasText: 'as it stood is on the shelf' })).toBeVisible({ timeout: 20_000 });
  await page.getByRole('navigation', { name: 'Rooms' }).getByRole('link', { name: /Ready/ }).click();
  const work = page.getByRole('region', { name: 'Work order' });
  await expect(work).toContainText(/typical|any DOT/, { timeout: 30_000 });
  await expect(page.getByText('nothing to change')).toHaveCount(0);
});

test('the demo and one’s own data are different files', async ({ page }) => {
  await openBench(page);
  await page.getByRole('button', { name: 'Harrow estate' }).click();
  await expect(page.getByRole('radio', { name: /Harrow estate/ })).toBeChecked();
  await expect(page.getByRole('radio', { name: /Sunday car/ })).toHaveCount(0);
});
