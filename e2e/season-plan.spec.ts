import type { Page } from '@playwright/test';
import { faults } from './faults';
import { inspect, openTheWeek, start } from './season';
import { addCells, expect, onDay, test } from './test';

const NAMES = [
  'Agrimony',
  'Bugle',
  'Clover',
  'Daisy',
  'Eyebright',
  'Fumitory',
  'Gentian',
  'Harebell',
  'Ivy',
  'Lupin',
  'Mint',
];
const id = (n: number) => `01960000-0000-7000-8000-${String(n).padStart(12, '0')}`;

/** Eleven colonies in one apiary, and a keeper who has nothing but eight hours on Sundays. */
async function elevenColonies(page: Page) {
  await page.goto('/');
  await onDay(page, '2027-02-14');
  const post = async (path: string, data: unknown) =>
    expect((await page.request.post(path, { data })).status()).toBe(200);
  const apiary = { id: id(1), name: 'Orchard', note: '', mainFlowFrom: null, mainFlowTo: null };
  await post('/api/apiaries', apiary);
  await post('/api/colonies/several', {
    colonies: NAMES.map((name, i) => ({
      id: id(10 + i),
      apiaryId: id(1),
      name,
      stand: '',
      origin: 'established',
      parentColonyId: null,
      startedOn: '2026-09-01',
      endedOn: null,
      note: '',
    })),
  });
  await post('/api/free-time', { freeWeek: [[{ from: 600, to: 1090 }], [], [], [], [], [], []] });
}

const mark = (page: Page, colony: string) => page.locator(`[data-colony="${colony}"] [data-meant="demaree"]`).first();
const notYet = (page: Page) => page.getByRole('region', { name: 'What does not work yet' });

test('a season is planned in February; too much work is said, Demarees moved, one dropped by cells, one begun', async ({
  page,
}) => {
  test.setTimeout(120_000);
  await elevenColonies(page);
  await page.goto('/season/plan');
  await page.getByRole('button', { name: 'Choose all' }).click();
  await page.getByLabel('Run those chosen').selectOption({ label: 'Demaree at the flow' });
  await page.getByRole('button', { name: 'Set for 11' }).click();
  await expect(notYet(page)).toContainText('Too much work 24 to 30 May: 9 h 8 min, and 8 h 10 min are free.');
  await expect(notYet(page)).toContainText('Put the Demaree of');
  expect(await faults(page)).toEqual([]);

  // One by keys, a week on; one by dragging it there.
  await page.getByRole('region', { name: 'The season' }).press('Shift+Tab');
  await mark(page, 'Agrimony').focus();
  for (let i = 0; i < 7; i++) await page.keyboard.press('Shift+ArrowRight');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('button', { name: 'Agrimony, Demaree, meant for Thu 3 Jun' })).toBeAttached();
  const toWeeks = page.getByRole('button', { name: 'A week on' });
  for (let i = 0; i < 8; i++) await toWeeks.click();
  const bugle = mark(page, 'Bugle');
  await bugle.scrollIntoViewIfNeeded();
  const box = await bugle.boundingBox();
  if (!box) throw new Error('no mark');
  const [x, y] = [box.x + box.width / 2, box.y + box.height / 2];
  await page.mouse.move(x, y);
  await page.mouse.down();
  await page.mouse.move(x + 50, y, { steps: 4 });
  await page.mouse.move(x + 98, y, { steps: 4 });
  await page.mouse.up();
  await expect(page.getByRole('button', { name: 'Bugle, Demaree, meant for Thu 3 Jun' })).toBeAttached();
  await expect(page.getByText('Too much work 24 to 30 May')).toHaveCount(0);

  // Charged cells on 3 May: the Demaree gives way, and that is said on the plan and on Today. No check came of the plan.
  await inspect(page, 'Clover', '2027-05-03', { what: () => addCells(page, 'charged (large larva)') });
  const told = 'Charged cells on 3 May: the Demaree meant for 27 May is dropped.';
  await expect(page.getByRole('heading', { name: 'Season plan' })).toBeVisible();
  await expect(page.getByText(told).first()).toBeVisible();
  await page.goto('/');
  await openTheWeek(page);
  await expect(page.getByText(told)).toBeVisible();
  await page.goto('/season/plan');
  await expect(mark(page, 'Clover')).toHaveAttribute('data-status', 'dropped');

  // Its time come, another is begun from where it is meant.
  await onDay(page, '2027-05-24');
  await mark(page, 'Daisy').press('Enter');
  await page.getByRole('link', { name: 'Start it' }).click();
  await expect(page.getByRole('heading', { level: 1, name: 'Demaree' })).toBeVisible();
  await start(page);
  await page.goto('/season/plan');
  await expect(mark(page, 'Daisy')).toHaveAttribute('data-status', 'begun');
  // Dropped by hand, and planned again.
  await mark(page, 'Eyebright').press('Enter');
  await page.getByRole('button', { name: 'Drop it' }).click();
  await expect(mark(page, 'Eyebright')).toHaveAttribute('data-status', 'dropped');
  await mark(page, 'Eyebright').press('Enter');
  await page.getByRole('button', { name: 'Plan it again' }).click();
  await expect(mark(page, 'Eyebright')).toHaveAttribute('data-status', 'now');
  // Nothing done by its last day, it has lapsed.
  await onDay(page, '2027-06-20');
  await expect(mark(page, 'Fumitory')).toHaveAttribute('data-status', 'lapsed');
});

test.describe('the demo’s plan', () => {
  test.use({ seed: 'demo' });

  test('fits a phone, and its marks stand on the sheet of the season', async ({ page }) => {
    await page.setViewportSize({ width: 390, height: 844 });
    await page.goto('/season/plan');
    await expect(page.locator('html')).toHaveJSProperty('scrollWidth', 390);
    await page.getByText('How each colony is to be run').click();
    await expect(page.locator('html')).toHaveJSProperty('scrollWidth', 390);
    expect(await faults(page)).toEqual([]);
    await page.setViewportSize({ width: 1280, height: 800 });
    await page.goto('/season');
    await mark(page, 'Yarrow').press('Enter');
    await expect(page.getByText('It is time for the Demaree')).toBeVisible();
    expect(await faults(page)).toEqual([]);
  });

  test('the days of an apiary’s year are taken from former years, and set when to inspect', async ({ page }) => {
    await page.goto('/apiaries');
    await page.getByRole('link', { name: 'Days of the year at School roof' }).click();
    await page.getByRole('button', { name: 'Take it as “swarm season from”' }).last().click();
    await page.getByLabel('Winter from, month').selectOption({ label: 'Jun' });
    await page.getByRole('button', { name: 'Save' }).click();
    await expect(page.getByRole('alert').filter({ hasText: 'Winter' })).toContainText(
      'Winter cannot begin within the swarm season',
    );
    await page.getByLabel('Winter from, month').selectOption({ label: 'Oct' });
    expect(await faults(page)).toEqual([]);
    await page.getByRole('button', { name: 'Save' }).click();
    await expect(page.getByRole('heading', { level: 1, name: 'Apiaries' })).toBeVisible();
    await page.getByRole('link', { name: 'Days of the year at School roof' }).click();
    await expect(page.getByLabel('Winter from, month')).toHaveValue('10');
  });

  test('food is noted by a few taps, and taken out again', async ({ page }) => {
    await page.goto('/colonies');
    await page.getByRole('link', { name: 'Betony', exact: true }).click();
    // Where its food is asked about, the way leads to the open row.
    await expect(page.getByRole('heading', { level: 1, name: 'Betony' })).toBeVisible();
    await page.goto(`${page.url()}#food`);
    await page.reload();
    await page.getByRole('button', { name: 'Syrup' }).click();
    await page.getByLabel('How much, kg').fill('2.5');
    await page.getByRole('button', { name: 'Save' }).click();
    await expect(page.getByText('Saved: 2.5 kg of syrup.')).toBeVisible();
    const line = page.getByRole('listitem').filter({ hasText: '2.5 kg of syrup' });
    await line.getByRole('button', { name: 'Delete' }).click();
    await expect(line).toHaveCount(0);
  });
});
