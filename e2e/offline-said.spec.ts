import type { Page } from '@playwright/test';
import { kept } from './device';
import { openColony } from './season';
import { badge, signal, takeAlong, takeToTheHive } from './signal';
import { choose, expect, test } from './test';

test.use({ seed: 'demo', viewport: { width: 390, height: 844 }, serviceWorkers: 'allow' });

/** What the book holds of one kind. */
async function facts<T>(page: Page, kind: string): Promise<readonly T[]> {
  return (await (await page.request.get('/api/season/export')).json()).facts[kind];
}

const due = (page: Page, words: string) => page.locator('[data-due]').filter({ hasText: words }).first();

/** Answers a check from the page of its colony. */
async function answer(page: Page, check: string, words: string) {
  await due(page, check).getByRole('button', { name: 'record the result' }).click();
  await page.getByRole('button', { name: words }).click();
}

test('a check is answered, another put off and steps ticked without a signal; all land when it is back', async ({
  page,
  context,
}) => {
  await takeAlong(page);
  const [answers, steps, changes] = await Promise.all([
    facts(page, 'checkAnswers'),
    facts(page, 'stepsDone'),
    facts(page, 'checkChanges'),
  ]);
  await signal(context, false);
  await page.goto('/colonies');
  await page.getByRole('link', { name: 'Sorrel', exact: true }).click();
  await answer(page, 'Check the test frame', 'No cells');
  await expect(due(page, 'Check the test frame')).toContainText('Saved here, not sent: Check the test frame. No cells');

  await page.goto('/colonies');
  await page.getByRole('link', { name: 'Teasel', exact: true }).click();
  const look = due(page, 'Search the top box');
  await look.getByRole('button', { name: 'another day' }).click();
  await look.getByLabel('Reason').fill('Rain.');
  await look.getByRole('button', { name: /^Move it/ }).click();
  await expect(look).toContainText('(Rain.)');
  await page.getByRole('link', { name: /^Demaree/ }).click();
  const list = page.getByRole('region', { name: 'Steps' });
  // A click before the page has come alive goes nowhere.
  await page.locator('html[data-alive]').waitFor({ state: 'attached' });
  const ticks = list.getByRole('checkbox');
  const wasTicked = await ticks.first().isChecked();
  await ticks.first().setChecked(!wasTicked);
  await ticks.nth(1).setChecked(!(await ticks.nth(1).isChecked()));
  await expect(list).toContainText('Saved here, not sent: 2 ticks');
  await expect(badge(page)).toHaveText('4 saved here, not sent');

  // Nothing is lost over a reload, and the rounds reckon with it.
  await page.reload();
  await expect(list).toContainText('Saved here, not sent: 2 ticks');
  await expect(ticks.first()).toBeChecked({ checked: !wasTicked });
  await page.goto('/hive');
  await expect(page.getByRole('region', { name: 'On this device' })).toContainText('Check the test frame. No cells');

  await signal(context, true);
  await expect(badge(page)).toHaveText('all sent');
  expect((await facts(page, 'checkAnswers')).length - answers.length).toBe(1);
  expect((await facts(page, 'checkChanges')).length - changes.length).toBe(1);
  expect(Math.abs((await facts(page, 'stepsDone')).length - steps.length)).toBe(2);
  await openColony(page, 'Sorrel');
  await expect(page.getByText('Saved here, not sent')).toHaveCount(0);
});

test('frames are surveyed at the hive without a signal, and begun surveys are taken up again', async ({
  page,
  context,
}) => {
  await takeAlong(page);
  const before = await facts(page, 'surveys');
  await signal(context, false);
  await page.goto('/hive');
  await page.getByRole('link', { name: /^School roof/ }).click();
  await page
    .getByRole('link', { name: /Betony / })
    .first()
    .click();
  await page.getByRole('link', { name: 'survey the frames' }).click();
  await expect(page.getByRole('heading', { level: 1, name: 'Frames of Betony' })).toBeVisible();
  await page.getByLabel('Seams covered in all').fill('7');
  await kept(page, '"coveredSeams":7');
  await page.reload();
  await expect(page.getByText('Taken up where you left off')).toBeVisible();
  await expect(page.getByLabel('Seams covered in all')).toHaveValue('7');
  await page.getByRole('link', { name: 'School roof', exact: true }).click();
  await expect(page.getByRole('link', { name: /Betony/ }).first()).toContainText('survey half done');
  await page
    .getByRole('link', { name: /Betony / })
    .first()
    .click();
  await page.getByRole('link', { name: 'survey the frames' }).click();
  await expect(page.getByLabel('Seams covered in all')).toHaveValue('7');
  const told = page.getByText(/All \d+ frames told/);
  const rest = page.getByRole('button', { name: /^the other/ });
  if ((await told.count()) === 0 && (await rest.count()) > 0) await rest.first().click();
  await page.getByRole('button', { name: 'Save the frames' }).click();
  await expect(page.getByRole('link', { name: /Betony/ }).first()).toContainText('saved here');
  await expect(badge(page)).toHaveText('1 saved here, not sent');
  await signal(context, true);
  await expect(badge(page)).toHaveText('all sent');
  const after = await facts<{ id: string; coveredSeams: number | null }>(page, 'surveys');
  expect(after.length - before.length).toBe(1);
  expect(after.filter(({ coveredSeams }) => coveredSeams === 7).length).toBeGreaterThan(0);
});

test('the moves of a frame plan are ticked without a signal', async ({ page, context }) => {
  await openColony(page, 'Meadowsweet');
  await page.getByRole('link', { name: 'Frames and moves' }).click();
  await page.getByRole('link', { name: 'Part Demaree' }).click();
  // The demo's nights are too cold for open brood above.
  await page.getByLabel('Coldest of the next five nights, °C').fill('11');
  await page.getByRole('button', { name: 'Use the proposal' }).click();
  await page.getByRole('button', { name: 'Take the list to the hive' }).click();
  await expect(page.getByRole('list', { name: 'Steps' })).toBeVisible();
  const plan = new URL(page.url()).pathname;
  await takeAlong(page);
  await signal(context, false);
  await page.goto(plan);
  const ticks = page.getByRole('list', { name: 'Steps' }).getByRole('checkbox');
  await ticks.first().check();
  await ticks.nth(1).check();
  await expect(page.getByText(/Saved here, not sent: Part Demaree: 2 of/)).toBeVisible();
  await page.reload();
  await expect(ticks.nth(1)).toBeChecked();
  await page.getByRole('button', { name: 'All done: the frames are there now' }).click();
  await expect(page.getByText('Saved here, not sent: Part Demaree: all done')).toBeVisible();
  await signal(context, true);
  await expect(badge(page)).toHaveText('all sent');
  await page.reload();
  await expect(page.getByText('The frames are now where the list says')).toBeVisible();
});

test('what the server does not take comes back with the reason, and is put away when its keeper says so', async ({
  page,
  context,
}) => {
  await takeAlong(page);
  await signal(context, false);
  await page.goto('/colonies');
  await page.getByRole('link', { name: 'Sorrel', exact: true }).click();
  await answer(page, 'Check the test frame', 'No cells');
  await expect(badge(page)).toHaveText('1 saved here, not sent');
  // Meanwhile, at home, the start was taken back.
  const programmes = await facts<{ id: string; method: string }>(page, 'programmes');
  const comb = programmes.find(({ method }) => method === 'test-comb');
  expect((await page.request.delete(`/api/programmes/${comb?.id}`, { data: {} })).status()).toBe(200);
  await signal(context, true);
  await expect(badge(page)).toHaveText('1 to fix');
  await page.goto('/hive');
  const list = page.getByRole('region', { name: 'On this device' });
  await expect(list).toContainText('Check the test frame. No cells');
  await expect(list).toContainText('This programme is not in your records.');
  await list.getByRole('button', { name: 'Send again' }).click();
  await expect(badge(page)).toHaveText('1 to fix');
  await list.getByRole('button', { name: 'Discard this entry' }).click();
  await page.getByRole('alertdialog').getByRole('button', { name: 'Discard this entry' }).click();
  await expect(badge(page)).toHaveText('all sent');
});

test.describe('a survey that comes back', () => {
  test.use({ serviceWorkers: 'block' });

  test('stays on the device until it is taken, however often it is refused', async ({ page, context }) => {
    await page.goto('/hive');
    await page.getByRole('link', { name: /^School roof/ }).click();
    await page
      .getByRole('link', { name: /Betony / })
      .first()
      .click();
    await page.getByRole('link', { name: 'survey the frames' }).click();
    await page.getByLabel('Seams covered in all').fill('7');
    await signal(context, false);
    await page.getByRole('button', { name: 'Save the frames' }).click();
    await expect(badge(page)).toHaveText('1 saved here, not sent');
    const issues = [{ path: ['hive'], code: 'unknown-reference', message: 'This size of frame is not known.' }];
    await page.route('**/api/surveys', (route) => route.fulfill({ status: 422, json: { ok: false, issues } }));
    await signal(context, true);
    await expect(badge(page)).toHaveText('1 to fix');
    await page.getByRole('link', { name: 'other apiary' }).click();
    await page.getByRole('link', { name: 'Fix it' }).click();
    await expect(page.getByLabel('Seams covered in all')).toHaveValue('7');
    await page.getByRole('button', { name: 'Save the frames' }).click();
    await expect(page.getByRole('alert').filter({ hasText: 'not known' }).first()).toBeVisible();
    await expect(badge(page)).toHaveText('1 to fix');
    await page.unrouteAll({ behavior: 'wait' });
    await page.getByRole('button', { name: 'Save the frames' }).click();
    await expect(badge(page)).toHaveText('all sent');
    const surveys = await facts<{ coveredSeams: number | null }>(page, 'surveys');
    expect(surveys.filter(({ coveredSeams }) => coveredSeams === 7)).toHaveLength(1);
  });
});

test('what an inspection does not tell is answered within the entry', async ({ page, context }) => {
  await takeToTheHive(page);
  await signal(context, false);
  await page.goto('/hive');
  await page.getByRole('link', { name: /^School roof/ }).click();
  await page.getByRole('link', { name: /Mallow/ }).click();
  const visit = page.getByRole('list', { name: 'What this visit is for' });
  await visit.getByRole('button', { name: 'record the result' }).click();
  await visit.getByRole('button', { name: /^Still in the cage/ }).click();
  await expect(visit.getByText('Check that she is out of the cage')).toHaveCount(0);
  // The entry goes on where it was, and both are kept.
  await choose(page, 'Eggs?', 'looked, none');
  await expect(page.getByTestId('verdict')).toContainText('a caged queen was given');
  await page.getByRole('button', { name: 'Save the inspection' }).filter({ visible: true }).click();
  await expect(badge(page)).toHaveText('2 saved here, not sent');
  await signal(context, true);
  await expect(badge(page)).toHaveText('all sent');
  const said = await facts<{ code: string; answer: string }>(page, 'checkAnswers');
  expect(said.filter(({ code }) => code === 'released').map(({ answer: one }) => one)).toEqual(['still-in']);
});
