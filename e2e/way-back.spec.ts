import { expect, test } from './test';

test.use({ seed: 'demo' });

test('everything taken out by mistake is there again by one button, and by the list of backups', async ({ page }) => {
  await page.goto('/data');
  await page.getByRole('button', { name: 'Erase everything …' }).click();
  await page.getByRole('alertdialog').getByRole('button', { name: 'Erase everything' }).click();
  await expect(page.getByText('All taken out.')).toBeVisible();
  await page.getByRole('button', { name: 'Undo it' }).click();
  await expect(page.getByText('Everything is there again.')).toBeVisible();
  await page.goto('/colonies');
  await expect(page.getByRole('link', { name: 'Teasel', exact: true })).toBeVisible();

  // From the list: the state between, without anything, and back out of it.
  await page.goto('/data');
  const backups = page.getByRole('region', { name: 'Backups' });
  const between = backups.getByRole('listitem').filter({ hasText: 'before a backup was brought back' }).first();
  await between.getByRole('button', { name: 'Look inside' }).click();
  await expect(between).toContainText('In it: 0 apiaries, 0 colonies');
  await expect(between).toContainText('Would be gone: 3 apiaries, 21 colonies');
  await between.getByRole('button', { name: 'Bring it back …' }).click();
  await page.getByRole('alertdialog').getByRole('button', { name: 'Bring it back' }).click();
  await expect(backups.getByText('Brought back.')).toBeVisible();
  await backups.getByRole('button', { name: 'Undo it' }).click();
  await expect(backups.getByText('The book is again as it was before.')).toBeVisible();
  await page.goto('/colonies');
  await expect(page.getByRole('link', { name: 'Teasel', exact: true })).toBeVisible();
});

test('a device notices that an older state of the book was brought back', async ({ page }) => {
  await page.goto('/hive');
  await expect(page.getByRole('heading', { level: 1, name: 'Which apiary?' })).toBeVisible();
  const post = (path: string, body: object) =>
    page.evaluate(
      async ([to, what]) =>
        (await (await fetch(to as string, { method: 'POST', body: JSON.stringify(what) })).json()).value,
      [path, body] as const,
    );
  const { backup } = (await post('/api/backups', {})) as { backup: string };
  for (let i = 0; i < 3; i++) await post('/api/calendar', {});
  await page.reload();
  await expect(page.getByRole('heading', { level: 1, name: 'Which apiary?' })).toBeVisible();
  await page.waitForTimeout(1_000);
  await post('/api/backups/bring-back', { name: backup });
  await page.reload();
  await expect(page.getByRole('alert').filter({ hasText: 'went back to an earlier state' })).toBeVisible();
  await page.getByRole('button', { name: 'I know' }).click();
  await expect(page.getByRole('alert').filter({ hasText: 'went back to an earlier state' })).toBeHidden();
});
