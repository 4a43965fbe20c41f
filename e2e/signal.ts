import type { BrowserContext, Page } from '@playwright/test';
import { expect } from './test';

/** Opens the application once with a signal, and waits until the way to the hive is kept on the device; the other pages may be, or not yet. */
export async function takeToTheHive(page: Page) {
  await page.goto('/hive');
  await expect(page.getByRole('heading', { level: 1, name: 'Which apiary?' })).toBeVisible();
  const isKept = () =>
    page.evaluate(async () => {
      if (!navigator.serviceWorker.controller) return false;
      return (await caches.match('/hive', { ignoreVary: true })) !== undefined;
    });
  await expect.poll(isKept, { intervals: [250] }).toBe(true);
}

/** The same, with every page of the book. */
export async function takeAlong(page: Page) {
  await page.goto('/hive');
  await expect(page.getByRole('heading', { level: 1, name: 'Which apiary?' })).toBeVisible();
  await expect
    .poll(() => page.evaluate(() => Object.keys(localStorage).some((key) => key.startsWith('ubbet-kept-'))))
    .toBe(true);
}

/** Takes the signal away, or gives it back. */
export const signal = (context: BrowserContext, is: boolean) => context.setOffline(!is);
/** Says whether everything has been sent. */
export const badge = (page: Page) => page.getByRole('banner').getByRole('status');
