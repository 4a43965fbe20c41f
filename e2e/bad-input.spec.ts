import { SEASON_VERSION } from '../src/core/formats/season-file';
import { openRows } from './season';
import { addCells, begin, CLEARED, choose, expect, onDay, saveInspection, setTime, test } from './test';

const ID = (n: number) => `01970000-0000-7000-8000-${String(n).padStart(12, '0')}`;

test('what cannot be is refused by name, and what was typed stays', async ({ page }) => {
  await page.goto('/');
  await onDay(page, '2027-05-10');
  await begin(page, 'Orchard', 'Clover');
  await page.getByRole('link', { name: 'Enter an inspection' }).click();
  await addCells(page, 'egg', 3);
  await page.getByRole('textbox', { name: 'Note' }).fill('Sunny, calm.');
  const problems = page.getByRole('alert').first();

  await saveInspection(page);
  await expect(problems).toContainText('How thoroughly you checked: Say how you searched for cells');
  await choose(page, 'How thoroughly did you check for cells?', CLEARED);

  await setTime(page, '2027-05-11', '12:00');
  await saveInspection(page);
  await expect(problems).toContainText('Day and time: That is in the future;');

  // What is no time stays where it was typed, and is not taken for none.
  await setTime(page, '2027-05-10', 'noon');
  await saveInspection(page);
  await expect(problems).toContainText('Choose a real date and time.');
  await setTime(page, '2027-05-10', '11.30 am');
  const shutAgain = page.getByLabel('Hive shut again at');
  await shutAgain.fill('soon');
  await saveInspection(page);
  await expect(problems).toContainText('Choose a real time, or leave it empty.');
  await expect(shutAgain).toHaveValue('soon');
  await shutAgain.fill('');

  await setTime(page, '2027-05-10', '12:00');
  await page.getByRole('textbox', { name: 'Note' }).fill('calm and sunny, '.repeat(6250));
  await saveInspection(page);
  await expect(problems).toContainText('Note: The note is 100000 characters long; at most 4000 are taken.');
  await expect(page.getByRole('group', { name: 'egg', exact: true }).locator('output')).toHaveText('3');
  expect((await page.getByRole('textbox', { name: 'Note' }).inputValue()).length).toBe(100_000);

  await page.getByRole('textbox', { name: 'Note' }).fill('Sunny, calm.');
  // A year that was not meant is asked about once.
  await setTime(page, '2026-05-10', '12:00');
  await saveInspection(page);
  const asked = page.getByRole('alertdialog', { name: 'Was it on 10 May 2026?' });
  await expect(asked).toContainText('days ago');
  await asked.getByRole('button', { name: 'No, change the day' }).click();
  await setTime(page, '2027-05-10', '12:00');
  await saveInspection(page);
  await openRows(page);
  await expect(page.getByRole('region', { name: 'Inspections' })).toContainText('Sunny, calm.');

  await page.getByRole('link', { name: 'Enter an inspection' }).click();
  await choose(page, 'How thoroughly did you check for cells?', CLEARED);
  await setTime(page, '2027-05-10', '12:00');
  await saveInspection(page);
  await expect(problems).toContainText('There is an inspection at this very minute already.');
});

test('a cell broken down cannot be seen again', async ({ page }) => {
  await page.goto('/');
  await onDay(page, '2027-05-10');
  await begin(page, 'Orchard', 'Clover');
  const enter = async (time: string, what: () => Promise<void>) => {
    await page.getByRole('link', { name: 'Enter an inspection' }).click();
    await what();
    await choose(page, 'Eggs?', 'seen');
    await choose(page, 'How thoroughly did you check for cells?', CLEARED);
    await setTime(page, '2027-05-10', time);
    await saveInspection(page);
  };
  await enter('12:00', () => addCells(page, 'charged (large larva)'));
  await enter('14:00', () =>
    page.getByRole('group', { name: 'Cell a is now' }).getByRole('button', { name: 'charged (large larva)' }).click(),
  );
  await openRows(page);
  await page.getByRole('region', { name: 'Inspections' }).getByRole('link', { name: 'correct' }).last().click();
  await page.getByRole('group', { name: 'Cell a is now' }).getByRole('button', { name: 'broken down' }).click();
  await saveInspection(page);
  await expect(page.getByRole('alert').first()).toContainText(
    'Cell a was seen again on Mon 10 May, so it was not broken down here.',
  );
});

test('the server itself refuses what a screen would not send, and stores nothing of it', async ({ page }) => {
  await page.goto('/');
  await onDay(page, '2027-05-10');
  await begin(page, 'Orchard', 'Clover');
  const colonyId = page.url().split('/').at(-1);
  const entry = {
    id: ID(1),
    colonyId,
    at: '2027-05-10T12:00',
    thoroughness: 'cleared',
    queen: 'none',
    eggs: 'seen',
    youngest: null,
    droneBroodInWorkerCells: 'none',
    severalEggsPerCell: 'none',
    stores: 'room',
    layingRoomDays: null,
    broodFrames: null,
    coveredSeams: null,
    drones: 'flying',
    note: '',
    cells: [],
  };
  const refused = async (change: object) => {
    const response = await page.request.post('/api/inspections', { data: { ...entry, ...change } });
    expect(response.status()).toBe(422);
    const { issues } = await response.json();
    return issues.map(({ path, code }: { path: string[]; code: string }) => `${path.join('.')} ${code}`);
  };
  expect(await refused({ at: '2027-02-30T12:00' })).toEqual(['at not-a-date']);
  expect(await refused({ layingRoomDays: -1 })).toEqual(['layingRoomDays out-of-range']);
  expect(await refused({ layingRoomDays: 10_000 })).toEqual(['layingRoomDays out-of-range']);
  expect(await refused({ note: 'x'.repeat(100_000) })).toEqual(['note too-long']);
  expect(await refused({ mood: 'calm' })).toEqual(['mood unknown-property']);
  expect(await refused({ thoroughness: null })).toEqual(['thoroughness not-one-of']);
  expect(await refused({ colonyId: ID(9) })).toEqual(['colonyId unknown-reference']);
  const known = { observationId: ID(2), cellId: ID(3), found: 'egg', takenDown: false, newCell: null };
  expect(await refused({ cells: [known] })).toEqual(['cells.0.found unknown-reference']);

  const foreign = await page.request.post('/api/inspections', {
    data: entry,
    headers: { origin: 'http://elsewhere.example' },
  });
  expect(foreign.status()).toBe(422);
  const facts = await (await page.request.get('/api/season/export')).json();
  expect(facts.facts.inspections).toEqual([]);
  expect(facts.facts.cells).toEqual([]);

  for (let twice = 0; twice < 2; twice++) {
    expect((await page.request.post('/api/inspections', { data: entry })).status()).toBe(200);
  }
  const stored = await (await page.request.get('/api/season/export')).json();
  expect([stored.facts.inspections.length, stored.facts.revisions.length]).toEqual([1, 0]);
});

test.describe('a season file that is not sound', () => {
  test.use({ seed: 'demo' });

  test('is refused by name before anything is changed', async ({ page }) => {
    await page.goto('/data');
    const sound = await (await page.request.get('/api/season/export')).text();
    const bring = async (name: string, buffer: Buffer) => {
      await page.getByLabel('Season file').setInputFiles({ name, mimeType: 'application/json', buffer });
    };
    const refusal = page.getByRole('alert').filter({ hasText: 'Not brought in. Nothing was changed.' });

    await bring('cut.json', Buffer.from(sound.slice(0, 5000)));
    await expect(refusal).toContainText('The file breaks off before its end.');
    await bring('later.json', Buffer.from(sound.replace(`"version": ${SEASON_VERSION}`, '"version": 99')));
    await expect(refusal).toContainText(`The file is of version 99, this Ubbet reads up to ${SEASON_VERSION}.`);
    await bring('list.csv', Buffer.from('a;b;c'));
    await expect(refusal).toContainText('This is not a JSON file.');
    await bring('other.json', Buffer.from('{"hello":1}'));
    await expect(refusal).toContainText('This is not an Ubbet season file');
    await bring('stage.json', Buffer.from(sound.replace('"found": "cup-dry"', '"found": "fried"')));
    await expect(refusal).toContainText('found: must be one of');
    await bring('apiary.json', Buffer.from(sound.replace(/"apiaryId": "[^"]+"/, `"apiaryId": "${ID(5)}"`)));
    await expect(refusal).toContainText('apiaryId: This names something that is not in the file.');

    const huge = await page.request.post('/api/season/preview', {
      data: Buffer.alloc(200 * 1024 * 1024, 32),
      headers: { 'content-type': 'application/octet-stream' },
    });
    expect(huge.status()).toBe(413);
    expect(await (await page.request.get('/api/season/export')).text()).toBe(sound);
  });
});
