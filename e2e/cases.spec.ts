import type { Page } from '@playwright/test';
import { faults } from './faults';
import { signal } from './signal';
import { expect, test } from './test';

test.use({ seed: 'demo' });

const hive = (page: Page, name: string) => page.locator(`[data-hive="${name}"]`);

/** Looks into a hive as well as can be, and has it written down; all cells are broken down, or all but so many. */
async function look(page: Page, name: string, stays: number | null = null) {
  await page.getByRole('button', { name: `Open ${name}`, exact: true }).click();
  await page.getByRole('button', { name: 'Every frame, bees shaken or brushed off' }).click();
  await page.getByRole('button', { name: 'Have it written down' }).click();
  const save = page.getByRole('button', { name: 'Save the inspection' }).filter({ visible: true });
  await expect(save).toBeVisible();
  const takesDown = page.getByRole('button', { name: /^Mark (all \d+|it) broken down$/ });
  if (stays !== null && (await takesDown.isVisible())) {
    await takesDown.click();
    for (let left = 0; left < stays; left++)
      await page
        .getByRole('button', { name: /^One .* broken down fewer$/ })
        .and(page.locator(':enabled'))
        .first()
        .click();
  }
  await save.click();
  await expect(page.getByText(`${name} is written down.`)).toBeVisible();
}

const isOver = (page: Page) => page.getByRole('heading', { name: 'How it ended' }).isVisible();

test('a season left alone: bees are lost, and it is told when it could have been known', async ({ page }) => {
  await page.goto('/practice');
  await page.getByRole('button', { name: 'Her third summer', exact: true }).click();
  await expect(hive(page, 'Bramble')).toContainText('Nothing seen yet');
  expect(await faults(page)).toEqual([]);
  for (let weeks = 0; weeks < 16 && !(await isOver(page)); weeks++)
    await page.getByRole('button', { name: 'A week on' }).click();
  const end = page.getByRole('region', { name: 'How it ended' });
  await expect(end).toContainText('after 0 days at the hives');
  await expect(end).toContainText('Bramble swarmed, and its queen went with the swarm.');
  await expect(end).toContainText('Nobody looked from then on.');
  const row = (name: string) =>
    end.getByRole('row').filter({ has: page.getByRole('rowheader', { name, exact: true }) });
  await expect(row('What was due, when it was due').getByRole('cell').first()).toHaveText('0', { timeout: 30_000 });
  // What was done, and nothing at all, are here the same.
  const cells = (name: string) => row(name).getByRole('cell').allTextContents();
  await expect.poll(() => cells('As you did'), { timeout: 30_000 }).toEqual(await cells('Nothing at all'));
  expect(await faults(page)).toEqual([]);
});

test('three hives in a row are kept by keys: opened, written, one divided; it is there after a reload', async ({
  page,
}) => {
  await page.goto('/practice');
  await page.getByRole('button', { name: 'Three in a row', exact: true }).press('Enter');
  await expect(page.locator('[data-hive]')).toHaveCount(3);
  for (const name of ['Alder', 'Dogrose', 'Spindle']) {
    await page.getByRole('button', { name: `Open ${name}`, exact: true }).press('Enter');
    await page.getByRole('button', { name: 'Every frame, bees shaken or brushed off' }).press('Enter');
    await page.getByRole('button', { name: 'Have it written down' }).press('Enter');
    await page.getByRole('button', { name: 'Save the inspection' }).filter({ visible: true }).press('Enter');
    await expect(page.getByText(`${name} is written down.`)).toBeVisible();
    await expect(page.getByRole('heading', { level: 1 }).locator(':focus')).toHaveCount(1);
  }
  // Even where the queen was not found two of the methods need none.
  await page.getByRole('button', { name: 'What can be done with Alder' }).press('Enter');
  await expect(page.getByRole('heading', { level: 1, name: 'What can be done with Alder' })).toBeVisible();
  expect(await faults(page)).toEqual([]);
  await page.getByRole('button', { name: 'Do it today: Walk-away split' }).press('Enter');
  await expect(page.getByText('Walk-away split: done at Alder.')).toBeVisible();
  await expect(page.locator('[data-hive]')).toHaveCount(4);
  await page.getByRole('button', { name: 'Until something is due' }).press('Enter');
  await expect(page.getByRole('heading', { level: 1 }).locator('xpath=..')).not.toContainText('day 1 of');
  await page.reload();
  await expect(page.getByRole('region', { name: 'Whole seasons' })).toContainText('Begun: ');
  await page.getByRole('button', { name: 'Three in a row', exact: true }).press('Enter');
  await expect(page.locator('[data-hive]')).toHaveCount(4);
  await page.getByRole('button', { name: 'All seasons and exercises' }).press('Enter');
  await page.getByRole('button', { name: 'Three in a row: from the beginning' }).press('Enter');
  await expect(page.locator('[data-hive]')).toHaveCount(3);
});

test('what is written by hand counts as it was written; shut again, nothing was', async ({ page }) => {
  await page.goto('/practice');
  await page.getByRole('button', { name: 'Begun already', exact: true }).click();
  await page.getByRole('button', { name: 'Open Willowherb', exact: true }).click();
  await page.getByRole('button', { name: 'Tip it up and look from below' }).click();
  await expect(page.getByText('From below neither eggs nor the queen are seen.')).toBeVisible();
  await page.getByRole('button', { name: 'Shut it again, nothing written' }).click();
  await expect(hive(page, 'Willowherb')).toContainText('Nothing seen yet');
  await page.getByRole('button', { name: 'Open Willowherb', exact: true }).click();
  await page.getByRole('button', { name: 'Every frame, bees shaken or brushed off' }).click();
  await page.getByRole('button', { name: 'Write it down yourself' }).click();
  await page.getByRole('button', { name: 'One charged (large larva) more', exact: true }).click();
  await page.getByRole('group', { name: 'Eggs?' }).locator('label').filter({ hasText: 'seen' }).click();
  await page
    .getByRole('group', { name: 'How thoroughly did you check for cells?' })
    .locator('label')
    .filter({ hasText: 'every brood frame, bees shaken or brushed off' })
    .click();
  await page.getByRole('button', { name: 'Save the inspection' }).filter({ visible: true }).click();
  await expect(hive(page, 'Willowherb')).toContainText('Getting ready to swarm');
});

test.describe('on a phone without a signal', () => {
  test.use({ serviceWorkers: 'allow', viewport: { width: 390, height: 844 } });

  test('a whole season is kept from its first day to its end', async ({ page, context }) => {
    test.slow();
    await page.goto('/hive');
    await page.evaluate(() => navigator.serviceWorker.ready);
    await expect
      .poll(() => page.evaluate(async () => (await caches.match('/practice')) !== undefined), { timeout: 60_000 })
      .toBe(true);
    await signal(context, false);
    await page.goto('/practice');
    await page.getByRole('button', { name: 'Full in May', exact: true }).click();
    await expect(hive(page, 'Sorrel')).toBeVisible();
    await expect(page.locator('html')).toHaveJSProperty('scrollWidth', 390);
    let looks = 0;
    for (let turns = 0; turns < 60 && !(await isOver(page)); turns++) {
      for (const name of await page
        .locator('[data-hive]')
        .evaluateAll((all) => all.map((at) => at.getAttribute('data-hive') ?? ''))) {
        const here = hive(page, name);
        const isDue =
          (await here.getByRole('button', { name: `Open ${name}`, exact: true }).getAttribute('data-due')) !== null;
        if (isDue) {
          const due = (await here.textContent()) ?? '';
          await look(
            page,
            name,
            /cells on top|search the top box/i.test(due) ? 0 : /thin the cells/i.test(due) ? 1 : null,
          );
          looks += 1;
        }
        for (const todo of await here.getByTestId('to-do').all()) await todo.click();
        if (
          (await here
            .getByRole('button', { name: `What can be done with ${name}`, exact: true })
            .getAttribute('data-due')) !== null
        ) {
          await page.getByRole('button', { name: `What can be done with ${name}`, exact: true }).click();
          await page
            .getByRole('button', { name: /^Do it today/ })
            .first()
            .click();
          await expect(page.getByText(`done at ${name}.`)).toBeVisible();
        }
      }
      if (!(await isOver(page))) await page.getByRole('button', { name: 'Until something is due' }).click();
      await expect(page.getByText('Days go by …')).toHaveCount(0);
    }
    expect(looks).toBeGreaterThan(5);
    const end = page.getByRole('region', { name: 'How it ended' });
    await expect(end).toContainText('No swarm was lost');
    await expect(end.getByRole('rowheader', { name: 'Nothing at all' })).toBeVisible();
    await expect(page.locator('html')).toHaveJSProperty('scrollWidth', 390);
    expect(await faults(page)).toEqual([]);
  });
});
