import { openTheWeek } from './season';
import { expect, onDay, test } from './test';

/** A sheet as people keep it: a dash, a question mark, a row of totals, and "none" a week after charged cells. */
const NOTEBOOK = [
  'Hive,Date,Eggs,Queen cells,Frames of brood',
  '2,2027-05-08,yes,charged,6',
  '10,2027-05-08,-,none,-',
  '2,2027-05-15,yes,none,7',
  '10,2027-05-15,yes,?,5',
  'TOTAL,,,,18',
].join('\n');

test('a notebook’s sheet is the first thing that is brought in; what it does not say is asked or left open', async ({
  page,
}) => {
  await page.goto('/');
  await onDay(page, '2027-05-16');
  await page.getByRole('link', { name: 'Bring in a spreadsheet' }).click();
  await page.waitForURL('/data/bring-in');
  await page.locator('html[data-alive]').waitFor({ state: 'attached' });
  await page
    .getByLabel('Spreadsheet')
    .setInputFiles({ name: 'notebook.csv', mimeType: 'text/csv', buffer: Buffer.from(NOTEBOOK) });
  await page.getByLabel('“-” stands for').selectOption({ label: 'did not look' });
  await page.getByLabel('“?” stands for').selectOption({ label: 'nothing noted' });
  const rows = page.getByRole('region', { name: 'Rows of the spreadsheet' });
  await expect(rows.getByText('A row of totals, not a hive: left out.')).toBeVisible();
  await expect(page.getByLabel('TOTAL is')).toHaveCount(0);
  await page.getByRole('button', { name: 'Add all 2' }).click();
  await page.getByLabel('Name of the apiary').fill('Orchard');
  await page.getByLabel('Leave out the 1 row refused').check();
  await page.getByRole('button', { name: 'Bring in 4 rows' }).click();
  await expect(page.getByText('Brought in: 4 rows.')).toBeVisible();

  const { facts } = await (await page.request.get('/api/season/export')).json();
  expect(facts.inspections.map(({ thoroughness }: { thoroughness: string }) => thoroughness)).toEqual(
    Array(4).fill('not-said'),
  );
  expect(facts.cellObservations.map(({ found }: { found: string }) => found)).toEqual(['larva-large', 'not-found']);
  await page.goto('/');
  await openTheWeek(page);
  // Names that are numbers stand as people count, and no cell of the week before is alive.
  await expect(page.locator('.hive-lane h3')).toHaveText(['2', '10']);
  await expect(page.getByRole('main')).not.toContainText('may swarm');
});
