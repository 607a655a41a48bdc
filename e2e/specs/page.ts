import { expect, test as base, type Page } from '@playwright/test';

/** Every test fails on an error in the console: a broken policy, a missing file, a crash; not on what a test provokes: a refusal, a conflict, a request cut off. */
export const test = base.extend<{ quiet: void }>({
  quiet: [
    async ({ page }, use) => {
      const errors: string[] = [];
      page.on('console', (message) => message.type() === 'error' && !/status of (400|409)|net::ERR_FAILED/.test(message.text()) && errors.push(message.text()));
      page.on('pageerror', (error) => errors.push(error.message));
      await use();
      expect(errors).toEqual([]);
    },
    { auto: true },
  ],
});

export { expect };

export async function openBench(page: Page, address = '/') {
  await page.goto(address);
  await expect(page.getByRole('heading', { name: 'What gives first' })).toBeVisible();
}

export const limits = (page: Page) => page.locator('li.limit');
