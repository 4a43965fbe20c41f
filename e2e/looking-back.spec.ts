import { readFileSync } from 'node:fs';
import { faults } from './faults';
import { expect, test } from './test';

test.use({ seed: 'demo' });

test('a season is looked back on in sentences and tables, narrowed to an apiary, and saved as CSV', async ({
  page,
}) => {
  await page.goto('/season');
  await page.getByRole('link', { name: 'Looking back' }).click();
  const cameTo = page.getByRole('region', { name: 'What it came to' });
  await expect(cameTo).toContainText('17 colonies');
  await expect(cameTo).toContainText('may be chance');
  await expect(page.getByRole('table', { name: 'By method' })).toContainText('Walk-away split');
  const colonies = page.getByRole('table', { name: 'By colony' });
  await expect(colonies.getByRole('row')).toHaveCount(18);
  expect(await faults(page)).toEqual([]);

  await page.getByLabel('Where', { exact: true }).selectOption({ label: 'School roof' });
  await expect(page).toHaveURL(/apiary=/);
  await expect(cameTo).not.toContainText('17 colonies');
  const loads = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Save it as CSV' }).click();
  const csv = readFileSync(await (await loads).path(), 'utf8');
  expect(csv).toContain('Mallow');
  expect(csv).not.toContain('Sainfoin');

  await page.setViewportSize({ width: 390, height: 844 });
  await expect(page.locator('html')).toHaveJSProperty('scrollWidth', 390);
});

test('a season stands beside the one before, with its charts, by apiary, queen and year, and is printed', async ({
  page,
}) => {
  await page.goto('/season/looking-back?from=2026-01-01&to=2026-12-31');
  await expect(page.getByRole('region', { name: 'What it came to' })).toContainText('65 kg of honey taken');
  await expect(page.getByRole('region', { name: 'The same days a year before' })).toContainText('31 kg of honey taken');
  const years = page.getByRole('table', { name: 'Year beside year' });
  await expect(years.getByRole('row')).toHaveCount(3);
  await expect(page.getByRole('table', { name: 'By queen' })).toContainText('Speedwell');
  await expect(page.getByRole('table', { name: 'By apiary' })).toContainText('Old quarry');
  await expect(page.locator('figure canvas')).toHaveCount(3);
  expect(await faults(page)).toEqual([]);
  const pdf = await page.pdf({ format: 'A4' });
  expect(pdf.subarray(0, 5).toString()).toBe('%PDF-');
  const pages = pdf.toString('latin1').match(/\/Type\s*\/Page[^s]/g) ?? [];
  expect(pages.length).toBeGreaterThanOrEqual(1);
  expect(pages.length).toBeLessThanOrEqual(4);
});
