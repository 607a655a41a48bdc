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

test('the demo and one’s own data are different files', async ({ page }) => {
  await openBench(page);
  await page.getByRole('button', { name: 'Harrow estate' }).click();
  await expect(page.getByRole('radio', { name: /Harrow estate/ })).toBeChecked();
  await expect(page.getByRole('radio', { name: /Sunday car/ })).toHaveCount(0);
});
