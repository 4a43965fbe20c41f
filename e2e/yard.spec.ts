import type { Page } from '@playwright/test';
import { openRows, openTheWeek } from './season';
import { expect, test } from './test';

test.use({ seed: 'demo' });

const openMap = async (page: Page, apiary: string) => {
  await page.goto('/apiaries');
  await page.getByRole('link', { name: `Map of ${apiary}` }).click();
  await expect(page.getByRole('heading', { level: 1, name: `Map of ${apiary}` })).toBeVisible();
};
const hive = (page: Page, name: RegExp) => page.getByRole('button', { name });
const stand = (page: Page) => page.getByRole('region', { name: /^Stand:/ });

test('a colony is dragged across the yard: its flyers are told first, and its former stand is kept', async ({
  page,
}) => {
  await openMap(page, 'Walled garden');
  await expect(page.getByText(/Put a way-mark, .* in front of .*Sainfoin/)).toBeVisible();
  const from = await hive(page, /^stand 3: Yarrow/).boundingBox();
  const to = await hive(page, /^stand 1: free/).boundingBox();
  if (!from || !to) throw new Error('not drawn');
  await page.mouse.move(from.x + from.width / 2, from.y + from.height / 2);
  await page.mouse.down();
  await page.mouse.move(to.x + to.width / 2, to.y + to.height / 2, { steps: 8 });
  await page.mouse.up();
  const move = page.getByRole('region', { name: 'Move Yarrow' });
  await expect(move.getByLabel('To', { exact: true })).toHaveValue(/^stand /);
  await expect(move).toContainText('go back to where it stood and join Sainfoin');
  await expect(move).toContainText('Moved by less than 1 m a day it keeps them: 5 days to there');
  await expect(page.locator('[data-flights="1"]')).toBeVisible();
  await move.getByRole('button', { name: 'It was moved' }).click();
  await expect(page.locator('[data-flights]')).toHaveCount(0);
  await expect(hive(page, /^stand 1: Yarrow/)).toBeVisible();
  await expect(hive(page, /^stand 3: free/)).toBeVisible();
  await page.goto('/colonies');
  await page.getByRole('link', { name: 'Yarrow', exact: true }).click();
  await openRows(page);
  await expect(page.getByText(/stand 3/).first()).toBeVisible();
});

test('a stand is moved by keys and by numbers, and what is not saved can be taken back', async ({ page }) => {
  await openMap(page, 'Walled garden');
  await hive(page, /^stand 5: Knapweed/).focus();
  await page.keyboard.press('Enter');
  await page.keyboard.press('ArrowRight');
  await page.keyboard.press('Shift+ArrowUp');
  await page.keyboard.press(']');
  await expect(stand(page).getByLabel('East, m')).toHaveValue('8.1');
  await expect(stand(page).getByLabel('North, m')).toHaveValue('1');
  await expect(stand(page).getByLabel('Faces, °')).toHaveValue('195');
  await expect(stand(page)).toContainText('If the hive itself is carried there');
  await stand(page).getByRole('button', { name: 'As it was' }).click();
  await expect(stand(page).getByLabel('North, m')).toHaveValue('0');

  await stand(page).getByLabel('North, m').fill('0.4');
  await expect(stand(page)).not.toContainText('If the hive itself');
  await stand(page).getByLabel('Name of the stand').fill('stand 3');
  await stand(page).getByRole('button', { name: 'Save' }).click();
  await expect(page.getByText('There is a stand called stand 3 here already.')).toBeVisible();
  await stand(page).getByLabel('Name of the stand').fill('by the wall');
  await stand(page).getByRole('button', { name: 'Save' }).click();
  await expect(hive(page, /^by the wall: Knapweed/)).toBeVisible();
  await page.reload();
  await hive(page, /^by the wall: Knapweed/).click();
  await expect(stand(page).getByLabel('North, m')).toHaveValue('0.4');
});

test('halves side by side can each be chosen', async ({ page }) => {
  await openMap(page, 'Old quarry');
  await hive(page, /^lower ledge: Comfrey/).click();
  await expect(page.getByRole('heading', { level: 2, name: 'Comfrey', exact: true })).toBeVisible();
  await hive(page, /^lower ledge, right: Comfrey half/).click();
  await expect(page.getByRole('heading', { level: 2, name: 'Comfrey half' })).toBeVisible();
});

test('a move by road has its list, and over 5 km the flyers come along', async ({ page }) => {
  await openMap(page, 'Walled garden');
  await hive(page, /^stand 3: Yarrow/).click();
  await page.getByRole('button', { name: 'Move Yarrow to another stand' }).click();
  const move = page.getByRole('region', { name: 'Move Yarrow' });
  await move.getByLabel('To', { exact: true }).selectOption({ label: 'Old quarry' });
  await expect(move).toContainText('Strap floor, boxes and roof together');
  await expect(move).toContainText(/Its boxes weigh about \d+|Its frames were never surveyed/);
  await expect(move).toContainText('ask your bee inspector first');
  await expect(move).toContainText('join');
  await move.getByLabel('Its stand there').fill('behind the spring');
  await move.getByLabel('It is over 5 km away as the bees fly').check();
  await expect(move).toContainText('come along: over 5 km away');
  await move.getByRole('button', { name: 'It was moved' }).click();
  await expect(hive(page, /^stand 3: free/)).toBeVisible();
  await openMap(page, 'Old quarry');
  await expect(page.getByText('Not on the map: Yarrow (behind the spring)')).toBeVisible();
  await page.getByRole('button', { name: 'Set up their stands in a row' }).click();
  await expect(page.getByText('Not on the map:')).toHaveCount(0);
  await expect(page.getByRole('button', { name: 'behind the spring: Yarrow: faces south' })).toBeVisible();
});

test('an apiary without a map gets its stands from the names that are noted', async ({ page }) => {
  await openMap(page, 'School roof');
  await expect(page.getByText(/Not on the map: .*Mallow \(left of the hatch\)/)).toBeVisible();
  await page.getByRole('button', { name: 'Set up their stands in a row' }).click();
  await expect(hive(page, /^left of the hatch: Mallow/)).toBeVisible();
  await page.getByText('Paths, hedges and neighbours').click();
  await page.getByRole('button', { name: 'Put it on the map' }).click();
  await expect(page.getByRole('button', { name: /^Take away: Hedge/ })).toBeVisible();
});

test('a colony goes across the yard a step a day, ticked from Today and from the map', async ({ page }) => {
  await openMap(page, 'Walled garden');
  await hive(page, /^stand 3: Yarrow/).click();
  await page.getByRole('button', { name: 'Move Yarrow to another stand' }).click();
  const move = page.getByRole('region', { name: 'Move Yarrow' });
  await move.getByLabel('To', { exact: true }).selectOption({ label: 'stand 1' });
  await move.getByRole('button', { name: 'Move it there in 5 steps' }).click();
  await expect(move).toHaveCount(0);

  await page.goto('/');
  await openTheWeek(page);
  const stands = page.getByRole('region', { name: 'At the stands' });
  await expect(stands).toContainText('Walled garden: Put a way-mark');
  await expect(stands).toContainText('Move Yarrow by 80 cm to the west. 5 more steps, a day each: there on Thu 20 May');
  await stands.getByRole('button', { name: 'Move Yarrow by 80 cm to the west: done today' }).click();
  await expect(stands).toContainText('Done today. 4 more steps');

  await stands.getByRole('button', { name: 'they are there' }).click();
  await expect(stands).not.toContainText('way-mark');

  await openMap(page, 'Walled garden');
  await page.getByText('Paths, hedges and neighbours').click();
  await expect(page.getByRole('button', { name: /^Take away: Way-mark, 2\/-0\.8$/ })).toBeVisible();
  await hive(page, /^stand 3: Yarrow/).click();
  await expect(stand(page).getByLabel('East, m')).toHaveValue('3.2');
  await expect(stand(page)).toContainText('Moved on 16 May.');
  await stand(page).getByRole('button', { name: 'not moved on 16 May after all' }).click();
  await expect(stand(page).getByLabel('East, m')).toHaveValue('4');
  await stand(page)
    .getByRole('button', { name: /: done today$/ })
    .click();
  await expect(stand(page)).toContainText('Done today.');
  await stand(page).getByRole('button', { name: 'leave it where it stands now' }).click();
  await expect(stand(page).getByText('Move Yarrow by')).toHaveCount(0);
  await page.goto('/');
  await openTheWeek(page);
  await expect(stands).not.toContainText('Yarrow by');
});

test('halves side by side are moved each day until they are even', async ({ page }) => {
  await openMap(page, 'Old quarry');
  await hive(page, /^lower ledge: Comfrey/).click();
  await expect(stand(page)).toContainText('Move both boxes by 10 cm, the weaker nearer the old place');
  await stand(page)
    .getByRole('button', { name: /Comfrey: done today$/ })
    .click();
  await expect(stand(page)).toContainText('done today');
  await page.getByRole('button', { name: 'One day on' }).click();
  await page.goto('/');
  await openTheWeek(page);
  await page.getByRole('button', { name: /Comfrey: both fly alike: no more to do$/ }).click();
  await expect(page.getByRole('button', { name: /^Move both boxes by 10 cm/ })).toHaveCount(0);
});
