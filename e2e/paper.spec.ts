import type { Page } from '@playwright/test';
import { faults } from './faults';
import { openColony } from './season';
import { expect, test } from './test';

test.use({ seed: 'demo' });

const FORMATS = ['A4', 'Letter'] as const;
/** Heights of a page without its margins, in CSS pixels. */
const HEIGHT = { A4: 1122 - 2 * 38, Letter: 1056 - 2 * 38 } as const;
const MARGIN = { top: '10mm', bottom: '10mm', left: '10mm', right: '10mm' };

/** How many pages it takes on paper. */
async function pages(page: Page, format: (typeof FORMATS)[number]): Promise<number> {
  const pdf = await page.pdf({ format, margin: MARGIN });
  return pdf.toString('latin1').match(/\/Type \/Page\b/g)?.length ?? 0;
}

/** What must not be cut in two is never taller than a page, and nothing is wider than the paper. */
async function isWhole(page: Page, format: (typeof FORMATS)[number], width = 720) {
  await page.emulateMedia({ media: 'print' });
  await page.setViewportSize({ width, height: 1000 });
  const tall = await page.evaluate(
    (most) =>
      [...document.querySelectorAll('main *')]
        .filter((at) => getComputedStyle(at).breakInside === 'avoid' && at.getBoundingClientRect().height > most)
        .map((at) => at.textContent?.slice(0, 60)),
    HEIGHT[format],
  );
  expect(tall).toEqual([]);
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(width);
  await page.emulateMedia({ media: null });
}

test('all that can be printed is on one page, and each has its pages, A4 and Letter', async ({ page }) => {
  test.slow();
  await page.goto('/paper');
  expect(await faults(page)).toEqual([]);
  const link = (part: string, name: string) =>
    page.getByRole('region', { name: part }).getByRole('link', { name, exact: true });
  const ways = [
    ['Round sheets', 'Walled garden'],
    ['Blank inspection sheets', 'Walled garden'],
    ['Blank inspection sheets', 'without names'],
    ['Cards for the hive tops', 'Walled garden'],
    ['Methods under way', 'Even split, side by side: Comfrey'],
    ['The season', 'season report'],
    ['One colony', 'Knapweed'],
  ] as const;
  for (const [part, name] of ways) {
    await page.goto('/paper');
    await link(part, name).click();
    await expect(page).not.toHaveURL(/\/paper$/);
    await expect(page.getByRole('button', { name: /^Print/ })).toBeVisible();
    for (const format of FORMATS) {
      const count = await pages(page, format);
      expect(count, `${part} ${name} ${format}`).toBeGreaterThanOrEqual(1);
      expect(count, `${part} ${name} ${format}`).toBeLessThanOrEqual(8);
      // Cards bring their own margins.
      await isWhole(page, format, part.startsWith('Cards') ? 794 : 720);
    }
    await page.setViewportSize({ width: 1280, height: 800 });
  }
});

test('packing lists and methods have their pages too', async ({ page }) => {
  await page.goto('/paper');
  await page.getByRole('region', { name: 'Packing lists' }).getByRole('link').first().click();
  await expect(page.getByRole('heading', { level: 1, name: 'Packing list' })).toBeVisible();
  await expect(page.getByRole('button', { name: /^Print/ })).toBeVisible();
  for (const format of FORMATS) {
    expect(await pages(page, format)).toBeLessThanOrEqual(2);
    await isWhole(page, format);
  }
  await page.goto('/methods/vertical-split');
  await expect(page.getByRole('button', { name: /^Print/ })).toBeVisible();
  for (const format of FORMATS) {
    expect(await pages(page, format)).toBeLessThanOrEqual(4);
    await isWhole(page, format);
  }
});

test('hive tops have their cards four to a sheet, with until when each is left shut', async ({ page }) => {
  await page.goto('/paper/cards');
  const cards = page.locator('.hive-card');
  const count = await cards.count();
  expect(count).toBeGreaterThan(8);
  expect(await faults(page)).toEqual([]);
  await expect(cards.filter({ hasText: 'Leave shut until' }).first()).toBeVisible();
  for (const format of FORMATS) expect(await pages(page, format)).toBe(Math.ceil(count / 4));
  // On A4 each is A6 to the millimetre.
  const mm = 96 / 25.4;
  await page.emulateMedia({ media: 'print' });
  await page.setViewportSize({ width: Math.ceil(210 * mm), height: Math.ceil(297 * mm) });
  for (const card of await cards.all()) {
    const box = await card.boundingBox();
    expect(box?.width).toBeCloseTo(105 * mm, 0);
    expect(box?.height).toBeCloseTo(148 * mm, 0);
  }
  expect((await cards.first().boundingBox())?.x).toBeCloseTo(0, 0);
  await page.emulateMedia({ media: null });
  await page.setViewportSize({ width: 1280, height: 800 });
  await page.getByLabel('Apiary').selectOption({ label: 'School roof' });
  await expect.poll(() => cards.count()).toBeLessThan(count);
});

test('a colony is saved as a file that opens by itself and names no other', async ({ page, context }) => {
  await openColony(page, 'Knapweed');
  await page.getByRole('link', { name: 'Page to share' }).click();
  expect(await faults(page)).toEqual([]);
  const [saved] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Save as a file' }).click(),
  ]);
  expect(saved.suggestedFilename()).toBe('ubbet-knapweed.html');
  const file = test.info().outputPath(saved.suggestedFilename());
  await saved.saveAs(file);
  const alone = await context.newPage();
  await alone.goto(`file://${file}`);
  await expect(alone.getByRole('heading', { level: 1, name: 'Knapweed' })).toBeVisible();
  await expect(alone.getByRole('heading', { level: 2, name: 'Inspections' })).toBeVisible();
  await expect(alone.getByText('Sainfoin')).toHaveCount(0);
});

test('a round is entered afterwards in the order and by the numbers of its sheet', async ({ page }) => {
  await page.goto('/paper');
  await page.getByRole('region', { name: 'Round sheets' }).getByRole('link', { name: 'Walled garden' }).click();
  const boxes = page.locator('.sheet h2').filter({ hasText: /^\d+\./ });
  await expect(boxes.first()).toBeVisible();
  const onPaper = await boxes.allInnerTexts();
  const numbered = onPaper.map((line) => /^(\d+)\. (\S+)/.exec(line)?.slice(1).join(' '));
  expect(numbered.length).toBeGreaterThan(3);
  await page.goto('/hive');
  await page.getByRole('link', { name: /Walled garden/ }).click();
  const rows = page.locator('main li a').filter({ has: page.locator('[data-place]') });
  await expect(rows).toHaveCount(numbered.length);
  const listed = await rows.evaluateAll((links) =>
    links.map((link) =>
      [link.querySelector('[data-place]'), link.querySelector('b')].map((part) => part?.textContent).join(' '),
    ),
  );
  expect(listed.map((line) => line.split(' ').slice(0, 2).join(' '))).toEqual(numbered);
});

test('a round sheet says what to bring, and a blank one has a box for each hive', async ({ page }) => {
  await page.goto('/paper');
  await page
    .getByRole('region', { name: 'Blank inspection sheets' })
    .getByRole('link', { name: 'School roof' })
    .click();
  await expect(page.getByRole('heading', { level: 1, name: 'School roof: inspections' })).toBeVisible();
  await expect(page.getByRole('region', { name: 'Betony' }).getByRole('row')).toHaveCount(7);
  expect(await faults(page)).toEqual([]);
});
