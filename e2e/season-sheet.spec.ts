import type { Page } from '@playwright/test';
import { expect, test } from './test';

test.use({ seed: 'demo' });

const sheet = (page: Page) => page.getByRole('region', { name: 'The season', exact: true });
const row = (page: Page, name: string) => page.locator(`[data-colony="${name}"]`);
const first = (page: Page) =>
  sheet(page).evaluate((element) => Number(getComputedStyle(element).getPropertyValue('--first')));
const dayPx = (page: Page) =>
  sheet(page).evaluate((element) => Number.parseFloat(getComputedStyle(element).getPropertyValue('--day')));

/** Opens the season, and waits until it can be moved. */
async function openSeason(page: Page) {
  await page.goto('/season');
  await ready(page);
}
const ready = (page: Page) => expect(sheet(page)).toHaveAttribute('data-numbered', /true|false/);

test('the season is moved and scaled by buttons, keys, wheel and drag', async ({ page }) => {
  await openSeason(page);
  const start = await first(page);
  await page.getByRole('button', { name: 'A week on' }).click();
  expect((await first(page)) - start).toBeCloseTo(7);
  await sheet(page).focus();
  await page.keyboard.press('ArrowLeft');
  expect(await first(page)).toBeCloseTo(start);
  const near = await dayPx(page);
  await page.keyboard.press('+');
  expect(await dayPx(page)).toBeCloseTo(near * 1.25);
  await page.getByRole('button', { name: 'Zoom out' }).click();
  expect(await dayPx(page)).toBeCloseTo(near);

  await row(page, 'Yarrow').scrollIntoViewIfNeeded();
  const box = await row(page, 'Yarrow').boundingBox();
  if (!box) throw new Error('no row');
  await page.mouse.move(box.x + 900, box.y + 8);
  await page.mouse.down();
  await page.mouse.move(box.x + 900 - near * 10, box.y + 8, { steps: 4 });
  await page.mouse.up();
  expect((await first(page)) - start).toBeCloseTo(10, 0);
  await page.keyboard.down('Shift');
  await page.mouse.wheel(0, near * 10);
  await page.keyboard.up('Shift');
  expect(await first(page)).toBeGreaterThan(start + 15);
  await sheet(page).focus();
  await page.keyboard.press('0');
  expect(await first(page)).toBeCloseTo(start);
});

test('a planned check is dragged inside its window; outside it asks, with what that risks', async ({ page }) => {
  await openSeason(page);
  const tag = row(page, 'Knapweed').locator('[data-check="thin-cells"]');
  await expect(tag).toHaveAccessibleName(/Tue 18 May, any day 17 to 18 May/);
  const px = await dayPx(page);
  const drag = async (days: number) => {
    await tag.scrollIntoViewIfNeeded();
    const box = await tag.boundingBox();
    if (!box) throw new Error('no tag');
    const [x, y] = [box.x + box.width / 2, box.y + box.height / 2];
    await page.mouse.move(x, y);
    await page.mouse.down();
    await page.mouse.move(x + days * px, y, { steps: 5 });
    await page.mouse.up();
  };
  await drag(-1);
  await expect(tag).toHaveAccessibleName(/Mon 17 May, any day/);
  await expect(row(page, 'Knapweed').getByText('Put on Mon 17 May.')).toBeAttached();
  await page.reload();
  await ready(page);
  await expect(tag).toHaveAccessibleName(/Mon 17 May, any day/);
  await drag(4);
  const dialog = page.getByRole('alertdialog');
  await expect(dialog).toContainText('thin cells on Fri 21 May?');
  await expect(dialog).toContainText('Leave the hive shut up to and including 2 Jun');
  await dialog.getByRole('button', { name: 'Cancel' }).click();
  await expect(tag).toHaveAccessibleName(/Mon 17 May, any day/);
});

test('a planned check is moved with the keyboard alone', async ({ page }) => {
  await openSeason(page);
  const tag = row(page, 'Teasel').locator('[data-check="supers-check"]');
  await tag.focus();
  await page.keyboard.press('Shift+ArrowRight');
  await page.keyboard.press('Shift+ArrowRight');
  await expect(row(page, 'Teasel').getByText('Tue 25 May: Enter puts it there, Escape leaves it.')).toBeAttached();
  await page.keyboard.press('Enter');
  await expect(tag).toHaveAccessibleName(/Tue 25 May, any day 23 to 30 May/);
  await expect(row(page, 'Teasel').getByText('Put on Tue 25 May.')).toBeAttached();
  await page.reload();
  await ready(page);
  await expect(tag).toHaveAccessibleName(/Tue 25 May, any day/);
});

test('the same is there as a table', async ({ page }) => {
  await openSeason(page);
  await page.getByRole('button', { name: 'As a table' }).click();
  const lines = page.getByRole('row').filter({ has: page.getByRole('rowheader', { name: 'Knapweed', exact: true }) });
  await expect(lines.filter({ hasText: 'leave shut' })).toContainText('19 May to 2 Jun');
  await expect(lines.filter({ hasText: 'thin cells' })).toContainText('Tue 18 May, any day 17 to 18 May');
  await expect(lines.filter({ hasText: 'Artificial swarm with a nuc' })).toHaveCount(1);
});

test('the ruler is walked with the arrows, and a day opens its rounds', async ({ page }) => {
  await page.goto('/settings');
  const ruler = page.getByRole('list', { name: 'Days' });
  await ruler.getByRole('link', { name: /^Sun 16 May/ }).focus();
  await page.keyboard.press('ArrowRight');
  await page.keyboard.press('ArrowRight');
  await expect(ruler.getByRole('link', { name: /^Tue 18 May/ })).toBeFocused();
  await page.keyboard.press('Enter');
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Tue 18 May, in 2 days');
  await expect(page.getByRole('region', { name: 'Walled garden' })).toContainText('Thin the cells today');
  await expect(page.getByRole('region', { name: 'Leave shut' })).toContainText('Scabious');
});

test('keys: help, find, inspect, next and previous colony', async ({ page }) => {
  await page.goto('/');
  await page.keyboard.press('?');
  await expect(page.getByRole('dialog')).toContainText('find a colony or something to do');
  await page.keyboard.press('Escape');
  await page.keyboard.press('/');
  await page.getByRole('combobox').fill('tea');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('heading', { level: 1, name: 'Teasel' })).toBeVisible();
  await page.keyboard.press(']');
  await expect(page.getByRole('heading', { level: 1, name: 'Vetch' })).toBeVisible();
  await page.keyboard.press('[');
  await expect(page.getByRole('heading', { level: 1, name: 'Teasel' })).toBeVisible();
  await page.keyboard.press('n');
  await expect(page).toHaveURL(/\/inspect$/);
  // What is neither a colony nor a page is found by what people call it.
  for (const [asked, found] of [
    ['pounds', 'Pounds or kilograms, inches or millimetres'],
    ['undo', 'Undo, correct or delete an entry: on its colony’s page'],
    ['pagden', 'Method: Artificial swarm on the old site'],
  ] as const) {
    await page.keyboard.press('/');
    await page.getByRole('combobox').fill(asked);
    await expect(page.getByRole('option', { name: found })).toBeVisible();
    await page.keyboard.press('Escape');
  }
  await page.keyboard.press('/');
  await page.getByRole('combobox').fill('zzz');
  await expect(page.getByRole('button', { name: 'the handbook of methods' })).toBeVisible();
  await page.keyboard.press('Escape');
  // Where something is typed a key is a letter.
  const note = page.getByRole('textbox', { name: 'Note' });
  await note.focus();
  await page.keyboard.type('n/?');
  await expect(note).toHaveValue('n/?');
  await expect(page).toHaveURL(/\/inspect$/);
});

test.describe('on a phone', () => {
  test.use({ viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true });

  test('two fingers scale the sheet and take it along, one drags it, and it goes on when it is let go', async ({
    page,
    context,
  }) => {
    await openSeason(page);
    const box = await row(page, 'Yarrow').boundingBox();
    if (!box) throw new Error('no row');
    await page.evaluate((y) => window.scrollTo(0, y - 300), box.y);
    const y = (await row(page, 'Yarrow').boundingBox())?.y ?? 0;
    const device = await context.newCDPSession(page);
    // A step each 16 ms, however slow the machine is: a finger that rests before it is lifted lets nothing go on.
    let timestamp = Date.now() / 1000;
    const touch = (type: 'touchStart' | 'touchMove' | 'touchEnd', ...xs: number[]) => {
      timestamp += 0.016;
      const touchPoints = xs.map((x, id) => ({ x, y: y + 8, id }));
      return device.send('Input.dispatchTouchEvent', { type, touchPoints, timestamp });
    };
    const near = await dayPx(page);

    await touch('touchStart', 200);
    await touch('touchStart', 200, 260);
    for (let i = 1; i <= 6; i++) await touch('touchMove', 200 - i * 5, 260 + i * 5);
    await touch('touchEnd');
    expect(await dayPx(page)).toBeGreaterThan(near * 1.5);

    const before = await first(page);
    await touch('touchStart', 300);
    for (let i = 1; i <= 5; i++) await touch('touchMove', 300 - i * 20);
    await touch('touchEnd');
    const underTheFinger = 100 / (await dayPx(page));
    await expect.poll(() => first(page)).toBeGreaterThan(before + underTheFinger + 0.5);
  });
});
