import type { Page } from '@playwright/test';
import { openTheWeek, unfold } from './season';
import { badge, signal, takeAlong } from './signal';
import { choose, expect, setClock, test } from './test';

test.use({ seed: 'demo' });

const headline = (page: Page) => page.getByRole('heading', { level: 1 });
/** The rounds of the week, each by its title. */
const rounds = (page: Page, title: RegExp) => page.getByRole('region', { name: title });
const hives = (page: Page, title: RegExp) => rounds(page, title).getByRole('heading', { level: 3 });

/** Opens the week, and waits until it counts as seen. */
async function seeTheWeek(page: Page) {
  const seen = page.waitForResponse((response) => response.url().endsWith('/api/plan-seen'));
  await page.goto('/');
  await openTheWeek(page);
  await seen;
}

test('a week is planned: a round pinned, a day ruled out, Thursday lost to cold, and what moved is said', async ({
  page,
}) => {
  await seeTheWeek(page);
  // Both halves of a split are looked at on one day.
  await expect(hives(page, /^Today .*Old quarry/)).toContainText([
    'Comfrey',
    'Teasel',
    'Comfrey half',
    'Vetch',
    'Sorrel',
  ]);
  await expect(page.getByRole('region', { name: 'What moved' })).toHaveCount(0);

  await test.step('a pinned round stays whatever else moves', async () => {
    await page.getByRole('button', { name: /^Pin: Thu 20 May .*Walled garden/ }).click();
    await expect(rounds(page, /^Thu 20 May .*Walled garden/)).toContainText('pinned');
  });

  await test.step('a day that is ruled out moves what was on it, and says why', async () => {
    await page.getByRole('button', { name: /^Not that day: Tomorrow .*Walled garden/ }).click();
    const moved = page.getByRole('region', { name: 'What moved' });
    await expect(moved).toContainText('you ruled that day out');
    await unfold(page);
    await expect(moved).toContainText(/Knapweed nuc, inspect: .* instead of Mon 17 May/);
    await expect(rounds(page, /^Tomorrow/)).toHaveCount(0);
    await moved.getByRole('button', { name: 'Seen' }).click();
    await expect(moved).toHaveCount(0);
    await unfold(page);
    await expect(page.getByText('Mon 17 May: no rounds that day.')).toBeVisible();
    await page.getByRole('button', { name: /^Allow it again/ }).click();
    await expect(page.getByText('Mon 17 May: no rounds that day.')).toHaveCount(0);
  });

  await test.step('the weather changes its mind', async () => {
    await page.goto('/');
    await openTheWeek(page);
    const moved = page.getByRole('region', { name: 'What moved' });
    if (await moved.count()) await moved.getByRole('button', { name: 'Seen' }).click();
    await expect(moved).toHaveCount(0);
    for (const apiary of ['School roof', 'Walled garden']) {
      await page.goto('/apiaries');
      await page
        .getByRole('listitem')
        .filter({ hasText: apiary })
        .first()
        .getByRole('link', { name: 'Weather' })
        .click();
      await page.getByRole('button', { name: 'Ask it for a cold week' }).click();
      await expect(page.getByRole('region', { name: 'What each day allows' })).toContainText('Leave hives shut.');
    }
    await page.goto('/');
    await expect(moved).toContainText('for the weather');
    // The pinned round does not move by itself, and nothing can be done on it.
    await expect(rounds(page, /^Thu 20 May .*Walled garden/)).toContainText('Nothing is to be done there on that day.');
    // What cannot be met is said first, with the least bad day and what that risks.
    const unmet = page.getByRole('region', { name: 'Cannot be met in time' });
    await expect(unmet).toContainText(/is fit for it in the hours that you have/);
    await page.goto('/?days=14');
    await expect(page.getByRole('link', { name: 'This week alone' })).toBeVisible();
  });
});

test('what is late already is done on its least bad day, with what that risks', async ({ page }) => {
  await page.goto('/free-time');
  await page.getByText('Type the hours').click();
  await page.getByRole('button', { name: 'Remove Sunday, 10:00 to 18:00' }).click();
  await page.getByRole('button', { name: 'Add days away' }).click();
  await page.getByLabel('Away from').last().fill('2027-05-17');
  await page.getByLabel('Away until and including').last().fill('2027-05-19');
  await page.getByRole('button', { name: 'Save' }).click();
  await openTheWeek(page);
  const unmet = page.getByRole('region', { name: 'Cannot be met in time' });
  await expect(unmet).toContainText('Sainfoin, artificial swarm with a nuc.');
  await expect(unmet).toContainText('By Wed 19 May you have no time for it, with the way there.');
  await expect(unmet).toContainText(
    'Least bad: Thu 20 May, with the round to Walled garden. It may have swarmed by then.',
  );
  const sainfoin = rounds(page, /^Thu 20 May .*Walled garden/)
    .getByRole('listitem')
    .filter({ has: page.getByRole('heading', { name: 'Sainfoin', exact: true }) });
  await expect(sainfoin).toContainText('After its last day: It may have swarmed by then.');
});

test('hours are asked for weekday by weekday, and what cannot be is said where it stands', async ({ page }) => {
  await page.goto('/free-time');
  await page.getByText('Type the hours').click();
  await page.getByLabel('Monday, from').fill('20:30');
  await page.getByLabel('Inspection', { exact: true }).fill('0');
  await page.getByRole('button', { name: 'Save' }).click();
  const monday = page.getByRole('listitem').filter({ has: page.getByText('Monday', { exact: true }) });
  await expect(monday.getByRole('alert')).toHaveText('It cannot end before it begins. Correct one of the two.');
  await expect(page.getByLabel('Monday, from')).toHaveValue('20:30');
  await page.getByLabel('Monday, from').fill('18:30');
  await page.getByLabel('Inspection', { exact: true }).fill('25');
  await page.getByRole('button', { name: 'Save' }).click();
  await openTheWeek(page);
  await page.goto('/free-time');
  await expect(page.getByLabel('Monday, from')).toHaveValue('18:30');
  await expect(page.getByLabel('Inspection', { exact: true })).toHaveValue('25');
  // Without any hour at all: said, and what is due stands there as ever.
  await page.getByText('Type the hours').click();
  const hours = page.getByRole('button', { name: /^Remove .*day, / });
  for (let left = await hours.count(); left > 0; left--) await hours.first().click();
  await expect(hours).toHaveCount(0);
  await page.getByRole('button', { name: 'Save' }).click();
  await expect(headline(page)).toHaveText('Nothing can be planned this week');
  await expect(page.getByRole('region', { name: 'Cannot be met in time' })).toContainText('you have no time for it');
  await expect(page.getByRole('region', { name: 'Due, and on no round' })).toContainText('Sainfoin');
});

test('a road between two apiaries is typed once, and makes one trip of a day', async ({ page }) => {
  await page.goto('/free-time');
  for (const pair of ['Old quarry to School roof', 'Old quarry to Walled garden', 'School roof to Walled garden'])
    await page.getByLabel(pair, { exact: true }).fill('6');
  await page.getByLabel('Old quarry to School roof', { exact: true }).fill('900');
  await page.getByRole('button', { name: 'Save' }).click();
  const road = page.getByLabel('Old quarry to School roof', { exact: true });
  await expect(road).toHaveAttribute('aria-invalid', 'true');
  await expect(road).toHaveValue('900');
  await road.fill('6');
  await page.getByRole('button', { name: 'Save' }).click();
  await openTheWeek(page);
  await expect(page.getByText(/^One trip over .* and .*: \d+ min on the road that day\.$/).first()).toBeVisible();
  await expect(rounds(page, /^Today .* at the hives$/).first()).toBeVisible();
  await page.goto('/free-time');
  await expect(page.getByLabel('School roof to Walled garden', { exact: true })).toHaveValue('6');
});

test('one check is taken off the rounds and planned again, a round made today in any case', async ({ page }) => {
  await page.goto('/');
  await openTheWeek(page);
  await page.getByLabel('On no round', { exact: true }).selectOption({ label: 'Burnet: Make room' });
  await page.getByRole('button', { name: 'Leave it off' }).click();
  await expect(page.getByText('Burnet, make room: on no round.')).toBeVisible();
  const burnet = page.getByRole('listitem').filter({ has: page.getByRole('heading', { name: 'Burnet' }) });
  await expect(burnet).not.toContainText('Make room');
  await page.getByRole('button', { name: /^Plan it again: Burnet/ }).click();
  await expect(burnet).toContainText('Make room.');
  await unfold(page);

  await page.getByRole('button', { name: /^Not that day: Today .*School roof/ }).click();
  await expect(rounds(page, /^Today/)).toHaveCount(0);
  await unfold(page);
  await page.getByRole('button', { name: 'School roof', exact: true }).click();
  await expect(rounds(page, /^Today .*School roof/)).toContainText('Nothing is to be done there on that day.');
});

test.describe('at the hive', () => {
  test.use({ viewport: { width: 390, height: 844 }, serviceWorkers: 'allow' });

  test('a round is carried out without a signal, hives in its order, and its minutes are learned', async ({
    page,
    context,
  }) => {
    await takeAlong(page);
    await signal(context, false);
    await page.getByRole('link', { name: /Walled garden/ }).click();
    const list = page.getByRole('list', { name: 'The round' });
    await expect(list.getByRole('listitem').first()).toContainText('Sainfoin');
    await expect(page.getByRole('region', { name: 'Due, on another round' })).toContainText('planned for Mon 17 May');
    await page.getByRole('button', { name: 'Begin the round' }).click();
    const bar = page.getByRole('region', { name: 'The round under way' });
    await expect(bar).toContainText('0 of 5 hives seen to');

    await list.getByRole('link', { name: /Burnet/ }).click();
    await expect(headline(page)).toHaveText('Burnet');
    await choose(page, 'Eggs?', 'seen');
    await choose(page, 'How thoroughly did you check for cells?', 'every brood frame, bees shaken or brushed off');
    const time = page.getByLabel('Time', { exact: true });
    const [hour, minute] = (await time.inputValue()).split(':').map(Number) as [number, number];
    const later = Math.min(hour * 60 + minute + 19, 1439);
    await time.fill(
      `${String(Math.floor((later - 19) / 60)).padStart(2, '0')}:${String((later - 19) % 60).padStart(2, '0')}`,
    );
    await page
      .getByLabel('Hive shut again at')
      .fill(`${String(Math.floor(later / 60)).padStart(2, '0')}:${String(later % 60).padStart(2, '0')}`);
    await page.getByRole('button', { name: 'Save the inspection' }).filter({ visible: true }).click();
    await expect(bar).toContainText('1 of 5 hives seen to');
    await bar.getByLabel(/Somebody is with me/).check();
    await bar.getByRole('button', { name: 'End the round' }).click();
    await expect(page.getByText('The round is saved.')).toBeVisible();
    await expect(badge(page)).toHaveText('2 saved here, not sent');

    await signal(context, true);
    await expect(badge(page)).toHaveText('all sent');
    const { facts } = await (await page.request.get('/api/season/export')).json();
    expect(facts.rounds).toMatchObject([{ hadHelp: true, hives: [{ did: ['look'] }] }]);
    await page.goto('/free-time');
    await expect(page.getByText('Learned: 16 min, from one round.')).toBeVisible();
    const made = page.getByRole('region', { name: 'Rounds you made' });
    await expect(made).toContainText('Walled garden · 1 hive');
    await made.getByRole('button', { name: /^Delete/ }).click();
    await page.getByRole('alertdialog').getByRole('button', { name: 'Delete it' }).click();
    await expect(made).toHaveCount(0);
    await expect(page.getByText(/^Learned:/)).toHaveCount(0);
  });

  test('ninety minutes on a warm noon, rain in half an hour, only one hive: without a signal', async ({
    page,
    context,
  }) => {
    await takeAlong(page);
    await signal(context, false);
    await page.getByRole('link', { name: /Old quarry/ }).click();
    await page.getByText('So many minutes here, now').click();
    const now = page.getByRole('list', { name: 'Now' }).getByRole('listitem');
    const waits = page.getByRole('list', { name: 'Waits' }).getByRole('listitem');
    await page.getByRole('button', { name: '90 min' }).click();
    await expect(now).toHaveCount(5);
    await expect(page.getByText('All else can wait.')).toBeVisible();
    await page.getByRole('button', { name: 'Rain in half an hour' }).click();
    await expect(now).toHaveText([
      /Comfrey.*find the queenless half, 11 min/,
      /Comfrey half/,
      /Sorrel.*check the test frame, 7 min/,
    ]);
    await expect(waits.first()).toContainText('can wait, at the latest until Mon 17 May.');
    await page.getByRole('button', { name: 'Only one hive' }).click();
    await expect(now).toHaveText([/Teasel.*search the top box for cells/]);
    await page.getByLabel('Minutes here').fill('11');
    // One hive stood there before too: it is waited for this one.
    await expect(now).toHaveText([/Comfrey/]);
    await now.getByRole('link').click();
    await expect(headline(page)).toHaveText(/^Comfrey/);
  });
});

test('a swarm is out: whose it may be, and it is noted from there', async ({ page }) => {
  await page.goto('/');
  await page.getByRole('link', { name: 'A swarm is out' }).click();
  const roof = page.getByRole('region', { name: 'School roof' });
  await expect(roof.getByRole('listitem').first()).toContainText('1.9 kg lighter at');
  await expect(page.getByRole('region', { name: 'Old quarry' }).getByRole('listitem').first()).toContainText(
    'Sealed cells at the last inspection.',
  );
  await expect(page.getByText('Leave alone what hangs high')).toBeVisible();
  await roof.getByRole('link', { name: 'It came from Betony' }).click();
  await page.getByRole('button', { name: 'Note it' }).click();
  await expect(headline(page)).toHaveText('Betony');
  await expect(page.getByRole('region', { name: 'Reading' })).toBeVisible();
  const { facts } = await (await page.request.get('/api/season/export')).json();
  expect(
    facts.queenEvents.filter(({ kind, on }: { kind: string; on: string }) => kind === 'swarmed' && on === '2027-05-16'),
  ).toHaveLength(1);
});

test('the calendar holds the rounds by choice', async ({ page }) => {
  await page.goto('/data');
  await choose(page, 'What it holds', 'both');
  await expect
    .poll(async () => (await (await page.request.get('/api/calendar')).text()).includes('UID:round:'))
    .toBe(true);
  await choose(page, 'What it holds', 'each check');
  await expect
    .poll(async () => (await (await page.request.get('/api/calendar')).text()).includes('UID:round:'))
    .toBe(false);
});

test('the week follows the clock: what was planned for a day that is over moves on', async ({ page }) => {
  await seeTheWeek(page);
  await setClock(page, '2027-05-18');
  await page.goto('/');
  const moved = page.getByRole('region', { name: 'What moved' });
  await expect(moved).toContainText('that day is over');
  await setClock(page, '2027-07-10');
  await page.goto('/');
  await openTheWeek(page);
});
