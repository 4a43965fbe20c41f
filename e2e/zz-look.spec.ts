import { test } from './test';

test.use({ seed: 'demo' });
test('look', async ({ page }) => {
  await page.setViewportSize({ width: 1280, height: 800 });
  await page.goto('/');
  await page.getByRole('heading', { name: /rounds? this week/ }).waitFor({ timeout: 15000 });
  await page.screenshot({ path: '/tmp/t1.png' });
  await page.screenshot({ path: '/tmp/t2.png', fullPage: true });
  await page.setViewportSize({ width: 390, height: 844 });
  await page.screenshot({ path: '/tmp/t3.png' });
});
