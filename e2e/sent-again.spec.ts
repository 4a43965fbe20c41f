import type { Page } from '@playwright/test';
import { stored } from './device';
import { badge, signal, takeAlong, takeToTheHive } from './signal';
import { CLEARED, choose, expect, test, waitsToBeAlive } from './test';

test.use({ seed: 'demo', viewport: { width: 390, height: 844 }, serviceWorkers: 'allow' });

async function enter(page: Page, note: string) {
  await page.getByRole('link', { name: /^School roof/ }).click();
  await page
    .getByRole('link', { name: /Betony / })
    .first()
    .click();
  await choose(page, 'Eggs?', 'seen');
  await choose(page, 'How thoroughly did you check for cells?', CLEARED);
  await page.getByRole('textbox', { name: 'Note' }).fill(note);
  await save(page);
}

const save = (page: Page) =>
  page
    .getByRole('button', { name: /^Save the/ })
    .filter({ visible: true })
    .click();

async function facts(page: Page) {
  const file = await (await page.request.get('/api/season/export')).json();
  return file.facts as { inspections: { id: string; colonyId: string; note: string; deletedAt: string | null }[] };
}
const noted = async (page: Page, note: string) => (await facts(page)).inspections.find((one) => one.note === note);

test('an entry whose answer was lost does not undo what was corrected at the desk meanwhile', async ({
  page,
  context,
}) => {
  await takeToTheHive(page);
  // The server takes it; the answer never comes.
  await page.route('**/api/inspections', async (route) => {
    await route.fetch();
    await route.abort();
  });
  await enter(page, 'at the hive');
  await expect(badge(page)).toHaveText('1 saved here, not sent');
  const look = await noted(page, 'at the hive');
  expect(look).toBeDefined();

  const desk = waitsToBeAlive(await context.newPage());
  await desk.setViewportSize({ width: 1280, height: 800 });
  await desk.goto(`/colonies/${look?.colonyId}/inspect/${look?.id}`);
  await desk.getByRole('textbox', { name: 'Note' }).fill('at the desk');
  await save(desk);
  await expect(desk).toHaveURL(/colonies\/[^/]+$/);
  await desk.close();

  await page.unroute('**/api/inspections');
  await page.goto('/hive');
  await expect(badge(page)).toHaveText('all sent');
  expect(await noted(page, 'at the hive')).toBeUndefined();
  expect((await noted(page, 'at the desk'))?.id).toBe(look?.id);
});

test('two corrections of one inspection are put side by side, and the keeper says which stands', async ({
  page,
  context,
}) => {
  await takeAlong(page);
  await enter(page, 'first word');
  await expect.poll(() => noted(page, 'first word')).toBeDefined();
  const look = await noted(page, 'first word');
  const address = `/colonies/${look?.colonyId}/inspect/${look?.id}`;
  await page.goto(address);
  const desk = waitsToBeAlive(await context.newPage());
  await desk.goto(address);
  await desk.getByRole('textbox', { name: 'Note' }).fill('said at the desk');
  await save(desk);
  await expect(desk).toHaveURL(/colonies\/[^/]+$/);
  await desk.close();

  await page.getByRole('textbox', { name: 'Note' }).fill('said at the hive');
  await save(page);
  const both = page.getByRole('region', { name: 'Two versions' });
  await expect(both.getByRole('row', { name: /Note/ })).toContainText('said at the hive');
  await expect(both.getByRole('row', { name: /Note/ })).toContainText('said at the desk');
  // Nothing is stored before the keeper has said.
  expect(await noted(page, 'said at the hive')).toBeUndefined();
  await both.getByRole('button', { name: 'What was entered here is right' }).click();
  await expect(page).toHaveURL(/colonies\/[^/]+$/);
  expect((await noted(page, 'said at the hive'))?.id).toBe(look?.id);
});

test('one entry that does not get through holds up no other, and says why it waits', async ({ page, context }) => {
  await takeAlong(page);
  await signal(context, false);
  await page.goto('/hive');
  await enter(page, 'held up');
  await page.goto('/hive');
  await page.getByRole('link', { name: /^School roof/ }).click();
  await page.getByRole('link', { name: /Mallow/ }).click();
  await choose(page, 'Eggs?', 'seen');
  await choose(page, 'How thoroughly did you check for cells?', CLEARED);
  await page.getByRole('textbox', { name: 'Note' }).fill('goes through');
  await save(page);
  await expect(badge(page)).toHaveText('2 saved here, not sent');
  // Pages of the server's say that it is not in there; a colony's says it of its own.
  await page.goto('/');
  await expect(page.getByRole('note').filter({ hasText: '2 things entered on this device' })).toContainText(
    '(Betony, Mallow) are not in here.',
  );
  await page.goto('/colonies');
  await page.getByRole('link', { name: 'Mallow', exact: true }).click();
  await expect(page.getByRole('note').filter({ hasText: 'One thing entered on this device' })).toContainText(
    '(Mallow)',
  );
  await page.route('**/api/inspections', async (route) => {
    if (route.request().postData()?.includes('held up')) await route.fulfill({ status: 502, body: 'Bad gateway' });
    else await route.continue();
  });
  await signal(context, true);
  await expect(badge(page)).toHaveText('1 saved here, not sent');
  expect(await noted(page, 'goes through')).toBeDefined();
  await page.goto('/hive');
  const waiting = page.getByRole('region', { name: 'On this device' });
  await expect(waiting).toContainText('The server answers, but not as it should');
  await page.unroute('**/api/inspections');
  await waiting.getByRole('button', { name: 'Send now' }).click();
  await expect(badge(page)).toHaveText('all sent');
});

test('a device that keeps nothing sends straight away, and says so where nobody has it', async ({ page, context }) => {
  await takeToTheHive(page);
  await page.addInitScript(() => {
    const full = () => {
      throw new DOMException('No room', 'QuotaExceededError');
    };
    IDBObjectStore.prototype.put = full as never;
  });
  await page.goto('/hive');
  await enter(page, 'straight to the server');
  await expect(page.getByRole('heading', { level: 1, name: 'School roof' })).toBeVisible();
  expect(await noted(page, 'straight to the server')).toBeDefined();
  expect(await stored(page, 'outbox')).toEqual([]);

  await signal(context, false);
  await page.goto('/hive');
  await enter(page, 'nowhere yet');
  const nowhere = page.getByRole('alert').filter({ hasText: 'This is kept nowhere yet.' });
  await expect(nowhere).toBeVisible();
  await expect(page.getByRole('textbox', { name: 'Note' })).toHaveValue('nowhere yet');
  await context.grantPermissions(['clipboard-read', 'clipboard-write']);
  await nowhere.getByRole('button', { name: 'Copy it as text' }).click();
  expect(await page.evaluate(() => navigator.clipboard.readText())).toContain('Note: nowhere yet');
  await signal(context, true);
  await save(page);
  await expect(page.getByRole('heading', { level: 1, name: 'School roof' })).toBeVisible();
  expect(await noted(page, 'nowhere yet')).toBeDefined();
});

test('a clock that is off is said before the first entry', async ({ page }) => {
  await page.clock.setSystemTime(Date.now() + 20 * 60_000);
  await page.goto('/hive');
  await expect(page.getByRole('alert').filter({ hasText: 'clock is ahead' })).toBeVisible();
});

test('a photo gets through a slow uplink, after everything else', async ({ page, context }) => {
  await takeToTheHive(page);
  await signal(context, false);
  await page.goto('/hive');
  await page.getByRole('link', { name: /^School roof/ }).click();
  await page
    .getByRole('link', { name: /Betony / })
    .first()
    .click();
  await choose(page, 'How thoroughly did you check for cells?', CLEARED);
  // Noise is what a picture is largest of.
  const noise = await page.evaluate(() => {
    const canvas = document.createElement('canvas');
    [canvas.width, canvas.height] = [620, 620];
    const brush = canvas.getContext('2d') as CanvasRenderingContext2D;
    const pixels = brush.createImageData(620, 620);
    let state = 1;
    for (let i = 0; i < pixels.data.length; i++) {
      state = (state * 1103515245 + 12345) % 2147483648;
      pixels.data[i] = i % 4 === 3 ? 255 : state % 256;
    }
    brush.putImageData(pixels, 0, 0);
    return canvas.toDataURL('image/png').split(',')[1] as string;
  });
  const buffer = Buffer.from(noise, 'base64');
  await page.getByLabel('Photo of a frame').setInputFiles({ name: 'frame.png', mimeType: 'image/png', buffer });
  await expect(page.getByRole('img', { name: 'Frame 1' })).toBeVisible();
  await page.getByRole('textbox', { name: 'Note' }).fill('with a photo');
  await save(page);
  await expect(badge(page)).toHaveText('1 saved here, not sent');
  const cdp = await context.newCDPSession(page);
  await signal(context, true);
  const [bytesDown, bytesUp] = [60_000, 10_000];
  await cdp.send('Network.emulateNetworkConditions', {
    offline: false,
    latency: 100,
    downloadThroughput: bytesDown,
    uploadThroughput: bytesUp,
  });
  // What was entered is there long before its photo.
  await expect.poll(() => noted(page, 'with a photo')).toBeDefined();
  await expect(badge(page)).toHaveText('all sent', { timeout: 120_000 });
  const { photos } = (await (await page.request.get('/api/season/export')).json()).facts as {
    photos: { jpeg: string }[];
  };
  expect(photos).toHaveLength(1);
  expect(photos[0]?.jpeg.length).toBeGreaterThan(120_000);
});
