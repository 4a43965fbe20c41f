import {
  answer,
  cellIs,
  codes,
  countStrength,
  due,
  inspect,
  openColony,
  openRows,
  plan,
  seeDates,
  start,
  strip,
} from './season';
import { addCells, begin, choose, expect, onDay, setClock, test } from './test';

const strong = { brood: 8, seams: 10, drones: 'flying' };

test('charged cells: a nuc swarm, thinned on day 7, a virgin, eggs, done', async ({ page }) => {
  await page.goto('/');
  await onDay(page, '2027-05-03');
  await begin(page, 'Orchard', 'Clover');
  await inspect(page, 'Clover', '2027-05-03');
  await inspect(page, 'Clover', '2027-05-10', {
    queen: 'seen',
    what: async () => {
      await addCells(page, 'charged (large larva)');
      await addCells(page, 'small larva');
      await countStrength(page, strong);
    },
  });
  await expect(page.getByRole('region', { name: 'Reading' })).toContainText('Getting ready to swarm');

  await page.getByRole('link', { name: 'What are my choices?' }).click();
  const first = page.getByRole('heading', { level: 1 });
  await expect(first).toHaveText('Artificial swarm with a nuc');
  const others = page.getByRole('region', { name: 'Or' });
  await expect(others.getByText('Artificial swarm on the old site')).toBeVisible();
  // What nobody said moves nothing down; once it is said, the order answers at once.
  await page.getByRole('group', { name: 'A second stand?' }).getByText('no', { exact: true }).click();
  await expect(others.getByText('Artificial swarm on the old site')).toBeHidden();
  await expect(first).toHaveText('Artificial swarm with a nuc');
  await page.getByText(/others, and why not$/).click();
  await expect(page.getByRole('listitem').filter({ hasText: 'After the swarm has gone' })).toContainText(
    'It has not swarmed',
  );
  await expect(page.getByText('Keep cell a: open, and seen to be fed.')).toBeVisible();

  await seeDates(page, 'Artificial swarm with a nuc');
  await expect(page.getByRole('combobox', { name: 'Cell a' })).toHaveValue('keep');
  const preview = page.getByRole('region', { name: 'What follows' });
  await expect(preview).toContainText('Thu 13 May nuc: settled? (any day 12 to 15 May)');
  await expect(preview).toContainText('Mon 17 May parent: thin cells (any day 16 to 17 May)');
  await expect(preview).toContainText('Fri 4 Jun parent: eggs? (any day 2 to 8 Jun)');
  await expect(preview).toContainText('Tue 18 May parent: leave shut, last day Tue 1 Jun');
  await expect(preview.getByRole('list', { name: 'How it can turn out' })).toContainText('No eggs by 8 Jun');
  await expect(preview).toContainText('No sealed brood about');
  await page.getByLabel('Thin the cells once more').uncheck();
  await expect(preview).not.toContainText('thin cells');
  await page.getByLabel('Thin the cells once more').check();
  await start(page);
  await page.getByLabel(/^1\. Find the queen/).check();
  await expect(page.getByLabel(/^1\. Find the queen/)).toBeChecked();
  expect(await due(page)).toContain('nuc-settled: See whether it has settled Thu 13 May, in 3 days.');

  await onDay(page, '2027-05-13');
  await answer(page, 'nuc-settled', /^Settled/);
  await expect(page.getByRole('region', { name: 'So far' })).toContainText('settled? Settled: she lays');

  await inspect(page, 'Clover', '2027-05-17', {
    eggs: 'looked, none',
    what: async () => {
      await cellIs(page, 'a', 'sealed');
      await addCells(page, 'sealed');
      await page.getByRole('button', { name: 'One sealed broken down more' }).click();
    },
  });
  await expect(page.getByRole('region', { name: 'Reading' })).toContainText('Raising a queen');
  // Closed on 17 May and still closed, so out on 18 May at the earliest.
  expect(await strip(page, 'Clover, what is due')).toContain('leave shut: 18 May to 1 Jun');

  await setClock(page, '2027-05-25');
  await page.goto('/');
  await expect(page.getByRole('region', { name: 'Leave shut' })).toContainText('Leave shut: not before Wed 2 Jun');
  await openColony(page, 'Clover');
  await page.getByRole('link', { name: 'Enter an inspection' }).click();
  await expect(page.getByText('Do not open it now unless you must')).toBeVisible();

  await setClock(page, '2027-06-04');
  await openColony(page, 'Clover');
  await answer(page, 'eggs', 'Eggs seen');
  await expect(page.getByRole('region', { name: 'Reading' })).toContainText('Inspect Thu 10 Jun');
  await openRows(page);
  await page.getByRole('link', { name: /^Artificial swarm with a nuc/ }).click();
  await expect(page.getByText('Done: every unit has a laying queen.')).toBeVisible();
});

test('a Demaree with cells in the top box on day 7, and a second round', async ({ page }) => {
  await page.goto('/');
  await onDay(page, '2027-05-03');
  await begin(page, 'Orchard', 'Clover');
  await page.goto('/colonies');
  await page.getByRole('link', { name: 'edit' }).click();
  await page.getByLabel('Main flow from').fill('2027-05-20');
  await page.getByLabel('Main flow until').fill('2027-06-20');
  await page.getByRole('button', { name: 'Save' }).click();
  await inspect(page, 'Clover', '2027-05-03');
  await inspect(page, 'Clover', '2027-05-10', {
    queen: 'seen',
    what: async () => {
      await addCells(page, 'small larva');
      await countStrength(page, strong);
    },
  });
  await plan(page, 'Clover', 'Demaree');
  await page.getByLabel('Only sealed brood goes up').check();
  await expect(page.getByRole('region', { name: 'What follows' })).not.toContainText('cells on top');
  await page.getByLabel('Only sealed brood goes up').uncheck();
  await expect(page.getByRole('region', { name: 'What follows' })).toContainText('Mon 17 May top box: cells on top');
  await start(page);

  await inspect(page, 'Clover', '2027-05-17', {
    what: async () => {
      await page.getByRole('group', { name: 'The cells you add are' }).getByText('in the top box').click();
      await addCells(page, 'sealed', 2);
      await expect(page.getByLabel('What it means')).toContainText('raised far from the queen; break down every one');
      await page.getByRole('button', { name: 'One sealed broken down more' }).click();
      await page.getByRole('button', { name: 'One sealed broken down more' }).click();
    },
  });
  expect(await codes(page)).toEqual(['look', 'supers-check', 'top-brood-gone']);

  await onDay(page, '2027-05-25');
  await page.getByRole('link', { name: /^Demaree/ }).click();
  await expect(page.getByRole('heading', { level: 1, name: 'Demaree' })).toBeVisible();
  await answer(page, 'supers-check', /^To be done a second time/);
  await expect(page.getByRole('region', { name: 'So far' })).toContainText(
    'Start the second round as a programme of its own',
  );
  await inspect(page, 'Clover', '2027-05-25', { queen: 'seen', what: () => countStrength(page, strong) });
  await plan(page, 'Clover', 'Demaree');
  await start(page);
  expect(await codes(page)).toEqual(['clear-top-cells', 'bottom-check', 'supers-check', 'top-brood-gone']);
});

test('a walk-away split whose queenless half is found on day 6, fails, and is saved with a bought queen', async ({
  page,
}) => {
  await page.goto('/');
  await onDay(page, '2027-05-10');
  await begin(page, 'Orchard', 'Clover');
  await inspect(page, 'Clover', '2027-05-10', {
    queen: 'looked, none',
    what: () => countStrength(page, strong),
  });
  await plan(page, 'Clover', 'Walk-away split');
  await page.getByLabel('Its stand').fill('by the hedge');
  await start(page);
  expect(await due(page)).toEqual([
    'which-half: Find the queenless half Sun 16 May, in 6 days.',
    'eggs: Look for eggs Wed 9 Jun, in 30 days.',
    'which-half: Find the queenless half Sun 16 May, in 6 days.',
    'eggs: Look for eggs Wed 9 Jun, in 30 days.',
  ]);

  await inspect(page, 'Clover half', '2027-05-16', { eggs: 'looked, none', what: () => addCells(page, 'sealed') });
  await expect(page.getByRole('region', { name: 'Reading' })).toContainText('Raising a queen');
  await page.getByRole('link', { name: /^Walk-away split/ }).click();
  await expect(page.locator('[data-unit="queenless half"]')).toContainText('Clover half');

  await onDay(page, '2027-06-12');
  await answer(page, 'eggs', /^Looked for, no eggs/);
  const ways = page.getByRole('group').filter({ has: page.getByRole('heading', { name: /^Ways on for Clover half/ }) });
  await expect(ways).toContainText('Requeen with a bought mated queen');
  await expect(ways).toContainText('7 to 12 days until a queen lays (19 to 24 Jun)');
  await ways.getByRole('link', { name: 'See the dates: Requeen with a bought mated queen' }).click();
  await start(page);
  expect(await codes(page)).toEqual(['released', 'laying-check']);

  await onDay(page, '2027-06-15');
  await answer(page, 'released', /^She is out/);
  await inspect(page, 'Clover half', '2027-06-20', { queen: 'seen' });
  await expect(page.getByRole('region', { name: 'Reading' })).toContainText('Settled');
});

test('an old-site swarm whose parent is thinned and moved on day 7', async ({ page }) => {
  await page.goto('/');
  await onDay(page, '2027-05-03');
  await begin(page, 'Orchard', 'Clover');
  await inspect(page, 'Clover', '2027-05-03');
  await inspect(page, 'Clover', '2027-05-08', {
    queen: 'seen',
    what: async () => {
      await addCells(page, 'small larva', 2);
      await countStrength(page, strong);
    },
  });
  await plan(page, 'Clover', 'Artificial swarm on the old site');
  await page.getByLabel('Where Clover stands from now on').fill('a metre to the left');
  await start(page);
  await onDay(page, '2027-05-15');
  expect((await codes(page)).sort()).toEqual(['eggs', 'laying-check', 'move-parent', 'thin-cells']);
  await answer(page, 'move-parent', 'Moved to the other side');
  await answer(page, 'thin-cells', /no other cell found/);
  await answer(page, 'laying-check', 'Eggs seen');
  await expect.poll(() => codes(page)).toEqual(['eggs']);
  await openColony(page, 'Clover');
  await expect(page.getByText('a metre to the left')).toBeVisible();
  await expect(page.getByText('Split from it: Clover swarm')).toBeVisible();
  await openColony(page, 'Clover swarm');
  await expect(page.getByText('Came from Clover')).toBeVisible();
});

test('a pollen-bound nest is opened and checked', async ({ page }) => {
  await page.goto('/');
  await onDay(page, '2027-05-10');
  await begin(page, 'Orchard', 'Clover');
  await inspect(page, 'Clover', '2027-05-10', {
    what: async () => {
      await page.getByText('More that you saw').click();
      await page.getByLabel('Brood nest').selectOption('pollen in the way');
    },
  });
  await expect(page.getByRole('region', { name: 'Reading' })).toContainText('Short of room to lay');
  await plan(page, 'Clover', 'Free a pollen-bound nest');
  await start(page);
  expect(await due(page)).toContain('space-check: Check that they use the room Mon 17 May, in 7 days.');
  await onDay(page, '2027-05-18');
  await answer(page, 'space-check', /^Not taken up yet/);
  await expect.poll(() => due(page)).toContain('space-check: Check that they use the room Tue 25 May, in 7 days.');
  await inspect(page, 'Clover', '2027-05-25', {
    what: async () => {
      await page.getByText('More that you saw').click();
      await page.getByLabel('Brood nest').selectOption('has room');
    },
  });
  await page.getByRole('link', { name: /^Free a pollen-bound nest/ }).click();
  await expect(page.getByRole('region', { name: 'So far' })).toContainText('room? answered by the inspection');
});

test.describe('in the demo', () => {
  test.use({ seed: 'demo' });

  test('cells about to be destroyed are given to the colony that needs one', async ({ page }) => {
    await page.goto('/cells');
    await expect(page.getByRole('region', { name: 'Wanted' })).toContainText('Sorrel');
    await openColony(page, 'Sainfoin');
    await page.getByRole('link', { name: 'Enter an inspection' }).click();
    await cellIs(page, 'a', 'charged (large larva)', 'broken down');
    await cellIs(page, 'b', 'charged (large larva)', 'broken down');
    const taking = page.getByRole('region', { name: 'Breaking cells down' });
    await expect(taking).toContainText('Breaking cells down buys time until 19 May; it does not stop swarming.');
    await expect(taking).toContainText('Sorrel (Old quarry)');
    await taking.getByRole('combobox', { name: /^b .*where it goes/ }).selectOption('given to Sorrel');
    await choose(page, 'Eggs?', 'seen');
    await page.getByRole('group', { name: 'How thoroughly did you check for cells?' }).locator('label').first().click();
    await page.getByRole('button', { name: 'Save the inspection' }).filter({ visible: true }).click();
    await expect(page.getByRole('heading', { level: 1, name: 'Sainfoin' })).toBeVisible();
    await openRows(page);
    await expect(page.locator('[data-cell=b]')).toContainText('given to Sorrel');
    await openColony(page, 'Sorrel');
    await expect(page.locator('[data-cell=b]')).toContainText('charged (large larva)');
    expect(await codes(page)).toEqual(['eggs']);
    await expect(page.getByRole('link', { name: 'Give a cell from another colony, day 0' })).toBeVisible();
  });

  test('a nuc is made with a cell to spare before the others are thinned', async ({ page }) => {
    // The list of cells leads to a nuc with one of them, and so does thinning after the swarm, which takes the best to spare.
    await page.goto('/cells');
    await page.locator('[data-cell="Vetch d"]').getByRole('link', { name: 'Make a nuc with it' }).click();
    await expect(page.getByRole('combobox', { name: 'Cell d' })).toHaveValue('keep');
    await plan(page, 'Vetch', 'After the swarm has gone');
    await page.getByRole('link', { name: 'Make a nuc with it first' }).click();
    await expect(page.getByRole('heading', { level: 1, name: 'Nuc with a ripe cell' })).toBeVisible();
    await expect(page.getByRole('combobox', { name: 'Cell c' })).toHaveValue('keep');
    await expect(page.getByRole('combobox', { name: 'Cell a' }).getByRole('option', { selected: true })).toHaveText(
      'stays',
    );
    await start(page);
    await openColony(page, 'Vetch nuc');
    await expect(page.locator('[data-cell=a]')).toContainText('sealed, fresh');
    expect(await codes(page)).toEqual(['eggs']);
    await expect(page.getByRole('link', { name: 'Nuc with a ripe cell, day 0' })).toBeVisible();

    // The colony itself is still to be thinned, to one of those that it has left.
    await openColony(page, 'Vetch');
    expect(await codes(page)).toContain('thin-cells');
    await plan(page, 'Vetch', 'After the swarm has gone');
    await expect(page.getByRole('combobox', { name: /^Cell / })).toHaveCount(3);
    await start(page);
    await openColony(page, 'Vetch');
    expect(await codes(page)).toEqual(['eggs']);
  });
});
