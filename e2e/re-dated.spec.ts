import ICAL from 'ical.js';
import { cellIs, openColony, openRows } from './season';
import { expect, test } from './test';

interface Entry {
  readonly uid: string;
  readonly title: string;
  readonly from: string;
  readonly until: string;
  readonly text: string;
}

function read(text: string): readonly Entry[] {
  const calendar = new ICAL.Component(ICAL.parse(text));
  return calendar.getAllSubcomponents('vevent').map((component) => {
    const event = new ICAL.Event(component);
    expect(event.startDate.isDate).toBe(true);
    return {
      uid: event.uid,
      title: event.summary,
      from: event.startDate.toString(),
      until: event.endDate.toString(),
      text: event.description ?? '',
    };
  });
}

test.use({ seed: 'demo' });

test('the calendar file holds every check on its best day and every hive to leave shut', async ({ page }) => {
  await page.goto('/data');
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('link', { name: 'Take the calendar file' }).click(),
  ]);
  expect(download.suggestedFilename()).toBe('ubbet.ics');
  const entries = read(await (await page.request.get('/api/calendar')).text());
  expect(new Set(entries.map(({ uid }) => uid)).size).toBe(entries.length);
  expect(entries).toContainEqual(
    expect.objectContaining({
      title: 'Knapweed: Thin the cells',
      from: '2027-05-18',
      until: '2027-05-19',
      text: expect.stringContaining('Any day 17 to 18 May, best Tue 18 May.'),
    }),
  );
  // The last day of a whole-day event is the one after it.
  expect(entries).toContainEqual(
    expect.objectContaining({ title: 'Scabious: leave shut', from: '2027-05-16', until: '2027-05-31' }),
  );
});

test('the feed answers at a secret address only, moves a check instead of doubling it, and can be renewed', async ({
  page,
}) => {
  await page.goto('/data');
  await page.getByRole('button', { name: 'Make an address for subscribing' }).click();
  const field = page.getByLabel('Address for subscribing');
  await expect(field).toHaveValue(/\/calendar\/[\w-]{32}\.ics$/);
  const address = await field.inputValue();
  const feed = async (url = address) => page.request.get(url);
  const response = await feed();
  expect(response.headers()['content-type']).toContain('text/calendar');
  const before = read(await response.text());
  const look = (entries: readonly Entry[]) => entries.filter(({ title }) => title === 'Knapweed: Thin the cells');
  expect(look(before).map(({ from }) => from)).toEqual(['2027-05-18']);

  await openColony(page, 'Knapweed');
  const check = page.locator('[data-due="thin-cells"]');
  await check.getByRole('button', { name: 'another day' }).click();
  await check.getByLabel('Do it on').fill('2027-05-20');
  await expect(check.getByText('Leave the hive shut up to and including 2 Jun')).toBeVisible();
  await check.getByLabel('Do it on').fill('2027-05-17');
  await check.getByLabel('Reason').fill('Rain on Tuesday');
  await check.getByRole('button', { name: 'Move it', exact: true }).click();
  await expect(check).toContainText('Mon 17 May');
  const after = read(await (await feed()).text());
  expect(look(after)).toEqual([expect.objectContaining({ uid: look(before)[0]?.uid, from: '2027-05-17' })]);
  expect(look(after)[0]?.text).toContain('You planned it for Mon 17 May.');

  expect((await feed(address.replace(/.{6}\.ics$/, 'aaaaaa.ics'))).status()).toBe(404);
  await page.goto('/data');
  await page.getByRole('button', { name: 'Give it a new address' }).click();
  await page.getByRole('alertdialog').getByRole('button', { name: 'New address' }).click();
  await expect(field).not.toHaveValue(address);
  expect((await feed()).status()).toBe(404);
  expect((await feed(await field.inputValue())).status()).toBe(200);
});

test('a check is left out with a reason, and put back by nothing but that', async ({ page }) => {
  await openColony(page, 'Teasel');
  const check = page.locator('[data-due="supers-check"]');
  await check.getByRole('button', { name: 'another day' }).click();
  await check.getByRole('button', { name: 'Skip this check' }).click();
  await expect(check.getByRole('alert')).toContainText('Say why you skip it');
  await check.getByLabel('Reason').fill('Supers are off');
  await check.getByRole('button', { name: 'Skip this check' }).click();
  await expect(check).toHaveCount(0);
  await expect(page.getByText('Skipped: supers “Supers are off”')).toBeVisible();
});

test('a corrected entry moves the dates, and the page says so', async ({ page }) => {
  await openColony(page, 'Knapweed');
  await page.getByRole('region', { name: 'Inspections' }).getByRole('link', { name: 'correct' }).first().click();
  await cellIs(page, 'a', 'small larva');
  const moves = page.getByRole('region', { name: 'What the correction moves' });
  await expect(moves).toContainText('Look for eggs: now 5 to 11 Jun (was 3 to 9 Jun)');
  await page.getByRole('button', { name: 'Save the correction' }).filter({ visible: true }).click();
  const moved = page.getByRole('list', { name: 'What moved' });
  await expect(page.getByRole('heading', { name: 'What moved' })).toBeVisible();
  await openRows(page);
  await expect(moved).toContainText('Entry of 11 May corrected: Look for eggs: now 5 to 11 Jun (was 3 to 9 Jun)');
});

test('an inspection inside the days to leave shut asks first', async ({ page }) => {
  await openColony(page, 'Campion');
  await page.getByRole('link', { name: 'Enter an inspection' }).click();
  await page.getByRole('group', { name: 'How thoroughly did you check for cells?' }).locator('label').first().click();
  const save = page.getByRole('button', { name: 'Save the inspection' }).filter({ visible: true });
  await save.click();
  const dialog = page.getByRole('alertdialog');
  await expect(dialog).toContainText('Leave it shut up to and including 20 May');
  await dialog.getByRole('button', { name: 'Not yet' }).click();
  await expect(page).toHaveURL(/inspect$/);
  await save.click();
  await dialog.getByRole('button', { name: 'I opened it: save' }).click();
  await expect(page.getByRole('heading', { name: 'Inspections' })).toBeVisible();
});

test('a start that was a mistake is taken back and put back, with its colony', async ({ page }) => {
  await openColony(page, 'Comfrey');
  await page.getByRole('link', { name: /^Even split, side by side, day 6/ }).click();
  await page.getByRole('button', { name: 'It never happened: undo the start' }).click();
  await page.getByRole('button', { name: 'Take it back', exact: true }).click();
  await page.getByRole('heading', { name: 'Earlier methods' }).click();
  await expect(page.getByText('Even split, side by side of 10 May was taken back.')).toBeVisible();
  await page.getByRole('button', { name: 'Restore' }).click();
  await expect(page.getByRole('link', { name: /^Even split, side by side, day 6/ })).toBeVisible();
  await page.getByRole('link', { name: 'Comfrey half' }).last().click();
  await expect(page.getByRole('heading', { level: 1, name: 'Comfrey half' })).toBeVisible();
  await expect(page.locator('[data-due="which-half"]')).toBeVisible();
});
