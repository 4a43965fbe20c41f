import { expect, test } from './test';

test.use({ seed: 'demo' });
for (const [w, h] of [
  [1280, 800],
  [390, 844],
] as const)
  test(`look ${w}`, async ({ page }) => {
    test.setTimeout(300_000);
    await page.setViewportSize({ width: w, height: h });
    const shot = (n: string, full = true) => page.screenshot({ path: `/tmp/look/case-${n}-${w}.png`, fullPage: full });
    await page.goto('/practice');
    await page.waitForTimeout(500);
    await shot('list');
    await page.getByRole('button', { name: 'Begun already', exact: true }).click();
    await expect(page.getByRole('button', { name: 'Open Willowherb' })).toBeVisible();
    await page.waitForTimeout(800);
    await shot('hives');
    await page.getByRole('button', { name: 'Open Willowherb' }).click();
    await page
      .getByRole('button', { name: /Shake|brush|bees off/i })
      .first()
      .click();
    await expect(page.getByRole('button', { name: 'Write it down yourself' })).toBeVisible();
    await page.waitForTimeout(500);
    await shot('open');
    await page.getByRole('button', { name: 'Have it written down' }).click();
    await page.waitForTimeout(800);
    await shot('written');
    await page.getByRole('button', { name: /^Save/ }).first().click();
    await page.waitForTimeout(1500);
    await shot('after');
    await page.getByRole('button', { name: 'What can be done with Willowherb' }).click();
    await page.waitForTimeout(1000);
    await shot('choices');
    await page
      .getByRole('button', { name: /^Do it today/ })
      .first()
      .click();
    await page.waitForTimeout(1000);
    await shot('begun');
    for (let i = 0; i < 60; i++) {
      if (await page.getByRole('heading', { name: 'How it ended' }).isVisible()) break;
      await page.getByRole('button', { name: 'A week on' }).click();
    }
    await page.waitForTimeout(6000);
    await shot('end');
  });
