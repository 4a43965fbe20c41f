import type { Page } from '@playwright/test';
import { codes, inspect, openRows, plan, start } from './season';
import { badge, signal, takeAlong } from './signal';
import { addCells, begin, CLEARED, choose, expect, onDay, setTime, test } from './test';

/** A colony with charged cells on 10 May, split with a nuc on that day before what was seen in it is entered. */
async function splitFirst(page: Page) {
  await page.goto('/');
  await onDay(page, '2027-05-10');
  await begin(page, 'Orchard', 'Clover');
  await inspect(page, 'Clover', '2027-05-10', {
    queen: 'seen',
    time: '10:00',
    what: () => addCells(page, 'charged (large larva)'),
  });
  await plan(page, 'Clover', 'Artificial swarm with a nuc');
  await start(page);
}

/** She was seen in what was entered last: of the day of the split, so before it. */
async function isAsBefore(page: Page) {
  await expect(page.getByRole('heading', { name: 'Queen', exact: true })).toBeVisible();
  await openRows(page);
  const queen = page.getByRole('region', { name: 'Queen' });
  await expect(queen).toContainText('No queen since Mon 10 May');
  await expect(page.getByText(/another queen/i)).toHaveCount(0);
  expect(await codes(page)).toContain('thin-cells');
}

test('an inspection of the day of a split, entered after it, tells how the colony was before', async ({ page }) => {
  await splitFirst(page);
  await inspect(page, 'Clover', '2027-05-10', { queen: 'seen', time: '11:00' });
  await isAsBefore(page);
});

test.describe('on a phone', () => {
  test.use({ viewport: { width: 390, height: 844 }, serviceWorkers: 'allow' });

  test('it does too, while there is no signal and once it is sent', async ({ page, context }) => {
    await splitFirst(page);
    await takeAlong(page);
    await signal(context, false);
    await page.goto('/hive');
    await page.getByRole('link', { name: /^Orchard/ }).click();
    await page
      .getByRole('link', { name: /Clover(?! nuc)/ })
      .first()
      .click();
    await choose(page, 'Eggs?', 'seen');
    await choose(page, 'Queen?', 'seen');
    await choose(page, 'How thoroughly did you check for cells?', CLEARED);
    await setTime(page, '2027-05-10', '11:00');
    await expect(page.getByText(/another queen/i)).toHaveCount(0);
    await page.getByRole('button', { name: 'Save the inspection' }).filter({ visible: true }).click();
    await expect(badge(page)).toHaveText(/1 saved here/);
    await signal(context, true);
    await expect(badge(page)).toHaveText('all sent');
    await page.goto('/colonies');
    await page.getByRole('link', { name: 'Clover', exact: true }).first().click();
    await isAsBefore(page);
  });
});
