import type { Page } from '@playwright/test';
import { faults, paleIn } from './faults';
import { openColony, openRows, seeDates } from './season';
import { expect, test } from './test';

// Colours are looked at, not on their way to others.
test.use({ seed: 'demo', contextOptions: { reducedMotion: 'reduce' } });

const PAGES = [
  '/',
  '/hive',
  '/season',
  '/days/2027-05-18',
  '/colonies',
  '/apiaries',
  '/room',
  '/cells',
  '/cell-clock',
  '/methods',
  '/methods/nuc-swarm',
  '/data',
  '/settings',
  '/free-time',
  '/swarm-out',
  '/phone',
];

const LIGHTS = ['sunlight', 'night'] as const;

/** What is against the page as it stands: everything by day, and its colours in every other light, which is all that changes with it. */
async function faultsInIt(page: Page) {
  await expect(page.locator('body')).not.toContainText('[object');
  const found = (await faults(page)).map((fault) => `${page.url()} ${fault}`);
  for (const light of LIGHTS) {
    await page.evaluate((theme) => document.documentElement.setAttribute('data-theme', theme), light);
    found.push(...(await paleIn(page)).map((fault) => `${page.url()} in ${light} light ${fault}`));
  }
  await page.evaluate(() => document.documentElement.setAttribute('data-theme', 'day'));
  return found;
}

test('a light is chosen by one tap, and stays', async ({ page }) => {
  await page.goto('/');
  for (const theme of ['sunlight', 'night', 'day']) {
    await page.getByRole('button', { name: theme, exact: true }).click();
    await expect(page.locator('html')).toHaveAttribute('data-theme', theme);
    await page.reload();
    await expect(page.locator('html')).toHaveAttribute('data-theme', theme);
  }
});

test('no accessibility fault on what is planned, looked back on and practised, in any light', async ({ page }) => {
  for (const path of ['/season/plan', '/season/looking-back?from=2026-01-01&to=2026-12-31', '/practice']) {
    await page.goto(path);
    await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
    expect(await faultsInIt(page)).toEqual([]);
  }
  await page.getByRole('button', { name: 'Begun already', exact: true }).click();
  await page.getByRole('button', { name: 'Open Willowherb', exact: true }).click();
  expect(await faultsInIt(page)).toEqual([]);
  await page.getByRole('button', { name: 'Every frame, bees shaken or brushed off' }).click();
  await page.getByRole('button', { name: 'In words' }).click();
  expect(await faultsInIt(page)).toEqual([]);
  await page.getByRole('button', { name: 'Have it written down' }).click();
  await page.getByRole('button', { name: 'Save the inspection' }).filter({ visible: true }).click();
  await page.getByRole('button', { name: 'What can be done with Willowherb' }).click();
  await expect(page.getByRole('button', { name: /^Do it today/ }).first()).toBeVisible();
  expect(await faultsInIt(page)).toEqual([]);
});

test('no accessibility fault on any screen, in any light', async ({ page }) => {
  for (const path of PAGES) {
    await page.goto(path);
    await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
    expect(await faultsInIt(page)).toEqual([]);
  }
  await page.goto('/apiaries');
  await page.getByRole('link', { name: 'Weather', exact: true }).first().click();
  await expect(page.locator('canvas')).toHaveCount(2);
  expect(await faultsInIt(page)).toEqual([]);
  await page.goto('/apiaries');
  await page.getByRole('link', { name: 'Scale of Betony' }).click();
  await page.getByRole('button', { name: 'Show the scale’s own line' }).click();
  await page.getByRole('button', { name: 'Make a key' }).click();
  await expect(page.getByText('Copy the key now: it is shown this once.')).toBeVisible();
  expect(await faultsInIt(page)).toEqual([]);
});

test('no accessibility fault on the way through a colony, in any light', async ({ page }) => {
  await page.goto('/hive');
  await page.getByRole('link', { name: /^Walled garden/ }).click();
  await expect(page.getByRole('list', { name: 'The round' })).toBeVisible();
  expect(await faultsInIt(page)).toEqual([]);
  await page
    .getByRole('link', { name: /Sainfoin/ })
    .first()
    .click();
  await page.getByRole('group', { name: 'Cell a is now' }).getByRole('button', { name: 'broken down' }).click();
  expect(await faultsInIt(page)).toEqual([]);
  await openColony(page, 'Sorrel');
  expect(await faultsInIt(page)).toEqual([]);
  await page.getByRole('link', { name: 'What are my choices?' }).click();
  await expect(page.getByText(/others, and why not$/)).toBeVisible();
  expect(await faultsInIt(page)).toEqual([]);
  await seeDates(page, /^See the dates: Give a cell/);
  await expect(page.getByRole('button', { name: 'Start it' })).toBeVisible();
  expect(await faultsInIt(page)).toEqual([]);
  await openColony(page, 'Comfrey');
  await page.getByRole('link', { name: /^Even split/ }).click();
  await expect(page.getByRole('heading', { level: 1, name: 'Even split, side by side' })).toBeVisible();
  expect(await faultsInIt(page)).toEqual([]);
  await openColony(page, 'Sainfoin');
  await page.getByRole('link', { name: 'Survey again' }).click();
  await expect(page.getByRole('group', { name: 'Paint with' })).toBeVisible();
  expect(await faultsInIt(page)).toEqual([]);
  await openColony(page, 'Sainfoin');
  await page.getByRole('link', { name: 'Frames and moves' }).click();
  await expect(page.getByRole('heading', { name: 'Which frame goes where?' })).toBeVisible();
  expect(await faultsInIt(page)).toEqual([]);
  await page.getByRole('link', { name: 'Artificial swarm with a nuc' }).click();
  await page.getByRole('button', { name: 'Use the proposal' }).click();
  await page.getByRole('button', { name: /the kept cell is on it/ }).click();
  expect(await faultsInIt(page)).toEqual([]);
  await page.getByRole('button', { name: 'Take the list to the hive' }).click();
  await expect(page.getByRole('list', { name: 'Steps' })).toBeVisible();
  await expect(page).toHaveTitle(/Moving frames/);
  expect(await faultsInIt(page)).toEqual([]);
  await page.keyboard.press('/');
  await expect(page.getByRole('combobox')).toBeVisible();
  expect(await faultsInIt(page)).toEqual([]);
});

test('nothing moves where the keeper wants less motion', async ({ page }) => {
  await page.emulateMedia({ reducedMotion: 'reduce' });
  for (const path of ['/', '/season', '/hive']) {
    await page.goto(path);
    const moving = await page.evaluate(
      () =>
        [...document.querySelectorAll('*')].filter((element) => {
          const { animationName, transitionDuration } = getComputedStyle(element);
          return animationName !== 'none' || transitionDuration.split(', ').some((time) => time !== '0s');
        }).length,
    );
    expect(moving, path).toBe(0);
  }
});

test('the round sheet can be printed, in the order of entry', async ({ page }) => {
  await page.goto('/hive');
  await page.getByRole('link', { name: /^School roof/ }).click();
  await page.getByRole('link', { name: 'round sheet, to print or to send' }).click();
  await expect(page.getByText('Leave shut: Scabious')).toBeVisible();
  const hives = page.locator('.sheet section');
  await expect(hives.first()).toContainText('Betony');
  await page.emulateMedia({ media: 'print' });
  await expect(page.getByRole('banner')).toBeHidden();
  await expect(page.getByRole('button', { name: 'Print' })).toBeHidden();
});

test('a round of another day, or of one hive, goes to a helper as text', async ({ page, context }) => {
  await context.grantPermissions(['clipboard-read', 'clipboard-write']);
  await page.addInitScript(() => {
    navigator.share = async ({ text }: ShareData = {}) => {
      document.title = `sent: ${text}`;
    };
  });
  await page.goto('/days/2027-05-17');
  await page
    .getByRole('region', { name: 'School roof' })
    .getByRole('link', { name: 'round sheet, to print or to send' })
    .click();
  await expect(page.getByRole('heading', { name: 'School roof, Mon 17 May' })).toBeVisible();
  await page.getByRole('button', { name: 'Copy it as text' }).click();
  await expect(page.getByRole('button', { name: 'Copied' })).toBeVisible();
  const copied = await page.evaluate(() => navigator.clipboard.readText());
  expect(copied).toMatch(/^School roof, Mon 17 May\n\nWeather that day: open hives from .*\n\n1\. /);
  expect(copied).toContain('Leave shut: Scabious');
  await page.getByRole('button', { name: 'Send it to a helper' }).click();
  await expect(page).toHaveTitle(/^sent: School roof, Mon 17 May/);

  await page.goto('/colonies');
  await page.getByRole('link', { name: 'Betony', exact: true }).first().click();
  await openRows(page);
  await page.getByRole('link', { name: 'Sheet for a helper' }).click();
  await expect(page.locator('.sheet section')).toHaveCount(1);
  await expect(page.locator('.sheet section')).toContainText('Betony');
});
