import { test } from './test';

test.use({ seed: 'demo' });
test('look', async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await page.goto('/hive');
  await page.getByRole('link', { name: /Old quarry/ }).click();
  await page.getByRole('button', { name: 'Begin the round' }).click();
  await page.getByText('So many minutes here, now').click();
  await page.getByRole('button', { name: 'Rain in half an hour' }).click();
  await page.waitForTimeout(800);
  await page.screenshot({ path: '/tmp/t1.png', fullPage: true });
  await page.getByRole('button', { name: 'All of the round again' }).click();
  await page.goto('/hive');
  await page.getByRole('link', { name: /Walled garden/ }).click();
  await page.waitForTimeout(800);
  await page.screenshot({ path: '/tmp/t2.png', fullPage: true });
});
