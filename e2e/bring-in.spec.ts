import type { Page } from '@playwright/test';
import { faults } from './faults';
import { expect, test } from './test';

test.use({ seed: 'demo' });

/** As it lay in a drawer: semicolons, days both ways round to the eye, words of one's own, a hive by another name, a column of weather. */
const MESSY = [
  'Hive;Date;Start;Saw queen;Eggs;QC;Temperament;FOB;Weather;Comments',
  'knapweed;03/05/2027;2.30 pm;y;y;none;good;6;sunny;all well',
  'Knapweed;08/05/2027;3 pm;n;y;2 charged;good;7;"warm; still";',
  'Yarrow;13/05/2027;3.20 pm;n;?;none;grumpy;5;;supers on',
  'The old one;07/05/2027;2 pm;y;y;none;good;6;;by the gate',
  'Yarrow;31/04/2027;2 pm;y;y;none;good;6;;no such day',
  ';;;;;;;;;',
].join('\n');

const file = (name: string, text: string | Buffer) => ({ name, mimeType: 'text/csv', buffer: Buffer.from(text) });
const choose = (page: Page, name: string, text: string | Buffer) =>
  page.getByLabel('Spreadsheet').setInputFiles(file(name, text));
const rows = (page: Page) => page.getByRole('region', { name: 'Rows of the spreadsheet' });
const inspections = async (page: Page) => (await page.request.get('/api/csv/inspections')).text();

test('a messy spreadsheet comes in, with one column wrong, is put right and undone', async ({ page }) => {
  await page.goto('/data');
  await page.getByRole('link', { name: 'Bring in a spreadsheet' }).click();
  await page.waitForURL('/data/bring-in');
  await page.locator('html[data-alive]').waitFor({ state: 'attached' });
  const before = await inspections(page);
  await choose(page, 'drawer.csv', MESSY);
  await expect(page.getByLabel('What is it of?')).toHaveValue('inspections');
  await expect(page.getByLabel('Hive is', { exact: true })).toHaveValue('colony');
  await expect(page.getByLabel('Date is', { exact: true })).toHaveValue('at');
  await expect(page.getByLabel('FOB is')).toHaveValue('broodFrames');
  // Which comes first, the 13th decides; what "2 charged" is nobody can say.
  await expect(page.getByText('1 of its 2 words: what do they stand for?')).toHaveCount(2);
  await expect(rows(page).getByText('It is not said yet what “2 charged” stands for.')).toBeVisible();
  await page.getByLabel('“2 charged” stands for').selectOption({ label: 'charged (large larva)' });
  // Whether a question mark is none or nobody looked is the keeper’s to say.
  await expect(rows(page).getByText('It is not said yet what “?” stands for.')).toBeVisible();
  await page.getByLabel('“?” stands for').selectOption({ label: 'did not look' });

  // A column wrong: the weather as frames of brood.
  await page.getByLabel('Weather is').selectOption({ label: 'frames with brood' });
  await expect(page.getByText('Two columns are the frames with brood. Choose one.')).toBeVisible();
  await expect(page.getByRole('button', { name: /Bring in \d/ })).toHaveCount(0);
  await page.getByLabel('FOB is').selectOption({ label: 'not brought in' });
  await expect(rows(page).getByText('“sunny” is not a number')).toBeVisible();
  await page.getByLabel('Weather is').selectOption({ label: 'note' });
  await page.getByLabel('FOB is').selectOption({ label: 'frames with brood' });

  const unknown = page.getByRole('region', { name: 'Hives that are not in your book' });
  await unknown.getByLabel('The old one is').selectOption({ label: 'Yarrow' });
  await expect(rows(page).getByText('“31/04/2027” is not a day.')).toBeVisible();
  expect(await faults(page)).toEqual([]);
  const take = page.getByRole('button', { name: 'Bring in 4 rows' });
  await expect(take).toBeDisabled();
  await page.getByLabel('Leave out the 1 row refused').check();
  await take.click();
  await expect(page.getByText('Brought in: 4 rows.')).toBeVisible();
  await expect(rows(page).getByText('known already')).toHaveCount(4);
  const after = await inspections(page);
  expect(after).toContain('2027-05-08T15:00');
  expect(after).toContain('Weather: sunny');
  expect(after).not.toBe(before);

  // The same file again is understood as it was, and there is nothing left to bring in.
  await page.reload();
  await choose(page, 'drawer.csv', MESSY);
  await expect(page.getByLabel('Weather is')).toHaveValue('note');
  await expect(rows(page).getByText('known already')).toHaveCount(4);
  await page.getByRole('button', { name: 'Undo drawer.csv' }).click();
  await page.getByRole('button', { name: 'Take it out' }).click();
  await expect(page.getByText('4 rows · undone')).toBeVisible();
  expect(await inspections(page)).toBe(before);
  await expect(rows(page).getByText('new', { exact: true })).toHaveCount(4);
});

test('days that could be either way round are asked about once', async ({ page }) => {
  await page.goto('/data/bring-in');
  await choose(page, 'weights.csv', 'hive,date,weight\nYarrow,5/4/2027,31.5\nYarrow,6/4/2027,32\n');
  await expect(page.getByLabel('What is it of?')).toHaveValue('weights');
  await expect(rows(page).getByText('could be two days')).toHaveCount(2);
  const asked = page.getByRole('group', { name: 'date: what comes first?' });
  await asked.getByLabel('the day').check();
  await page.getByRole('group', { name: 'weight is in' }).getByLabel('lb').check();
  await page.getByRole('button', { name: 'Bring in 2 rows' }).click();
  await expect(page.getByText('Brought in: 2 rows.')).toBeVisible();
  const weights = await (await page.request.get('/api/csv/weights')).text();
  expect(weights).toContain('2027-04-05T12:00,14.28816,');
});

test('twenty thousand rows are gone through and scrolled; a look at them can be stopped', async ({ page }) => {
  test.slow();
  await page.goto('/data/bring-in');
  const lines = ['hive,date,eggs,note'];
  const start = Date.UTC(1975, 0, 1);
  for (let i = 0; i < 20_000; i++)
    lines.push(`Yarrow,${new Date(start + i * 86_400_000).toISOString().slice(0, 10)},yes,row ${i}`);
  await choose(page, 'long.csv', lines.join('\n'));
  await page.getByRole('button', { name: 'Stop' }).click();
  await expect(rows(page)).toHaveCount(0);
  await choose(page, 'longer.csv', lines.join('\n'));
  await expect(page.getByRole('button', { name: /Bring in \d+ rows/ })).toBeVisible({ timeout: 60_000 });
  const box = rows(page);
  expect(await box.getByRole('row').count()).toBeLessThan(80);
  await box.evaluate((list) => {
    list.scrollTop = list.scrollHeight;
  });
  await expect(box.getByRole('rowheader', { name: '20001' })).toBeVisible();
});

test('what is no spreadsheet is refused by name, and nothing of the page is lost', async ({ page }) => {
  await page.goto('/data/bring-in');
  const said = page.getByRole('alert').filter({ hasText: 'Nothing was changed' });
  await choose(page, 'bees.xlsx', Buffer.from([0x50, 0x4b, 3, 4, 0, 0, 0, 0]));
  await expect(said).toContainText('Save it there as CSV');
  await choose(page, 'bees.csv', 'hive,date\n"Yarrow,2027-05-02\nOak,2027-05-03\n');
  await expect(said).toContainText('From row 2 on a quotation mark is open');
  await choose(page, 'bees.csv', Buffer.from('hive\0,date\0', 'utf16le'));
  await expect(said).toContainText('its letters cannot be read');
  await choose(page, 'bees.csv', Buffer.alloc(21 * 1024 * 1024, 'a,b\n'));
  await expect(said).toContainText('at most 20 MB are read');
});
