import { readFileSync } from 'node:fs';
import { openRows } from './season';
import { addCells, begin, CLEARED, choose, expect, onDay, saveInspection, setTime, test } from './test';

test('a new user: from the first run over two inspections and a correction to a season file and back', async ({
  page,
}) => {
  await page.goto('/');
  await expect(page).toHaveURL(/\/start$/);
  await onDay(page, '2027-05-03');
  await begin(page, 'Orchard', 'Clover');

  await page.goto('/');
  await expect(page.getByRole('heading', { level: 1 })).toHaveText(/: Orchard$|^Orchard, /);

  await test.step('enters an inspection with two cells and no queen seen, and reads it while entering', async () => {
    await onDay(page, '2027-05-10');
    await page.getByRole('link', { name: 'Clover', exact: true }).click();
    await expect(page.getByRole('heading', { level: 1, name: 'Clover' })).toBeVisible();
    await page.getByRole('link', { name: 'Enter an inspection' }).click();
    await addCells(page, 'charged (large larva)', 2);
    const meaning = page.getByRole('complementary', { name: 'What it means' });
    await expect(meaning).toContainText('Getting ready to swarm');
    await choose(page, 'Eggs?', 'seen');
    await choose(page, 'Queen?', 'looked, none');
    await choose(page, 'How thoroughly did you check for cells?', CLEARED);
    await setTime(page, '2027-05-10', '15:00');
    await expect(meaning).toContainText('Choose a method today');
    await saveInspection(page);
  });

  await test.step('reads the reading with its evidence, and sees Today change', async () => {
    await expect(page.getByRole('region', { name: 'Reading' })).toContainText('Getting ready to swarm');
    await openRows(page);
    await expect(page.getByRole('region', { name: 'Because' })).toContainText('2 × charged (large larva)');
    await expect(page.locator('[data-cell=a]')).toContainText('laid 1 to 5 May');
    await page.goto('/');
    await expect(page.getByRole('region', { name: /Orchard · 1 hive/ })).toContainText('Walk-away split. Today.');
  });

  await test.step('enters the next inspection on the same cells: one tap says what each has become', async () => {
    await onDay(page, '2027-05-13');
    await expect(
      page.getByRole('listitem').filter({ has: page.getByRole('heading', { name: 'Clover' }) }),
    ).toContainText('Artificial swarm with a nuc. Late since Tue.');
    await page.getByText('Artificial swarm with a nuc. Late since Tue.').click();
    await expect(page.getByRole('link', { name: 'What are my choices for Clover?' })).toBeVisible();
    await page.getByRole('link', { name: 'Enter an inspection of Clover' }).click();
    await page.getByRole('group', { name: 'Cell a is now' }).getByRole('button', { name: 'sealed' }).click();
    await page
      .getByRole('group', { name: 'Cell b is now' })
      .getByRole('button', { name: 'charged (large larva)' })
      .click();
    await expect(page.getByText('all looked at')).toBeVisible();
    await choose(page, 'Eggs?', 'looked, none');
    await choose(page, 'How thoroughly did you check for cells?', CLEARED);
    await setTime(page, '2027-05-13', '16:30');
    await saveInspection(page);
    await expect(page.getByRole('region', { name: 'Reading' })).toContainText('Looks as if it has swarmed');
    await expect(page.locator('[data-cell=b]')).toContainText('laid 4 to 5 May');
  });

  await test.step('corrects a stage entered wrongly, and every date follows', async () => {
    await openRows(page);
    await page.getByRole('region', { name: 'Inspections' }).getByRole('link', { name: 'correct' }).first().click();
    await page
      .getByRole('group', { name: 'Cell a is now' })
      .getByRole('button', { name: 'charged (large larva)' })
      .click();
    await choose(page, 'Eggs?', 'seen');
    await saveInspection(page);
    await expect(page.getByRole('region', { name: 'Reading' })).toContainText('Getting ready to swarm');
    await openRows(page);
    await expect(page.locator('[data-cell=a]')).toContainText('laid 4 to 5 May');
    await expect(page.getByRole('region', { name: 'Inspections' })).toContainText('corrected');
  });

  await test.step('exports, takes everything out, brings the file in, and has the same page again', async () => {
    const colonyUrl = page.url();
    const before = await page.locator('main').textContent();
    await page.goto('/data');
    const [download] = await Promise.all([
      page.waitForEvent('download'),
      page.getByRole('link', { name: 'Export the season file' }).click(),
    ]);
    const file = await download.path();
    await page.getByRole('button', { name: 'Erase everything …' }).click();
    await page.getByRole('alertdialog').getByRole('button', { name: 'Erase everything' }).click();
    await expect(page.getByText('All taken out.')).toBeVisible();
    await page.goto('/');
    await expect(page).toHaveURL(/\/start$/);

    await page.getByRole('link', { name: 'Bring in a season file' }).click();
    await page.getByLabel('Season file').setInputFiles(file);
    await expect(page.getByText('1 apiary, 1 colony, 2 inspections, 2 cells')).toBeVisible();
    await page.getByRole('button', { name: 'Import it …' }).click();
    await page.getByRole('alertdialog').getByRole('button', { name: 'Import it' }).click();
    await expect(page.getByText(/^Brought in\./)).toBeVisible();
    await page.goto(colonyUrl);
    await expect(page.locator('[data-cell=a]')).toBeAttached();
    await openRows(page);
    await expect.poll(() => page.locator('main').textContent()).toBe(before);

    const again = await page.request.get('/api/season/export');
    expect(await again.text()).toBe(readFileSync(file, 'utf8'));
  });
});

test('deleting an inspection asks, can be undone, and the dates follow both ways', async ({ page }) => {
  await page.goto('/');
  await onDay(page, '2027-05-10');
  await begin(page, 'Orchard', 'Clover');
  await page.getByRole('link', { name: 'Enter an inspection' }).click();
  await addCells(page, 'egg');
  await choose(page, 'Eggs?', 'seen');
  await choose(page, 'How thoroughly did you check for cells?', CLEARED);
  await saveInspection(page);
  const reading = page.getByRole('region', { name: 'Reading' });
  await expect(reading).toContainText('First signs of swarming');
  await openRows(page);
  await page.getByRole('button', { name: 'delete' }).click();
  await page.getByRole('alertdialog').getByRole('button', { name: 'Cancel' }).click();
  await expect(reading).toContainText('First signs of swarming');
  await page.getByRole('button', { name: 'delete' }).click();
  await page.getByRole('alertdialog').getByRole('button', { name: 'Delete it' }).click();
  await expect(reading).toContainText('Not inspected yet');
  await page.getByRole('button', { name: 'Restore' }).click();
  await expect(reading).toContainText('First signs of swarming');
  await openRows(page);
  await expect(page.locator('[data-cell=a]')).toContainText('laid 7 to 10 May');
});

test('adds an apiary, a colony that came of another, and a queen whose removal starts the search for cells', async ({
  page,
}) => {
  await page.goto('/');
  await onDay(page, '2027-05-10');
  await begin(page, 'Orchard', 'Clover');
  await page.goto('/apiaries/new');
  await page.getByLabel('Name').fill('Churchyard');
  await page.getByLabel('Swarms come at another time here').check();
  await page.getByText('Aug', { exact: true }).click();
  await page.getByRole('button', { name: 'Add it' }).click();
  await page.getByRole('region', { name: 'Churchyard' }).getByRole('link', { name: 'add a colony' }).click();
  await page.getByLabel('Name').fill('Clover two');
  await page.getByLabel('How it began').selectOption({ label: 'a split' });
  await page.getByLabel('Came from').selectOption({ label: 'Clover' });
  await page.getByRole('button', { name: 'Add it' }).click();
  await expect(page.getByRole('heading', { level: 1, name: 'Clover two' })).toBeVisible();
  await openRows(page);
  await expect(page.getByText('Came from Clover.')).toBeVisible();

  await page.getByRole('link', { name: 'Record a queen event' }).click();
  await page.getByLabel('What happened').selectOption({ label: 'taken away' });
  await page.getByLabel('Emerged, from').fill('2026-06-10');
  await expect(page.getByText('A queen of 2026 is marked white.')).toBeVisible();
  await page.getByRole('button', { name: 'Note it' }).click();
  await expect(page).toHaveURL(/\/colonies\/[^/]+$/);
  await expect(page.getByRole('heading', { name: 'Queen', exact: true })).toBeVisible();
  await openRows(page);
  await expect(page.getByRole('region', { name: 'Queen' })).toContainText('queen of 2026 (white): taken away');
  await expect(page.getByRole('region', { name: 'Reading' })).toContainText('Find the cells Mon 17 May, in 7 days');
  await expect(page.getByRole('region', { name: 'Reading' })).toContainText('Leave shut 19 May to 6 Jun');
});
