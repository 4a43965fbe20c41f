import { faults } from './faults';
import { openColony } from './season';
import { expect, test } from './test';

test.use({ seed: 'demo' });

test('a method is read without a colony: needs, steps, what goes where, and its checks from day 0', async ({
  page,
}) => {
  await page.goto('/');
  await page.getByRole('navigation', { name: 'Screens' }).getByRole('link', { name: 'Learn' }).click();
  await page.getByRole('navigation', { name: 'Learn' }).getByRole('link', { name: 'Methods' }).click();
  await expect(page.getByRole('heading', { level: 1, name: 'Methods' })).toBeVisible();
  await page
    .getByRole('region', { name: 'Against swarming' })
    .getByRole('link', { name: 'Artificial swarm with a nuc' })
    .click();
  await expect(page.getByRole('heading', { level: 1, name: 'Artificial swarm with a nuc' })).toBeVisible();
  await expect(page.getByRole('region', { name: 'When and for whom' })).toContainText('at least 4 frames of brood');
  const follows = page.getByRole('region', { name: 'What follows, from day 0' });
  await expect(follows).toContainText('Leave shut, parent: day 9 to 27, both included');
  await expect(follows).toContainText('parent: Look for eggs: day 28 to 34, best day 30.');
  const example = page.getByRole('region', { name: 'An example' });
  await expect(example.getByRole('figure', { name: 'The hive' })).toHaveCount(3);
  await expect(page.getByRole('navigation', { name: 'Screens' }).getByRole('link', { name: 'Learn' })).toHaveAttribute(
    'aria-current',
    'page',
  );
});

test('the menu shuts by Escape, and the focus goes back to its button', async ({ page }) => {
  await page.goto('/');
  const button = page.locator('summary[aria-label="More"]');
  await button.focus();
  await page.keyboard.press('Enter');
  const menu = page.getByRole('navigation', { name: 'More' });
  await expect(menu.getByRole('link', { name: 'Settings' })).toBeVisible();
  await page.keyboard.press('Tab');
  await page.keyboard.press('Escape');
  await expect(menu.getByRole('link', { name: 'Settings' })).toBeHidden();
  await expect(button).toBeFocused();
  await button.click();
  await menu.getByRole('link', { name: 'Data' }).click();
  await expect(page.getByRole('heading', { level: 1, name: 'Your season is yours' })).toBeVisible();
  await expect(menu).toBeHidden();
});

test('what opens over or below a button gives the focus back to it, by Escape and by its own buttons', async ({
  page,
}) => {
  await page.goto('/');
  const find = page.getByRole('button', { name: 'find' });
  await find.click();
  await expect(page.getByPlaceholder('A colony, or what you want to do')).toBeFocused();
  await page.keyboard.press('Escape');
  await expect(find).toBeFocused();

  await openColony(page, 'Teasel');
  const another = page.getByRole('button', { name: 'another day' }).first();
  await another.click();
  const reason = page.getByLabel('Reason');
  await reason.fill('Rain.');
  await page.keyboard.press('Escape');
  await expect(reason).toBeHidden();
  await expect(another).toBeFocused();

  const remove = page.getByRole('button', { name: 'delete' }).first();
  await remove.click();
  await page.getByRole('alertdialog').getByRole('button', { name: 'Cancel' }).click();
  await expect(remove).toBeFocused();
  await remove.click();
  await page.keyboard.press('Escape');
  await expect(remove).toBeFocused();
});

test('the season says of every mark whose it is and of which days, and what is pressed is 24 px high', async ({
  page,
}) => {
  await page.goto('/season');
  const sheet = page.getByRole('region', { name: 'The season', exact: true });
  await expect(sheet.getByRole('img', { name: 'Campion, leave shut: 3 to 20 May' })).toBeVisible();
  await expect(sheet.getByRole('img', { name: /^Campion, inspected/ }).first()).toBeVisible();
  for (const mark of await sheet.locator('.season-strip').locator('a, button').all())
    expect((await mark.boundingBox())?.height ?? 24).toBeGreaterThanOrEqual(24);
});

test('on a phone four places stand at the thumb, and the others under more', async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await page.goto('/');
  const places = page.getByRole('navigation', { name: 'Screens' });
  await expect(places.getByRole('link')).toHaveText(['Today', 'At the hive', 'Season', 'Colonies']);
  const box = await places.boundingBox();
  expect((box?.y ?? 0) + (box?.height ?? 0)).toBeGreaterThan(840);
  await page.locator('summary[aria-label="More"]').click();
  await page.getByRole('navigation', { name: 'More' }).getByRole('link', { name: 'Methods' }).click();
  await expect(page.getByRole('heading', { level: 1, name: 'Methods' })).toBeVisible();
  await places.getByRole('link', { name: 'Season' }).click();
  await expect(places.getByRole('link', { name: 'Season' })).toHaveAttribute('aria-current', 'page');
});

test('the days of the ruler are as wide on a phone as those of the lanes below, numbered or not', async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await page.goto('/');
  const days = page.getByRole('list', { name: 'Days' }).getByRole('listitem');
  await expect(days).toHaveCount(29);
  const widths = await days.evaluateAll((all) => all.map((one) => one.getBoundingClientRect().width));
  expect(Math.max(...widths) - Math.min(...widths)).toBeLessThan(0.1);
});

test('a day is written as people write it, or picked from a month; what is none is said', async ({ page }) => {
  await page.goto('/colonies/new');
  const day = page.getByLabel('First day in your records');
  await expect(day).toHaveValue('Sun 16 May');
  for (const [typed, read] of [
    ['yesterday', 'Sat 15 May'],
    ['3 may', 'Mon 3 May'],
    ['sun', 'Sun 16 May'],
    ['2026-05-04', 'Mon 4 May 2026'],
  ] as const) {
    await day.fill(typed);
    await day.blur();
    await expect(day).toHaveValue(read);
  }
  await day.fill('05/10/2027');
  await day.blur();
  await expect(day).toHaveValue('05/10/2027');
  await expect(page.getByText('Not a day. Write 15 May, yesterday or sun.')).toBeVisible();
  await page.getByRole('button', { name: 'Pick the day from a month' }).click();
  const month = page.getByRole('dialog', { name: 'A month to pick a day from' });
  await expect(month.getByRole('button', { name: /17 May 2027|May 17/ })).toBeDisabled();
  await month.getByRole('button', { name: /12(th)?( May|, 2027)|12 May 2027|May 12/ }).click();
  await expect(day).toHaveValue('Wed 12 May');
  await expect(page.getByRole('button', { name: 'Pick the day from a month' })).toBeFocused();
});

test('the colonies as a table are sorted by a tap and narrowed by typing', async ({ page }) => {
  await page.goto('/colonies');
  await page.getByRole('button', { name: 'As a table' }).click();
  const table = page.getByRole('table', { name: 'All colonies' });
  const names = () => table.getByRole('rowheader').allTextContents();
  await expect(table.getByRole('row')).toHaveCount(18);
  // What presses most comes first.
  expect((await names())[0]).toBe('Sainfoin');
  await table.getByRole('button', { name: 'Colony' }).click();
  await expect(table.getByRole('columnheader', { name: 'Colony' })).toHaveAttribute('aria-sort', 'ascending');
  expect((await names()).slice(0, 2)).toEqual(['Betony', 'Burnet']);
  await table.getByRole('button', { name: 'Colony' }).click();
  expect((await names())[0]).toBe('Yarrow');
  await page.getByLabel('Show only rows with').fill('old quarry');
  await expect(page.getByText('6 of 17')).toBeVisible();
  expect((await names())[0]).toBe('Vetch');
  expect(await faults(page)).toEqual([]);
});
