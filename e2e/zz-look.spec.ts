import { test } from './test';
test.use({ seed: 'demo' });
test('look', async ({ page }) => {
  await page.setViewportSize({ width: 1280, height: 800 });
  await page.goto('/season/plan');
  await page.waitForTimeout(1500);
  await page.screenshot({ path: '/tmp/plan-1.png' });
  await page.goto('/season');
  await page.waitForTimeout(800);
  await page.screenshot({ path: '/tmp/season-1.png' });
  await page.setViewportSize({ width: 390, height: 844 });
  await page.goto('/season/plan');
  await page.waitForTimeout(1500);
  await page.screenshot({ path: '/tmp/plan-p.png', fullPage: true });
});
