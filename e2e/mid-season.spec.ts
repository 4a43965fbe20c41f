import type { Locator, Page } from '@playwright/test';
import { openColony } from './season';
import { addCells, CLEARED, choose, expect, onDay, saveInspection, setTime, test } from './test';

/** What a newcomer does to a page, counted: a tap, or a field typed into. */
interface Effort {
  taps: number;
  fields: number;
}

/** Unhurried: to find and tap something, to find and fill something in, and to read a page that has come. */
const SECONDS = { tap: 4, field: 10, page: 15 } as const;

/** Counts the clicks and the typed fields of a page in the page itself, so that no helper is missed. */
async function counted(page: Page): Promise<() => Promise<Effort & { pages: number }>> {
  const total = { taps: 0, fields: 0, pages: 0 };
  await page.exposeFunction('ubbetTapped', (kind: 'taps' | 'fields') => {
    total[kind] += 1;
  });
  await page.addInitScript(() => {
    const tell = (kind: string) => (window as unknown as { ubbetTapped(kind: string): void }).ubbetTapped(kind);
    // A label's click comes a second time, from the box within it, not from a finger.
    document.addEventListener('click', (event) => event.detail > 0 && tell('taps'), true);
    document.addEventListener('change', ({ target }) => {
      if (target instanceof HTMLElement && target.matches('input:not([type=radio],[type=checkbox]), textarea, select'))
        tell('fields');
    });
  });
  page.on('framenavigated', () => {
    total.pages += 1;
  });
  return async () => ({ ...total });
}

const link = (page: Page | Locator, name: string | RegExp) => page.getByRole('link', { name, exact: true });

async function underWay(page: Page, hive: string, method: string, day: string) {
  await openColony(page, hive);
  await link(page, 'A method is under way').click();
  await link(page, method).click();
  await expect(page.getByRole('heading', { level: 1, name: `Begun already: ${method}` })).toBeVisible();
  await page.getByLabel('Day you did it').fill(day);
}

test.describe.configure({ timeout: 120_000 });

test('seven hives of all sorts are in at mid-season within an evening, with true dates', async ({ page }) => {
  const effort = await counted(page);
  await page.goto('/');
  await onDay(page, '2027-05-14');

  await test.step('the first run: since this spring', async () => {
    await page.getByLabel('Apiary').fill('Orchard');
    await page.getByLabel('First colony').fill('1');
    await expect(page.getByText('since 1 Mar')).toBeVisible();
    await page.getByRole('button', { name: 'Begin' }).click();
    await expect(page.getByRole('heading', { level: 1, name: '1', exact: true })).toBeVisible();
    await expect(page.getByRole('region', { name: 'Reading' })).not.toContainText('late');
  });

  await test.step('the other six in one go, one of them wrong at first', async () => {
    await link(page, 'Colonies').first().click();
    await link(page, 'Add several hives').click();
    const hives: readonly (readonly [name: string, origin?: string, on?: string])[] = [
      ['2'],
      ['3'],
      ['4', 'nuc', '8 May'],
      ['5', 'prime-swarm', '10 May'],
      ['6', 'cast', '12 May'],
      ['1'],
    ];
    for (const [i, [name, origin, on]] of hives.entries()) {
      if (i >= 4) await page.getByRole('button', { name: 'One more' }).click();
      await page.getByLabel(`Hive ${i + 1}`, { exact: true }).fill(name);
      if (!origin || !on) continue;
      await page.getByLabel(`Hive ${i + 1}, how it began`).selectOption(origin);
      await page.getByLabel(`Hive ${i + 1}, made or hived on`).fill(on);
    }
    await page.getByRole('button', { name: 'Add 6 hives' }).click();
    await expect(page.getByRole('alert').first()).toContainText('There is a colony called 1 already');
    await page.getByLabel('Hive 6', { exact: true }).fill('7');
    await page.getByRole('button', { name: 'Add 6 hives' }).click();
    await expect(page.getByRole('heading', { level: 1, name: '7 colonies' })).toBeVisible();
  });

  await test.step('1: inspected on 9 May, and in March, before the book knew it', async () => {
    for (const [day, note] of [
      ['2027-05-09', ''],
      ['2027-02-20', 'Hefted only.'],
    ] as const) {
      await openColony(page, '1');
      await link(page, 'Enter an inspection').click();
      await choose(page, 'Eggs?', 'seen');
      if (note === '') await choose(page, 'How thoroughly did you check for cells?', CLEARED);
      else await page.getByRole('textbox', { name: 'Note' }).fill(note);
      await setTime(page, day, '12:00');
      await saveInspection(page);
      // So long ago is oftener a slip than a notebook: it is asked about once.
      if (note !== '') await page.getByRole('alertdialog').getByRole('button', { name: 'Yes, save it' }).click();
      await expect(page).toHaveURL(/colonies\/[^/]+$/);
    }
    // Seven days from the last full search: the earlier entry moves nothing.
    await expect(page.getByRole('region', { name: 'Reading' })).toContainText('Inspect by Sun 16 May, best Sat 15 May');
  });

  await test.step('2: a nuc was made up on 5 May, and one charged cell kept', async () => {
    await openColony(page, '2');
    await link(page, 'Enter an inspection').click();
    await addCells(page, 'charged (large larva)');
    await choose(page, 'Eggs?', 'seen');
    await choose(page, 'Queen?', 'seen');
    await choose(page, 'How thoroughly did you check for cells?', CLEARED);
    await setTime(page, '2027-05-05', '12:00');
    await saveInspection(page);
    await expect(page).toHaveURL(/colonies\/[^/]+$/);
    await page.goto(`${page.url()}/begun`);
    await link(page, 'Artificial swarm with a nuc').click();
    await page.getByLabel('Day you did it').fill('5 May');
    await page.getByRole('button', { name: 'Enter it' }).click();
    await expect(page.getByRole('region', { name: 'Steps' }).getByRole('checkbox', { checked: false })).toHaveCount(0);
  });

  await test.step('3: a Demaree of 3 May, though the queen is not known to be found', async () => {
    await underWay(page, '3', 'Demaree', '3 May');
    await expect(page.getByText(/^Missing:/)).toHaveCount(0);
    await page.getByRole('button', { name: 'Enter it' }).click();
    await expect(page.getByRole('heading', { level: 1, name: /Demaree/ })).toBeVisible();
  });

  await test.step('7: a brief look whose question was not the cells', async () => {
    await openColony(page, '7');
    await link(page, 'Enter an inspection').click();
    await choose(page, 'Eggs?', 'seen');
    await setTime(page, '2027-05-13', '18:00');
    await saveInspection(page);
    await expect(page.getByRole('region', { name: 'Reading' })).toContainText('Cells have not been looked for yet');
  });

  const { taps, fields, pages } = await effort();
  await test.step('every date is true', async () => {
    for (const [name, ...said] of [
      // Laid between 26 and 30 April: out on day 15 at the earliest, 17 at the latest, and ten days to fly and lay.
      ['2', 'Leave shut 11 to 27 May, both days included', 'Look for eggs Sun 30 May'],
      ['2 nuc', 'Late: see whether it has settled. Due by Mon 10 May'],
      ['3', 'search the top box for cells. Due by Tue 11 May', 'See whether the brood above has emerged Tue 25 May'],
      ['4', 'see whether it has settled. Due by Thu 13 May'],
      ['5', 'Check that she is laying by Mon 17 May'],
      ['6', 'Leave shut 12 to 25 May, both days included', 'Check that she is laying Wed 26 May'],
      ['7', 'Inspect Wed 19 May'],
    ] as const) {
      await openColony(page, name);
      // What is to come stands in a row of its own.
      for (const words of said) await expect(page.getByRole('main')).toContainText(words);
    }
  });

  await test.step('one entered by mistake goes out again, and could come back', async () => {
    await openColony(page, '7');
    await link(page, 'Edit colony').click();
    await page.getByRole('button', { name: 'Take it out of the records' }).click();
    await page.getByRole('alertdialog').getByRole('button', { name: 'Take it out' }).click();
    await expect(page.getByRole('heading', { level: 1, name: '7 colonies' })).toBeVisible();
    await page.getByRole('region', { name: 'Taken out' }).getByRole('button', { name: 'Restore' }).click();
    await expect(page.getByRole('heading', { level: 1, name: '8 colonies' })).toBeVisible();
  });

  const minutes = (taps * SECONDS.tap + fields * SECONDS.field + pages * SECONDS.page) / 60;
  test.info().annotations.push({
    type: 'effort',
    description: `${taps} taps, ${fields} fields, ${pages} pages, ${minutes.toFixed(1)} minutes`,
  });
  expect(minutes).toBeLessThan(25);
});
