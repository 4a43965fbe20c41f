import { readFileSync } from 'node:fs';
import { unzipSync } from 'fflate';
import { faults } from './faults';
import { expect, test } from './test';

test.use({ seed: 'demo' });

test('all spreadsheets come as one zip, each also by itself', async ({ page }) => {
  await page.goto('/data');
  const part = page.getByRole('region', { name: 'Spreadsheets' });
  expect(await faults(page)).toEqual([]);
  const [all] = await Promise.all([
    page.waitForEvent('download'),
    part.getByRole('link', { name: 'All spreadsheets, as one zip' }).click(),
  ]);
  expect(all.suggestedFilename()).toBe('ubbet-spreadsheets-2027-05-16.zip');
  const files = unzipSync(readFileSync(await all.path()));
  expect(Object.keys(files)).toContain('ubbet-inspections.csv');
  const [one] = await Promise.all([page.waitForEvent('download'), part.getByRole('link', { name: 'Cells' }).click()]);
  expect(one.suggestedFilename()).toBe('ubbet-cells.csv');
  const cells = readFileSync(await one.path(), 'utf8');
  expect(cells).toBe(Buffer.from(files['ubbet-cells.csv'] ?? []).toString('utf8'));
  expect(cells).toContain('larva-large');
  expect((await page.request.get('/api/csv/everything')).status()).toBe(404);
});
