import type { Page } from '@playwright/test';
import { kept, stored } from './device';
import { openRows, openTheWeek } from './season';
import { badge, signal, takeAlong, takeToTheHive } from './signal';
import { addCells, CLEARED, choose, expect, test, waitsToBeAlive } from './test';

test.use({ seed: 'demo', viewport: { width: 390, height: 844 }, serviceWorkers: 'allow' });

async function openHive(page: Page, apiary: RegExp, name: string) {
  await page.getByRole('link', { name: apiary }).click();
  await page
    .getByRole('link', { name: new RegExp(`${name} `) })
    .first()
    .click();
  await expect(page.getByRole('heading', { level: 1 })).toContainText(name);
}

async function save(page: Page) {
  await page.getByRole('button', { name: 'Save the inspection' }).filter({ visible: true }).click();
}

async function inspections(page: Page) {
  return (await (await page.request.get('/api/season/export')).json()).facts.inspections as {
    id: string;
    colonyId: string;
    note: string;
  }[];
}

test('three hives are entered without a signal, one half done, over a reload; all land once', async ({
  page,
  context,
}) => {
  await takeToTheHive(page);
  const before = await inspections(page);
  await signal(context, false);
  await page.goto('/hive');
  await expect(badge(page)).toHaveText('no signal');

  await openHive(page, /^School roof/, 'Betony');
  await choose(page, 'Eggs?', 'seen');
  await choose(page, 'How thoroughly did you check for cells?', CLEARED);
  await save(page);
  await expect(page.getByRole('link', { name: /Betony/ })).toContainText('saved here');
  await expect(badge(page)).toHaveText('1 saved here, not sent');

  await page.getByRole('link', { name: /Meadowsweet/ }).click();
  await addCells(page, 'charged (large larva)', 2);
  await expect(page.getByTestId('verdict')).toContainText('Getting ready to swarm');
  await kept(page, /"stage":"larva-large".*"stage":"larva-large"/);
  // Killed in mid-entry, nothing pressed that saves.
  await page.reload();
  await expect(page.getByText('Taken up where you left off')).toBeVisible();
  await expect(page.getByRole('group', { name: 'charged (large larva)', exact: true }).locator('output')).toHaveText(
    '2',
  );
  await page.getByRole('link', { name: 'School roof', exact: true }).click();
  await expect(page.getByRole('link', { name: /Meadowsweet/ })).toContainText('half entered');

  await page.getByRole('link', { name: /Mallow/ }).click();
  await choose(page, 'Eggs?', 'looked, none');
  await choose(page, 'How thoroughly did you check for cells?', CLEARED);
  await save(page);
  await expect(badge(page)).toHaveText('2 saved here, not sent');
  await page.getByRole('link', { name: /Meadowsweet/ }).click();
  await choose(page, 'Eggs?', 'seen');
  await choose(page, 'How thoroughly did you check for cells?', CLEARED);
  await save(page);
  await expect(badge(page)).toHaveText('3 saved here, not sent');

  await signal(context, true);
  await expect(badge(page)).toHaveText('all sent');
  const after = await inspections(page);
  expect(after.length - before.length).toBe(3);
});

test('“Sunday or Monday” is entered without a signal, and counts from both days', async ({ page, context }) => {
  await takeToTheHive(page);
  await signal(context, false);
  await openHive(page, /^School roof/, 'Betony');
  await choose(page, 'Eggs?', 'seen');
  await choose(page, 'How thoroughly did you check for cells?', CLEARED);
  await page.getByLabel('Day', { exact: true }).fill('2027-05-09');
  await page.getByText('Not sure which day').click();
  await page.getByLabel('It may have been as late as').fill('2027-05-10');
  await page.getByRole('textbox', { name: 'Note' }).fill('Sunday or Monday.');
  await save(page);
  await expect(badge(page)).toHaveText('1 saved here, not sent');
  await signal(context, true);
  await expect(badge(page)).toHaveText('all sent');
  const [entry] = (await inspections(page)).filter(({ note }) => note === 'Sunday or Monday.');
  expect(entry).toMatchObject({ to: '2027-05-10', thoroughness: 'cleared' });
  await page.goto(`/colonies/${entry?.colonyId}`);
  await openRows(page);
  await expect(page.getByRole('region', { name: 'Inspections' })).toContainText('9 to 10 May');
});

test('colonies, programmes and Today open without a signal after one visit; what was never opened says so', async ({
  page,
  context,
}) => {
  await takeAlong(page);
  await signal(context, false);
  await page.goto('/');
  await openTheWeek(page);
  await page.getByRole('link', { name: 'Teasel', exact: true }).first().click();
  await expect(page.getByRole('heading', { level: 1, name: 'Teasel' })).toBeVisible();
  await page.getByRole('link', { name: /^Demaree/ }).click();
  await expect(page.getByRole('heading', { level: 1, name: 'Demaree' })).toBeVisible();
  await page.goto('/settings?never=opened');
  await expect(
    page.getByRole('heading', { level: 1, name: 'No signal, and this page is not kept here' }),
  ).toBeVisible();
});

test('the same outbox sent twice lands once', async ({ page, context }) => {
  await takeToTheHive(page);
  const before = await inspections(page);
  await signal(context, false);
  await openHive(page, /^School roof/, 'Betony');
  await choose(page, 'How thoroughly did you check for cells?', CLEARED);
  await addCells(page, 'egg');
  await save(page);
  await expect(badge(page)).toHaveText('1 saved here, not sent');
  const [entry] = await stored<{ entry: object }>(page, 'outbox');
  expect((await page.request.post('/api/inspections', { data: entry?.entry })).status()).toBe(200);
  await signal(context, true);
  await expect(badge(page)).toHaveText('all sent');
  expect((await inspections(page)).length - before.length).toBe(1);
});

test('two devices enter the same hive; both land and are shown', async ({ page, context, browser, baseURL }) => {
  await takeToTheHive(page);
  const other = await browser.newContext({ viewport: { width: 390, height: 844 }, baseURL: baseURL as string });
  const second = waitsToBeAlive(await other.newPage());
  await takeToTheHive(second);
  for (const [device, one, note] of [
    [context, page, 'Seen by the first.'],
    [other, second, 'Seen by the second.'],
  ] as const) {
    await signal(device, false);
    await openHive(one, /^School roof/, 'Betony');
    await choose(one, 'How thoroughly did you check for cells?', CLEARED);
    await one.getByRole('textbox', { name: 'Note' }).fill(note);
    await save(one);
    await expect(badge(one)).toHaveText('1 saved here, not sent');
  }
  for (const [device, one] of [
    [context, page],
    [other, second],
  ] as const) {
    await signal(device, true);
    await expect(badge(one)).toHaveText('all sent');
  }
  await page.goto('/colonies');
  await page.getByRole('link', { name: 'Betony', exact: true }).click();
  await openRows(page);
  const looks = page.getByRole('region', { name: 'Inspections' });
  await expect(looks).toContainText('Seen by the first.');
  await expect(looks).toContainText('Seen by the second.');
  await other.close();
});

test('an entry that the server refuses comes back whole, is put right and sent', async ({ page, context }) => {
  await takeToTheHive(page);
  await signal(context, false);
  await openHive(page, /^School roof/, 'Betony');
  await choose(page, 'How thoroughly did you check for cells?', CLEARED);
  await addCells(page, 'egg', 3);
  await page.getByRole('textbox', { name: 'Note' }).fill('Windy.');
  await save(page);
  await expect(badge(page)).toHaveText('1 saved here, not sent');
  // Meanwhile, at home, the colony was noted as ended before that day.
  const facts = (await (await page.request.get('/api/season/export')).json()).facts;
  // What the book notes itself is not entered.
  const {
    enteredOn: _,
    deletedAt: __,
    ...betony
  } = facts.colonies.find(({ name }: { name: string }) => name === 'Betony');
  expect((await page.request.post('/api/colonies', { data: { ...betony, endedOn: '2027-05-13' } })).status()).toBe(200);
  await signal(context, true);
  await expect(badge(page)).toHaveText('1 to fix');
  expect((await page.request.post('/api/colonies', { data: betony })).status()).toBe(200);
  await page.goto('/hive');
  await expect(page.getByRole('region', { name: 'On this device' })).toContainText('The colony ended on Thu 13 May.');
  await page.getByRole('link', { name: 'Fix it' }).click();
  await expect(page.getByRole('alert').filter({ hasText: 'The colony ended on Thu 13 May.' }).first()).toBeVisible();
  await expect(page.getByRole('group', { name: 'egg', exact: true }).locator('output')).toHaveText('3');
  await expect(page.getByRole('textbox', { name: 'Note' })).toHaveValue('Windy.');
  await save(page);
  await expect(badge(page)).toHaveText('all sent');
  expect((await inspections(page)).filter(({ note }) => note === 'Windy.')).toHaveLength(1);
});

test('a photo of a frame is made small, kept with the entry and sent after it', async ({ page, context }) => {
  await takeToTheHive(page);
  await signal(context, false);
  await openHive(page, /^School roof/, 'Betony');
  // A picture larger than what is kept.
  const drawn = await page.evaluate(() => {
    const canvas = document.createElement('canvas');
    [canvas.width, canvas.height] = [3000, 2000];
    const brush = canvas.getContext('2d') as CanvasRenderingContext2D;
    for (let i = 0; i < 4000; i++) {
      brush.fillStyle = `hsl(${(i * 37) % 360} 60% 50%)`;
      brush.fillRect((i * 97) % 3000, (i * 61) % 2000, 60, 60);
    }
    return canvas.toDataURL('image/png').split(',')[1] as string;
  });
  const buffer = Buffer.from(drawn, 'base64');
  await page.getByLabel('Photo of a frame').setInputFiles({ name: 'frame.png', mimeType: 'image/png', buffer });
  await expect(page.getByRole('img', { name: 'Frame 1' })).toBeVisible();
  await page
    .getByLabel('Photo of a frame')
    .setInputFiles({ name: 'a.txt', mimeType: 'text/plain', buffer: Buffer.from('no picture') });
  await expect(page.getByText('This picture cannot be read.')).toBeVisible();
  await kept(page, /"photos":\[\{/);
  await page.reload();
  await expect(page.getByRole('img', { name: 'Frame 1' })).toBeVisible();
  await choose(page, 'How thoroughly did you check for cells?', CLEARED);
  await save(page);
  await expect(badge(page)).toHaveText('1 saved here, not sent');
  await signal(context, true);
  await expect(badge(page)).toHaveText('all sent');
  const { photos } = (await (await page.request.get('/api/season/export')).json()).facts;
  expect(photos).toHaveLength(1);
  const picture = await page.request.get(`/api/photos/${photos[0].id}`);
  expect(picture.headers()['content-type']).toBe('image/jpeg');
  const bytes = await picture.body();
  expect([bytes[0], bytes[1]]).toEqual([0xff, 0xd8]);
  expect(bytes.length).toBeLessThanOrEqual(180_000);
});

test('a phone says when it is ready to go without a signal, and not before', async ({ page }) => {
  await page.goto('/');
  await expect(badge(page)).toHaveText('loading');
  await expect(page.getByText('Getting ready to work without a signal')).toBeVisible();
  await expect(page.getByText('Ready to go without a signal.')).toBeVisible({ timeout: 120_000 });
  await expect(badge(page)).toHaveText('all sent');
  await page.reload();
  await expect(badge(page)).toHaveText('all sent');
  await expect(page.getByText(/without a signal/)).toHaveCount(0);
  // What the browser cannot do by itself is said, with what can.
  await page.goto('/phone');
  const notice = page.getByRole('region', { name: 'A notice in the morning' });
  await expect(notice).toContainText(
    /cannot do that without an outside service|Put Ubbet on the home screen|turned off/,
  );
  await expect(notice.getByRole('link', { name: 'Rounds in your calendar' })).toBeVisible();
});
