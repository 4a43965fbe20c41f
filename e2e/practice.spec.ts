import type { Page } from '@playwright/test';
import { faults } from './faults';
import { expect, test } from './test';

test.use({ seed: 'demo' });

/** Every exercise by its name, with what is asked first in it. */
const EXERCISES = [
  ['Read the cell', 'Which stage is it?'],
  ['Read the brood', 'How many days ago was the last egg laid?'],
  ['Swarm, supersedure or emergency', 'Why are the cells there?'],
  ['Leave it shut or not', 'Today?'],
  ['When to be back', 'In how many days must somebody be back, at the latest?'],
  ['What must not be shaken', 'Which frames must not be shaken?'],
] as const;

/** Answers all that is asked with what stands first: by pointer. */
async function answerAnything(page: Page) {
  for (const group of await page.getByRole('group').all()) {
    const first = group.locator('label').first();
    if (await first.isVisible()) await first.click();
  }
  for (const field of await page.getByRole('spinbutton').all()) await field.fill('3');
}

test('each exercise is asked, answered by pointer, marked with its reasons, and another follows', async ({ page }) => {
  test.slow();
  for (const [name, asked] of EXERCISES) {
    await page.goto('/practice');
    await page.getByRole('button', { name, exact: true }).click();
    const card = page.getByRole('region', { name });
    await expect(card.getByText(asked)).toBeVisible();
    expect(await faults(page)).toEqual([]);
    await answerAnything(page);
    await card.getByRole('button', { name: 'Check it' }).click();
    await expect(card.getByRole('heading', { level: 3 })).toBeFocused();
    await expect(card.getByText('You said:').first()).toBeVisible();
    expect(await faults(page)).toEqual([]);
    await card.getByRole('button', { name: 'Next' }).click();
    await expect(card.getByRole('button', { name: 'Check it' })).toBeVisible();
  }
});

test('a frame is searched and its cells chosen by keys; what was hidden is shown afterwards; progress goes out as CSV', async ({
  page,
}) => {
  await page.goto('/practice');
  await page.getByRole('button', { name: 'Find them all' }).press('Enter');
  const card = page.getByRole('region', { name: 'Find them all' });
  await expect(card.getByRole('button', { name: 'Check it' })).toBeDisabled();
  await card.getByRole('button', { name: 'Shake the bees off' }).press('Enter');
  const things = card.getByRole('button', { pressed: false }).filter({ has: page.locator('svg') });
  await things.first().press('Enter');
  await expect(card.getByRole('button', { pressed: true })).toHaveCount(1);
  await page.getByRole('spinbutton').fill('7');
  await page.keyboard.press('Enter');
  await expect(card.getByRole('listitem').filter({ hasText: 'must somebody be back' })).toContainText('Right');
  expect(await faults(page)).toEqual([]);
  await card.getByRole('button', { name: 'Enough' }).click();
  const table = page.getByRole('table', { name: 'What you practised, on this device' });
  await expect(table).toContainText('Find them all');
  const loads = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Save it as CSV' }).click();
  expect((await loads).suggestedFilename()).toBe('ubbet-practice.csv');
  // It is there when the page is opened again, until it is forgotten.
  await page.reload();
  await expect(table).toContainText('Find them all');
  await page.getByRole('button', { name: 'Forget all of it' }).click();
  await page.getByRole('alertdialog').getByRole('button', { name: 'Forget it' }).click();
  await expect(table).toHaveCount(0);
});

test('all of it is there in words, on a phone', async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await page.goto('/practice');
  await expect(page.locator('html')).toHaveJSProperty('scrollWidth', 390);
  await page.getByRole('button', { name: 'Read the cell' }).click();
  await page.getByRole('button', { name: 'In words' }).click();
  await expect(page.getByText('The one that is asked about:')).toBeVisible();
  await page.getByRole('button', { name: 'Enough' }).click();
  await page.getByRole('button', { name: 'Read the brood' }).click();
  await page.getByRole('button', { name: 'In words' }).click();
  await expect(page.getByText(/cells with|empty/).first()).toBeVisible();
  await expect(page.locator('html')).toHaveJSProperty('scrollWidth', 390);
  expect(await faults(page)).toEqual([]);
});

test.describe('without a signal', () => {
  test.use({ serviceWorkers: 'allow' });

  test('it goes on as it was', async ({ page, context }) => {
    await page.goto('/hive');
    await page.evaluate(() => navigator.serviceWorker.ready);
    await expect
      .poll(() => page.evaluate(async () => (await caches.match('/practice')) !== undefined), { timeout: 60_000 })
      .toBe(true);
    await page.goto('/practice');
    await page.getByRole('button', { name: 'When to be back' }).click();
    await context.setOffline(true);
    await page.reload();
    await page.getByRole('button', { name: 'When to be back' }).click();
    await page.getByRole('spinbutton').fill('7');
    await page.getByRole('button', { name: 'Check it' }).click();
    await expect(page.getByText('You said: 7 days.')).toBeVisible();
  });
});

test('kept in the book too, it is there on another device; forgotten without a signal, nothing is lost', async ({
  page,
  context,
  browser,
}) => {
  const answerOne = async (on: Page) => {
    await on.goto('/practice');
    await on.getByRole('button', { name: 'When to be back' }).click();
    await on.getByRole('spinbutton').fill('7');
    await on.getByRole('button', { name: 'Check it' }).click();
    await on.getByRole('button', { name: 'Enough' }).click();
  };
  const row = (on: Page) => on.getByRole('row').filter({ hasText: 'When to be back' }).getByRole('cell').first();
  const inBook = (on: Page) => on.getByRole('checkbox', { name: /^Keep it in the book too/ });
  await answerOne(page);
  await inBook(page).check();
  await expect(page.getByRole('table', { name: 'What you practised', exact: true })).toBeVisible();
  const other = await (await browser.newContext({ baseURL: new URL(page.url()).origin })).newPage();
  await answerOne(other);
  await expect(row(other)).toHaveText('1');
  await inBook(other).check();
  await expect(row(other)).toHaveText('2');
  await page.reload();
  await expect(row(page)).toHaveText('2');
  // The book has to forget it as well, and cannot be reached.
  await page.getByRole('button', { name: 'Forget all of it' }).click();
  const forgets = page.getByRole('alertdialog').getByRole('button', { name: 'Forget it' });
  await expect(forgets).toBeVisible();
  await context.setOffline(true);
  await forgets.click();
  await expect(page.getByText('nothing is forgotten yet')).toBeVisible();
  await expect(row(page)).toHaveText('2');
  await context.setOffline(false);
  await page.getByRole('button', { name: 'Forget all of it' }).click();
  await page.getByRole('alertdialog').getByRole('button', { name: 'Forget it' }).click();
  await expect(page.getByRole('region', { name: 'What you practised' })).toHaveCount(0);
  await other.close();
});

test('Find them all: brushed, chosen and checked by pointer', async ({ page }) => {
  await page.goto('/practice');
  await page.getByRole('button', { name: 'Find them all', exact: true }).click();
  const card = page.getByRole('region', { name: 'Find them all' });
  await card.getByRole('button', { name: 'Brush the bees off' }).click();
  const things = card.locator('button[aria-pressed]');
  await things.first().click();
  await expect(things.first()).toHaveAttribute('aria-pressed', 'true');
  await things.first().click();
  await expect(things.first()).toHaveAttribute('aria-pressed', 'false');
  await things.last().click();
  await page.getByRole('spinbutton').fill('7');
  await card.getByRole('button', { name: 'Check it' }).click();
  await expect(card.getByRole('listitem').filter({ hasText: 'must somebody be back' })).toContainText('Right');
  // Brushed off, nothing was hidden and nothing was hurt.
  await expect(card.getByText('which this search does not show')).toHaveCount(0);
  await expect(card.getByText('a knock hurts')).toHaveCount(0);
});
