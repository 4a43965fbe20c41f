import type { Page } from '@playwright/test';
import { faults } from './faults';
import { expect, test } from './test';

test.use({ seed: 'demo' });

const openWhatIf = async (page: Page, colony: string) => {
  await page.goto('/colonies');
  await page.getByRole('link', { name: colony, exact: true }).click();
  await page.getByRole('link', { name: 'What are my choices?' }).click();
  await page.getByRole('link', { name: 'Compare them' }).click();
  await expect(page.getByRole('heading', { level: 1, name: 'What if?' })).toBeVisible();
};
const table = (page: Page) => page.getByRole('table', { name: 'What each choice comes to' });
const line = (page: Page, name: string) => table(page).getByRole('row', { name: new RegExp(`^${name}`) });
/** What a line of the table says of a choice. */
const cell = (page: Page, name: string, at: number) => line(page, name).getByRole('cell').nth(at);

test('three choices are compared from Decide, an assumption is changed, and one of them is planned', async ({
  page,
}) => {
  await openWhatIf(page, 'Sainfoin');
  await expect(page.getByText('it foretells no season')).toBeVisible();
  await expect(table(page)).toBeVisible();
  await expect(cell(page, 'A swarm is lost', 0)).toHaveText('in all');
  await expect(cell(page, 'A swarm is lost', 1)).toHaveText(
    /^in (none|fewer than 1 of 100|[12]?\d of 100|[12] of 10)$/,
  );
  await expect(cell(page, 'Visits', 0)).toHaveText('0');
  await expect(page.getByRole('region', { name: 'What differs' })).toContainText('A swarm is lost: A in all, B in');
  await expect(page.getByRole('region', { name: 'Day by day' }).locator('canvas')).toHaveCount(3);

  const drawn = page.getByLabel('Drawn', { exact: true });
  await drawn.selectOption({ label: 'B by hive: nuc and parent' });
  await expect(drawn).toHaveValue('1');

  const withRaised = await cell(page, 'New queen lays', 2).textContent();
  await page.locator('[data-choice="C"]').getByLabel('a bought queen').check();
  await expect(cell(page, 'New queen lays', 2)).not.toHaveText(withRaised ?? '');
  await expect(table(page)).toContainText('with a bought queen');
  // The others are as they were: only the one that changed is reckoned anew.
  await expect(cell(page, 'A swarm is lost', 0)).toHaveText('in all');

  await page.getByText('What is taken for granted, to be changed').click();
  await expect(page.getByText(/^Bees: as seen on 15 May/)).toBeVisible();
  await page.getByLabel('Virgins that come to lay, of 100').fill('0');
  await expect(cell(page, 'One ends without a laying queen', 0)).toHaveText('in all');
  await page.getByText('The figures of the model itself').click();
  await page.getByLabel('Chance that a bought queen is taken (share, of 1)').fill('0');
  await expect(cell(page, 'New queen lays', 2)).toHaveText('no new queen');
  await page.getByRole('button', { name: 'All as usual again' }).click();
  await expect(cell(page, 'New queen lays', 2)).not.toHaveText('no new queen');
  expect(await faults(page)).toEqual([]);

  await page.getByRole('link', { name: 'Plan this one: Artificial swarm with a nuc' }).click();
  await expect(page.getByRole('button', { name: 'Start it' })).toBeVisible();
});

test('what is being reckoned is stopped, and goes on; a choice is added and taken away', async ({ page }) => {
  await openWhatIf(page, 'Yarrow');
  await expect(table(page)).toBeVisible();
  await page.getByRole('button', { name: 'Add a choice' }).click();
  await page.getByRole('button', { name: 'Stop' }).click();
  await expect(page.getByText('Stopped.')).toBeVisible();
  await expect(table(page)).toHaveCount(0);
  await page.getByRole('button', { name: 'Go on' }).click();
  await expect(table(page).getByRole('columnheader')).toHaveCount(4);
  await expect(page.getByRole('button', { name: 'Add a choice' })).toHaveCount(0);
  await page.getByLabel('Choice D', { exact: true }).selectOption({ label: 'Take the cells down, and nothing more' });
  await expect(table(page)).toContainText('D Take the cells down, and nothing more on 16 May');
  await page.getByRole('button', { name: 'Take choice D away' }).click();
  await expect(table(page).getByRole('columnheader')).toHaveCount(3);
});

test('is found under Season, for any colony, on a phone', async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await page.goto('/season');
  await page.getByRole('link', { name: 'What if' }).click();
  await expect(page.getByText('For which colony?')).toBeVisible();
  await page.getByRole('link', { name: 'Sorrel', exact: true }).click();
  await expect(table(page)).toBeVisible();
  // It has no laying queen: nothing, or a bought one.
  await expect(table(page)).toContainText('Requeen');
  await expect(page.locator('html')).toHaveJSProperty('scrollWidth', 390);
  await page.getByLabel('Colony', { exact: true }).selectOption({ label: 'Burnet' });
  await expect(page).toHaveURL(/colony=/);
  await expect(table(page)).toContainText('Demaree');
  expect(await faults(page)).toEqual([]);
});
