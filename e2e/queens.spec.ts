import { faults } from './faults';
import { expect, test } from './test';

test.use({ seed: 'demo' });

test('queens are listed by what they want, and one is followed to her daughters and put right', async ({ page }) => {
  await page.goto('/colonies');
  await page.getByRole('navigation', { name: 'Colonies' }).getByRole('link', { name: 'Queens' }).click();
  await expect(page.getByRole('heading', { level: 1, name: 'Queens' })).toBeVisible();
  const replace = page.getByRole('region', { name: 'To be replaced' });
  await expect(replace).toContainText('queen of 2025 (blue), bought: has gone through two winters or more');
  await expect(page.getByRole('region', { name: 'Not in the book' })).toContainText('Betony');
  // The family stands as a drawing and in the table; the arrows walk from mother to daughter.
  const family = page.getByRole('region', { name: 'Families' });
  await family.getByRole('link', { name: /^in Yarrow/ }).focus();
  await page.keyboard.press('ArrowRight');
  await page.keyboard.press('ArrowDown');
  await page.keyboard.press('ArrowLeft');
  await expect(family.getByRole('link', { name: /^in Yarrow/ })).toBeFocused();
  expect(await faults(page)).toEqual([]);

  await replace.getByRole('link', { name: 'Yarrow' }).click();
  await expect(page.getByRole('heading', { level: 1, name: 'queen of 2025 (blue), bought' })).toBeVisible();
  await expect(page.getByRole('list', { name: 'Daughters' }).getByRole('link')).toHaveCount(2);
  const right = page.getByRole('region', { name: 'Put right' });
  await right.getByLabel('Her mother').selectOption({ label: 'queen of 2026 (white), raised, in Sainfoin' });
  await right.getByRole('button', { name: 'Save' }).click();
  await expect(right.getByRole('alert').first()).toBeVisible();
  await right.getByLabel('Her mother').selectOption({ label: 'not known' });
  await right.getByLabel('Note', { exact: true }).fill('Gentle.');
  await right.getByRole('button', { name: 'Save' }).click();
  await expect(page.getByText('Gentle.').first()).toBeVisible();
  expect(await faults(page)).toEqual([]);
});

test('two queens who are one are made one, on a phone', async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await page.goto('/colonies/queens');
  await page
    .getByRole('table', { name: 'All queens' })
    .getByRole('row')
    .filter({ hasText: 'in Vetch' })
    .getByRole('link')
    .click();
  const twice = page.getByRole('region', { name: 'In the book twice' });
  await twice.getByLabel('She is the same as').selectOption({ label: 'queen of unknown age, in Hawkbit' });
  await twice.getByRole('button', { name: 'Make them one' }).click();
  await page.getByRole('alertdialog').getByRole('button', { name: 'Make them one' }).click();
  await expect(page.getByRole('list', { name: 'Her life' })).toContainText('Vetch');
  await expect(page.getByRole('list', { name: 'Her life' })).toContainText('Hawkbit');
  await expect(page.locator('html')).toHaveJSProperty('scrollWidth', 390);

  // Taken back on her page, both stand there again; what happened to one is deleted and restored.
  await page.getByRole('button', { name: 'Make them two again' }).click();
  await page.getByRole('alertdialog').getByRole('button', { name: 'Make them two' }).click();
  await expect(page.getByRole('list', { name: 'Her life' })).not.toContainText('Vetch');
  await page.goto('/colonies/queens');
  const toBreed = page.getByRole('region', { name: 'To breed from' });
  await toBreed.getByRole('link').first().click();
  await page.getByRole('button', { name: /^Delete: 20 Mar 2027, Yarrow/ }).click();
  await page.getByRole('alertdialog').getByRole('button', { name: 'Delete it' }).click();
  await expect(page.getByText('Deleted: 20 Mar 2027, Yarrow')).toBeVisible();
  await page.getByRole('button', { name: 'Restore' }).click();
  await expect(page.getByRole('list', { name: 'Her life' })).toContainText('Yarrow');
  await expect(page.locator('html')).toHaveJSProperty('scrollWidth', 390);
});
