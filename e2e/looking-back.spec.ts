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
