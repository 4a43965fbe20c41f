import { openColony, openRows, openTheWeek } from './season';
import { addCells, begin, CLEARED, choose, expect, onDay, saveInspection, test } from './test';

test.describe('settings', () => {
  test.use({ seed: 'demo' });

  test('change every date that hangs on them, and are refused outside their limits', async ({ page }) => {
    await page.goto('/settings');
    await page.getByLabel('Days to leave shut').fill('40');
    await page.getByRole('button', { name: 'Save' }).click();
    await expect(page.getByRole('alert').first()).toContainText('Days to leave shut: must be 21 or less');
    await expect(page.getByLabel('Days to leave shut')).toHaveValue('40');

    await page.getByLabel('Days to leave shut').fill('14');
    await page.getByRole('button', { name: 'Save' }).click();
    await openTheWeek(page);
    const shut = page.getByRole('region', { name: 'Leave shut' });
    await expect(shut).toContainText('Leave shut: not before Tue 25 May');

    await page.goto('/settings');
    await expect(page.getByLabel('Days to leave shut')).toHaveValue('14');
    await page.getByLabel('Fixed interval in the swarm season').fill('9');
    await page.getByRole('button', { name: 'Save' }).click();
    await openTheWeek(page);
    await page.getByRole('link', { name: 'Betony', exact: true }).first().click();
    await expect(page.getByRole('heading', { level: 1, name: 'Betony' })).toBeVisible();
    await openRows(page);
    await expect(page.getByRole('main')).toContainText(
      'Your own interval of 9 days. That is 5 days later than what was seen allows.',
    );

    await page.goto('/settings');
    const months = page.getByRole('group', { name: 'When do swarms come where you are?' });
    for (const month of ['Apr', 'May', 'Jun', 'Jul', 'Oct', 'Nov', 'Dec', 'Jan'])
      await months.locator('label').filter({ hasText: month }).click();
    await expect(months.getByRole('checkbox', { name: 'Nov' })).toBeChecked();
    await page.getByLabel('Fixed interval in the swarm season').fill('');
    await page.getByRole('button', { name: 'Save' }).click();
    await openTheWeek(page);
    await page.getByRole('link', { name: 'Betony', exact: true }).first().click();
    await expect(page.getByRole('region', { name: 'Reading' })).toContainText('Inspect Wed 1 Sep');
    // An apiary whose days were entered keeps to them.
    await page.goto('/colonies');
    await page.getByRole('link', { name: 'Yarrow', exact: true }).click();
    await expect(page.getByRole('region', { name: 'Reading' })).toContainText('Inspect Thu 20 May');
  });

  test('measures are asked for and said in the units of the keeper, and stored in SI', async ({ page }) => {
    await page.goto('/settings');
    for (const [of, unit] of [
      ['Weight', 'pounds'],
      ['Temperature', 'Fahrenheit'],
      ['Distance', 'miles'],
    ] as const)
      await choose(page, of, unit);
    await page.getByRole('button', { name: 'Save' }).click();
    await expect(page).toHaveURL(/\/$/);

    await page.goto('/settings');
    await expect(page.getByLabel('Warm nights for interleaving, °F')).toHaveValue('50');
    await page.getByLabel('Warm nights for interleaving, °F').fill('54');
    await page.getByLabel('Stored in a day on the main flow, lb').fill('5');
    await page.getByRole('button', { name: 'Save' }).click();
    await expect(page).toHaveURL(/\/$/);
    const { facts } = await (await page.request.get('/api/season/export')).json();
    const stored = Object.fromEntries(
      facts.settings.map(({ key, value }: { key: string; value: unknown }) => [key, value]),
    );
    expect([stored.interleaveNightC, stored.strongFlowKg]).toEqual([12, 2.27]);

    await page.goto('/methods/nuc-swarm');
    await expect(page.getByText('over 3 miles away').first()).toBeVisible();
    await page.goto('/room');
    await page.getByLabel('Coldest of the next five nights, °F').fill('45');
    await page.getByRole('button', { name: 'Update' }).click();
    await expect(page).toHaveURL(/night=7\.2/);
    await expect(page.getByLabel('Coldest of the next five nights, °F')).toHaveValue('45');
  });

  test('a colony is corrected, and cannot begin after what was seen in it', async ({ page }) => {
    await page.goto('/colonies');
    await openColony(page, 'Yarrow');
    await page.getByRole('link', { name: 'Edit colony' }).click();
    await page.getByLabel('First day in your records').fill('2027-05-10');
    await page.getByLabel('How it began').selectOption('nuc');
    await page.getByRole('button', { name: 'Save' }).click();
    await expect(page.getByRole('alert').first()).toContainText('First day: It has an entry on');
    await page.getByLabel('How it began').selectOption('established');
    await page.getByLabel('First day in your records').fill('2027-03-01');
    await page.getByLabel('Name').fill('Teasel');
    await page.getByRole('button', { name: 'Save' }).click();
    await expect(page.getByRole('alert').first()).toContainText('There is a colony called Teasel already.');
    await page.getByLabel('Name', { exact: true }).fill('Yarrow the elder');
    await page.getByLabel('Stand').fill('stand 9');
    await page.getByRole('button', { name: 'Save' }).click();
    await expect(page.getByRole('heading', { level: 1, name: 'Yarrow the elder' })).toBeVisible();
    await expect(page.getByText('Walled garden, stand 9')).toBeVisible();

    await openRows(page);
    await page.getByRole('link', { name: 'Edit colony' }).click();
    await page.getByLabel('Last day').fill('2027-05-16');
    await page.getByRole('button', { name: 'Save' }).click();
    await page.goto('/colonies');
    await expect(page.getByRole('heading', { level: 1 })).toHaveText('16 colonies');
  });
});

test('the first run keeps what was typed when something is missing', async ({ page }) => {
  await page.goto('/start');
  await page.getByLabel('Apiary').fill('Orchard');
  await page.getByRole('button', { name: 'Begin' }).click();
  await expect(page.getByRole('alert').first()).toContainText('Colony: must not be empty');
  await expect(page.getByLabel('Apiary')).toHaveValue('Orchard');
  const facts = await (await page.request.get('/api/season/export')).json();
  expect(facts.facts.apiaries).toEqual([]);
});

test('cells broken down at the visit are counted apart from those left', async ({ page }) => {
  await page.goto('/');
  await onDay(page, '2027-05-10');
  await begin(page, 'Orchard', 'Clover');
  await page.getByRole('link', { name: 'Enter an inspection' }).click();
  await addCells(page, 'charged (large larva)', 2);
  const meaning = page.getByRole('complementary', { name: 'What it means' });
  await expect(meaning).toContainText('Getting ready to swarm');
  await addCells(page, 'charged (large larva) broken down', 2);
  await expect(meaning).toContainText('Cells broken down: a delay, no cure');
  await choose(page, 'Eggs?', 'seen');
  await choose(page, 'How thoroughly did you check for cells?', CLEARED);
  await saveInspection(page);
  await expect(page.getByRole('region', { name: 'Reading' })).toContainText(
    'That buys time until 13 May; it does not stop swarming',
  );
  await openRows(page);
  await expect(page.locator('[data-cell=a]')).toContainText('broken down as charged (large larva)');
});

test('a page that is not there says so, within the frame', async ({ page }) => {
  const response = await page.goto('/colonies/01970000-0000-7000-8000-000000000000');
  expect(response?.status()).toBe(404);
  await expect(page.getByRole('heading', { name: 'Page not found' })).toBeVisible();
  await expect(page.getByRole('navigation', { name: 'Screens' })).toBeVisible();
});

test('free hours are painted by sliding and by keys, and typed by the clock of 24 hours', async ({ page }) => {
  await page.goto('/');
  await onDay(page, '2027-05-10');
  await begin(page, 'Orchard', 'Clover');
  await page.goto('/free-time');
  const square = (name: string) => page.getByRole('button', { name, exact: true });
  const week = page.getByRole('group', { name: /^Hours of the week/ });
  await expect(week).toContainText('17:00 to 20:00');
  // From half past nine to noon on Tuesday, in one stroke.
  const [from, to] = [
    await square('Tuesday 09:30 to 10:00').boundingBox(),
    await square('Tuesday 11:30 to 12:00').boundingBox(),
  ];
  if (!from || !to) throw new Error('not on the page');
  await page.mouse.move(from.x + 3, from.y + 10);
  await page.mouse.down();
  await page.mouse.move(to.x + 3, to.y + 10, { steps: 8 });
  await page.mouse.up();
  await expect(week).toContainText('09:30 to 12:00, 17:00 to 20:00');
  // An hour of Sunday is taken out by keys.
  await square('Sunday 12:00 to 12:30').focus();
  await page.keyboard.press('Space');
  await page.keyboard.press('Shift+ArrowRight');
  await expect(week).toContainText('10:00 to 12:00, 13:00 to 18:00');
  await expect(square('Sunday 12:30 to 13:00')).toBeFocused();
  await page.getByText('Type the hours').click();
  await page.getByLabel('Monday, from').fill('2.30 pm');
  await page.getByLabel('Monday, to').fill('soon');
  await expect(page.getByLabel('Monday, to')).toHaveAttribute('aria-invalid', 'true');
  await page.getByLabel('Monday, to').fill('1600');
  await page.getByLabel('Monday, to').blur();
  await expect(page.getByLabel('Monday, from')).toHaveValue('14:30');
  await page.getByRole('button', { name: 'Save' }).click();
  await expect(page).toHaveURL(/\/$/);
  await page.goto('/free-time');
  await expect(week).toContainText('14:30 to 16:00');
  await expect(week).toContainText('10:00 to 12:00, 13:00 to 18:00');
  await page.setViewportSize({ width: 390, height: 844 });
  await expect(page.locator('html')).toHaveJSProperty('scrollWidth', 390);
});
