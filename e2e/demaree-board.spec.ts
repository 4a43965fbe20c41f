import type { Page } from '@playwright/test';
import { answer, codes, countStrength, inspect, openColony, openRows } from './season';
import { begin, expect, onDay, setClock, test } from './test';

const boxOf = (page: Page, name: string) => page.getByRole('group', { name: `${name}, frames that are mainly` });

/** What is due for Clover on a day, by its programme’s page. */
async function atDemaree(page: Page, day: string) {
  await setClock(page, day);
  await openColony(page, 'Clover');
  await page.getByRole('link', { name: /^Demaree/ }).click();
  await expect(page.getByRole('heading', { level: 1, name: 'Demaree' })).toBeVisible();
}

test('a Demaree goes from the survey over the board to its last check', async ({ page }) => {
  await page.goto('/');
  await onDay(page, '2027-05-10');
  await begin(page, 'Orchard', 'Clover');
  await page.goto('/colonies');
  await page.getByRole('link', { name: 'edit' }).click();
  await page.getByLabel('Main flow from').fill('2027-05-20');
  await page.getByLabel('Main flow until').fill('2027-06-20');
  await page.getByRole('button', { name: 'Save' }).click();
  await inspect(page, 'Clover', '2027-05-10', {
    time: '10:00',
    queen: 'seen',
    what: () => countStrength(page, { brood: 8, seams: 10, drones: 'flying' }),
  });

  await openRows(page);
  await page.getByRole('link', { name: 'Survey the frames' }).click();
  for (const taps of ['6 brood of all ages', '1 sealed brood', '1 eggs and larvae', '1 pollen', '2 sealed honey'])
    await boxOf(page, 'Brood box').getByRole('button', { name: taps, exact: true }).click();
  await page.getByRole('button', { name: '+ super' }).click();
  await boxOf(page, 'Super').getByRole('button', { name: 'empty comb', exact: true }).click();
  await boxOf(page, 'Super')
    .getByRole('button', { name: /^the other/ })
    .click();
  await page.getByLabel('Brood box, seams covered').fill('10');
  await expect(page.getByLabel('Seams covered in all')).toHaveValue('10');
  await expect(page.getByLabel('Seams covered in all')).toBeDisabled();
  await page.getByLabel('Queen seen on').selectOption({ label: 'Brood box, frame 5' });
  await page.getByRole('button', { name: 'Save the frames' }).click();
  await expect(page.getByRole('region', { name: 'Room' })).toContainText('Frames counted, not painted');

  // The board lays it out, and its list carries it out.
  await page.getByRole('link', { name: 'Demaree', exact: true }).click();
  await page.getByLabel('Coldest of the next five nights').fill('12');
  await page.getByRole('button', { name: 'Use the proposal' }).click();
  const balance = page.getByRole('region', { name: 'Before and after' });
  await expect(balance.getByRole('row', { name: /^Before: the hive/ })).toContainText('8');
  await expect(balance.getByRole('row', { name: /^After: the hive/ })).toContainText('brood box 2');
  const list = page.getByRole('region', { name: 'What to do at the hive' });
  await expect(list).toContainText('Put a queen excluder on super.');
  await page.getByRole('button', { name: 'Take the list to the hive' }).click();
  await expect(page.getByText('“Demaree” is started on that day')).toBeVisible();
  await page.getByRole('button', { name: 'All done: the frames are there now' }).click();
  await expect(page.getByText('The frames are now where the list says')).toBeVisible();

  await atDemaree(page, '2027-05-10');
  expect(await codes(page)).toEqual(['clear-top-cells', 'bottom-check', 'supers-check', 'top-brood-gone']);
  // The excluder is the method’s own, and its search the only one above it.
  await openColony(page, 'Clover');
  await expect(page.getByRole('main')).not.toContainText('Look for eggs above the excluder');

  await atDemaree(page, '2027-05-17');
  await answer(page, 'clear-top-cells', 'Every frame searched, no cells');
  await answer(page, 'bottom-check', 'No cells, room to lay');
  await expect.poll(() => codes(page)).toEqual(['supers-check', 'top-brood-gone']);
  await atDemaree(page, '2027-05-25');
  await answer(page, 'supers-check', 'Filling, room left');
  await atDemaree(page, '2027-06-02');
  await answer(page, 'top-brood-gone', 'All emerged');
  await expect.poll(() => codes(page)).toEqual([]);
  await expect(page.getByText('Done:')).toBeVisible();
});

test('what is done without looking at the frames is said by one tap, and shows over time', async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await page.goto('/');
  await onDay(page, '2027-05-01');
  await begin(page, 'Orchard', 'Clover');
  await inspect(page, 'Clover', '2027-05-01', { time: '10:00' });
  await openRows(page);
  await page.getByRole('link', { name: 'Survey the frames' }).click();
  for (const taps of ['5 brood of all ages', '0 sealed brood', '0 eggs and larvae', '2 pollen', '2 sealed honey'])
    await boxOf(page, 'Brood box').getByRole('button', { name: taps, exact: true }).click();
  await boxOf(page, 'Brood box').getByRole('button', { name: 'empty comb', exact: true }).click();
  await boxOf(page, 'Brood box')
    .getByRole('button', { name: /^the other/ })
    .click();
  await page.getByRole('button', { name: 'Save the frames' }).click();
  await expect(page.getByRole('region', { name: 'Room' })).toBeVisible();

  await setClock(page, '2027-05-10');
  await page.goto('/hive');
  await page.getByRole('link', { name: /^Orchard/ }).click();
  await page
    .getByRole('list', { name: 'The round' })
    .getByRole('link', { name: /Clover/ })
    .first()
    .click();
  await page.getByText('Something you did without inspecting').click();
  await page.getByRole('button', { name: 'super of comb on top' }).click();
  await expect(page.getByText('Saved: super of comb on top.')).toBeVisible();
  await page.getByRole('button', { name: 'feeder on' }).click();
  await expect(page.getByText('Saved: super of comb on top, feeder on.')).toBeVisible();
  await expect(page.getByRole('button', { name: 'feeder on', exact: true })).toHaveCount(0);

  // The excluder came with it, and nobody saw the queen: eggs are looked for above.
  await openColony(page, 'Clover');
  await expect(page.getByRole('main')).toContainText('Look for eggs above the excluder');
  await expect(page.getByRole('main')).toContainText('By 14 May all earlier eggs have hatched');
  await page.getByRole('link', { name: 'Frames and moves' }).click();
  const surveys = page.getByRole('region', { name: 'Surveys so far' });
  await expect(surveys).toContainText('a super put on, queen excluder put on');
  await expect(surveys).toContainText('feeder put on');
  const held = page.getByRole('region', { name: 'What the frames held' });
  await expect(held.locator('canvas')).toBeVisible();
  await expect(held.getByRole('row', { name: /^10 May.*queen excluder put on$/ })).toHaveCount(1);

  // Tapped by mistake: taken out, and the hive is what it was.
  await surveys
    .getByRole('button', { name: /^Delete the survey of Mon 10 May/ })
    .first()
    .click();
  await page.getByRole('alertdialog').getByRole('button', { name: 'Delete it' }).click();
  await expect(surveys).not.toContainText('feeder put on,');
});

test('tenths are painted on a phone on one large frame, and a frame that is not there is left out', async ({
  page,
}) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await page.goto('/');
  await onDay(page, '2027-05-10');
  await begin(page, 'Orchard', 'Clover');
  await openRows(page);
  await page.getByRole('link', { name: 'Survey the frames' }).click();
  await page.getByText('frame by frame').click();
  await page.getByRole('button', { name: 'no frame' }).click();
  const frames = page.getByRole('list', { name: 'Brood box, frames' }).getByRole('listitem');
  await expect(frames).toHaveCount(11);
  await page.getByRole('group', { name: /^Frame 11, left side/ }).click();
  await expect(frames).toHaveCount(10);
  await page.getByRole('button', { name: '+ a frame in brood box' }).click();
  await expect(frames).toHaveCount(11);
  await page.getByRole('button', { name: 'tenths of a side' }).click();
  await page.getByRole('group', { name: 'Paint with' }).getByRole('button', { name: 'sealed brood' }).click();
  await page.getByRole('button', { name: 'The next frame' }).click();
  const left = page.getByRole('group', { name: /^Frame 2, left side.*large$/ });
  const tenth = left.locator('[data-tenth="3"]');
  expect((await tenth.boundingBox())?.height).toBeGreaterThanOrEqual(24);
  await tenth.click();
  await expect(left).toHaveAccessibleName('Frame 2, left side. empty comb 9, sealed brood 1, of 10 tenths, large');
  await expect(page.getByText('Left: empty comb 9, sealed brood 1, of 10 tenths')).toBeVisible();
  await expect(page.getByText('Right: all empty comb')).toBeVisible();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByText('Left: all empty comb')).toBeVisible();
});
