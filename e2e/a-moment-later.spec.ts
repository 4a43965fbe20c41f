import type { Page } from '@playwright/test';
import { CLEARED, choose, expect, saveInspection, test } from './test';

test.use({ seed: 'demo' });

/** Waits until the page has had a moment, and nothing more has come for a while. */
async function atRest(page: Page) {
  await page.evaluate(() => new Promise((resolve) => requestIdleCallback(resolve)));
  let last = -1;
  await expect
    .poll(
      async () => {
        const before = last;
        last = await page.evaluate(() => performance.getEntriesByType('resource').length);
        return last === before;
      },
      { intervals: [500] },
    )
    .toBe(true);
}

test('what comes a moment after a page is there when the signal goes, on a device that keeps no pages', async ({
  page,
  context,
}) => {
  await page.goto('/');
  await page.getByRole('link', { name: 'Enter an inspection of Sainfoin' }).click();
  await page.waitForURL(/\/inspect$/);
  await expect(page.getByRole('group', { name: 'Queen?' })).toBeVisible();
  await atRest(page);
  await context.setOffline(true);

  await choose(page, 'Queen?', 'seen');
  await expect(page.getByRole('group', { name: 'Which queen was it?' })).toBeVisible();
  await page.getByText('More that you saw').click();
  await expect(page.getByRole('group', { name: 'Queens heard?' })).toBeVisible();
  await choose(page, 'How thoroughly did you check for cells?', CLEARED);
  await page.getByLabel('Hive shut again at').fill('00:01');
  await saveInspection(page);
  // What contradicts itself is said at once, not when the server hears of it.
  await expect(page.getByRole('alert').first()).toContainText('It cannot end before it begins');
});

test('frames are moved by keys and by dragging as soon as the board is there', async ({ page }) => {
  await page.goto('/');
  await page.getByRole('link', { name: 'Sainfoin', exact: true }).first().click();
  await page.waitForURL(/\/colonies\//);
  await page.goto(`${page.url()}/board/nuc-swarm`);
  // The rules say nothing before they have come.
  await expect(page.getByRole('heading', { name: /Nothing against it|What to mind/ })).toBeVisible();
  await expect(page.getByRole('region', { name: 'Before and after' })).toBeVisible();
  await expect(page.getByRole('region', { name: 'What it starts' })).toBeVisible();
  const frames = page.locator('[data-frame]');
  const first = await frames.first().getAttribute('data-frame');
  const out = page.getByRole('region', { name: 'Taken out' });
  // What it takes to drag comes last of all: whoever is quicker drags once more.
  await expect(async () => {
    await page.locator(`[data-frame="${first}"]`).dragTo(out, { timeout: 5000, steps: 8 });
    await expect(out.getByRole('button')).toHaveCount(1, { timeout: 1000 });
  }).toPass();
  await expect(page.locator(`[data-frame="${first}"]`)).toHaveCount(0);
  await frames.first().focus();
  await page.keyboard.press('Delete');
  await expect(out.getByRole('button')).toHaveCount(2);
});
