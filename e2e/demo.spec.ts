import { faults } from './faults';
import { openColony, openRows, openTheWeek, seeDates } from './season';
import { addCells, expect, onDay, test } from './test';

test.use({ seed: 'demo' });

const READINGS = {
  Sainfoin: 'May swarm on any fine day',
  Yarrow: 'Settled',
  Burnet: 'Short of room to lay',
  Knapweed: 'Queenless since 11 May',
  Teasel: 'Demaree, 9 May',
  Betony: 'Dry cups only',
  Vetch: 'Looks as if it has swarmed',
  Campion: 'Raising a queen',
  Sorrel: 'No eggs of a young queen by 12 May',
  Comfrey: 'Even split, side by side, 10 May',
  Mallow: 'Caged queen given on 11 May',
  Meadowsweet: 'First signs of swarming',
};

test('Today has the week’s rounds, each hive with how it stands, and what to leave shut', async ({ page }) => {
  await page.goto('/');
  await expect(page.getByRole('heading', { level: 1 })).toHaveText(/^Walled garden, \d\d:\d\d$/);
  // What is late and grave is in sight with nothing opened.
  const first = page.getByRole('listitem').filter({ has: page.getByRole('link', { name: 'Sainfoin', exact: true }) });
  await expect(first.getByText('Artificial swarm with a nuc. Was due yesterday.')).toBeInViewport();
  await openTheWeek(page);
  for (const [colony, reading] of Object.entries(READINGS)) {
    const row = page.locator('.hive-lane').filter({ has: page.getByRole('link', { name: colony, exact: true }) });
    await expect(row.first()).toContainText(reading);
  }
  // What is late and grave is not put off.
  const garden = page.getByRole('region', { name: /^Today .*Walled garden/ }).getByRole('heading', { level: 3 });
  await expect(garden.first()).toHaveText('Sainfoin');
  await expect(page.getByRole('region', { name: 'Leave shut' })).toContainText('Leave shut: not before Mon 31 May');
});

test('stepping the clock changes Today, because nothing reckoned is stored', async ({ page }) => {
  await page.goto('/');
  await expect(page.getByTestId('demo-day')).toHaveText('Sun 16 May 2027');
  await openTheWeek(page);
  const campion = page.locator('.hive-lane').filter({ has: page.getByRole('link', { name: 'Campion', exact: true }) });
  await expect(campion).toContainText('not before Fri 21 May');
  await page.getByRole('button', { name: 'One day on' }).click();
  await expect(page.getByTestId('demo-day')).toHaveText('Mon 17 May 2027');
  await onDay(page, '2027-05-21');
  await openTheWeek(page);
  await expect(campion.first()).toContainText('Look for eggs');
  await onDay(page, '2027-05-14');
  await openTheWeek(page);
  const vetch = page.locator('.hive-lane').filter({ has: page.getByRole('link', { name: 'Vetch', exact: true }) });
  await expect(vetch).toContainText('On 2 May: settled. Not inspected since');
});

// Beside those of `light.spec.ts`, which looks at all that the menus lead to.
for (const path of ['/cell-clock?seen=2027-05-10.larva-large', '/start', '/colonies/new', '/apiaries/new']) {
  test(`no accessibility fault on ${path}`, async ({ page }) => {
    await page.goto(path);
    expect(await faults(page)).toEqual([]);
  });
}

for (const size of [
  { width: 1280, height: 800 },
  { width: 390, height: 844 },
]) {
  test(`no accessibility fault on a colony and its entry at ${size.width}x${size.height}`, async ({ page }) => {
    await page.setViewportSize(size);
    await page.goto('/');
    await page.getByRole('link', { name: 'Sainfoin', exact: true }).click();
    await expect(page.getByRole('heading', { name: 'Inspections' })).toBeVisible();
    expect(await faults(page)).toEqual([]);
    await openRows(page);
    expect(await faults(page)).toEqual([]);
    await page.getByRole('link', { name: 'Record a queen event' }).click();
    await expect(page.getByLabel('What happened')).toBeVisible();
    expect(await faults(page)).toEqual([]);
    await page.goBack();
    await page.getByRole('link', { name: 'Enter an inspection' }).click();
    await expect(page.getByRole('heading', { name: 'Cells from last time' })).toBeVisible();
    expect(await faults(page)).toEqual([]);
  });
}

test('an inspection can be entered at phone size with one thumb: big targets, nothing wider than the screen', async ({
  page,
}) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await page.goto('/');
  await page.getByRole('link', { name: 'Enter an inspection of Sainfoin' }).click();
  const verdict = page.getByTestId('verdict');
  await expect(verdict).toContainText('Getting ready to swarm');
  await page.getByRole('group', { name: 'Cell a is now' }).getByRole('button', { name: 'sealed' }).click();
  await expect(verdict).toContainText('About to swarm');
  await page.getByRole('button', { name: 'Undo' }).filter({ visible: true }).click();
  await expect(verdict).toContainText('Getting ready to swarm');
  // One is kept and all others are broken down in two taps, taken back in one.
  await page.getByRole('button', { name: 'keep one, break down the other 3' }).click();
  await page
    .getByRole('group', { name: 'Keep cell b, which is' })
    .getByRole('button', { name: 'keep it: sealed' })
    .click();
  await expect(verdict).toContainText('About to swarm');
  for (const down of ['a', 'c', 'd'])
    await expect(
      page.getByRole('group', { name: `Cell ${down} is now` }).getByRole('button', { name: 'broken down' }),
    ).toHaveAttribute('aria-pressed', 'true');
  await page.getByRole('button', { name: 'Undo' }).filter({ visible: true }).click();
  await expect(verdict).toContainText('Getting ready to swarm');
  // A cell whose date hangs on how it was searched for, which is not said.
  await addCells(page, 'egg');
  await page.getByRole('textbox', { name: 'Note' }).scrollIntoViewIfNeeded();
  await page.getByRole('button', { name: 'Save the inspection' }).filter({ visible: true }).click();
  await expect(page.getByRole('alert').first()).toBeInViewport();
  const overflow = await page.evaluate(
    () => document.documentElement.scrollWidth - document.documentElement.clientWidth,
  );
  expect(overflow).toBe(0);
  for (const button of await page
    .locator('form fieldset button, form fieldset label')
    .filter({ visible: true })
    .all()) {
    const box = await button.boundingBox();
    expect(box?.height ?? 0, (await button.textContent()) ?? '').toBeGreaterThanOrEqual(40);
  }
});

test('an inspection can be entered with the keyboard alone', async ({ page }) => {
  await page.goto('/');
  await openTheWeek(page);
  await page.getByRole('link', { name: 'Enter an inspection of Yarrow' }).focus();
  await page.keyboard.press('Enter');
  await expect(page.getByRole('heading', { level: 1 })).toContainText('Yarrow');
  const tabTo = async (isThere: () => Promise<boolean>) => {
    for (let i = 0; i < 80; i++) {
      await page.keyboard.press('Tab');
      if (await isThere()) return;
    }
    throw new Error('not reached by Tab');
  };
  const focused = (selector: string) => () =>
    page.locator(selector).evaluate((element) => element === document.activeElement);
  await tabTo(focused('button[aria-label="One egg more"]'));
  await page.keyboard.press('Space');
  await tabTo(() => page.evaluate(() => document.activeElement?.getAttribute('value') === 'not-looked-for'));
  await page.keyboard.press('ArrowLeft');
  await page.keyboard.press('ArrowLeft');
  await tabTo(() => page.evaluate(() => document.activeElement?.getAttribute('value') === 'cleared'));
  await page.keyboard.press('Space');
  await tabTo(() => page.evaluate(() => document.activeElement?.textContent === 'Save the inspection'));
  await page.keyboard.press('Enter');
  await expect(page.getByRole('region', { name: 'Reading' })).toContainText('First signs of swarming');
  await openRows(page);
  await expect(page.getByRole('region', { name: 'Because' })).toContainText('eggs seen');
});

test('no accessibility fault where a method is chosen, planned and carried out', async ({ page }) => {
  for (const size of [
    { width: 1280, height: 800 },
    { width: 390, height: 844 },
  ]) {
    await page.setViewportSize(size);
    await openColony(page, 'Sainfoin');
    await page.getByRole('link', { name: 'What are my choices?' }).click();
    await expect(page.getByRole('heading', { level: 1, name: 'Artificial swarm with a nuc' })).toBeVisible();
    expect(await faults(page)).toEqual([]);
    await seeDates(page, 'Artificial swarm with a nuc');
    await expect(page.getByRole('button', { name: 'Start it' })).toBeVisible();
    expect(await faults(page)).toEqual([]);
    await openColony(page, 'Comfrey');
    await page.getByRole('link', { name: /^Even split, side by side/ }).click();
    await expect(page.getByRole('heading', { level: 1, name: 'Even split, side by side' })).toBeVisible();
    await page.getByRole('button', { name: 'record the result' }).first().click();
    expect(await faults(page)).toEqual([]);
    await page.getByRole('button', { name: 'another day' }).first().click();
    expect(await faults(page)).toEqual([]);
    const overflow = await page.evaluate(
      () => document.documentElement.scrollWidth - document.documentElement.clientWidth,
    );
    expect(overflow).toBe(0);
  }
});

test('no accessibility fault on a correction, in what asks first, and where nothing is found', async ({ page }) => {
  await openColony(page, 'Sainfoin');
  await page.getByRole('button', { name: 'delete' }).first().click();
  await expect(page.getByRole('alertdialog')).toBeVisible();
  expect(await faults(page)).toEqual([]);
  await page.keyboard.press('Escape');
  await page.getByRole('link', { name: 'Edit colony' }).click();
  await expect(page.getByRole('heading', { level: 1, name: 'Edit Sainfoin' })).toBeVisible();
  expect(await faults(page)).toEqual([]);
  await openColony(page, 'Sainfoin');
  await page.getByRole('region', { name: 'Inspections' }).getByRole('link', { name: 'correct' }).first().click();
  await expect(page.getByText('correcting an entry; what it said before is kept')).toBeVisible();
  expect(await faults(page)).toEqual([]);
  await page.goto('/data');
  await page.getByRole('button', { name: 'Erase everything …' }).click();
  await expect(page.getByRole('alertdialog')).toBeVisible();
  expect(await faults(page)).toEqual([]);
  await page.goto('/nowhere');
  await expect(page.getByRole('heading', { name: 'Page not found' })).toBeVisible();
  expect(await faults(page)).toEqual([]);
});
