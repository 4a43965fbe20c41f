import type { Locator, Page } from '@playwright/test';
import { day } from '../src/core/calendar/day';
import { type Answers, EXERCISES, type Exercise, type ExerciseKind } from '../src/core/practice/exercise';
import { nextExercise } from '../src/core/practice/next-exercise';
import { ASK_WORDS, choiceWords, EXERCISE_WORDS, NO_DAY_WORDS } from '../src/words/practice';
import { expect, test } from './test';

test.use({ seed: 'demo' });

const TODAY = day('2027-05-16');
/** Lots are drawn as these say, so that it is known what stands before the keeper. */
const SEEDS = [11, 12, 13] as const;

const made = (kind: ExerciseKind, seed: number): Exercise =>
  nextExercise({ kind, practised: [], cards: [], at: '2027-05-16T10:00:00.000Z', today: TODAY, seed });

async function begin(page: Page, kind: ExerciseKind, seed: number): Promise<Locator> {
  await page.addInitScript((drawn) => {
    crypto.getRandomValues = (<T extends ArrayBufferView | null>(array: T): T => {
      if (array instanceof Uint32Array) array[0] = drawn;
      return array;
    }) as typeof crypto.getRandomValues;
  }, seed);
  await page.goto('/practice');
  const { name } = EXERCISE_WORDS[kind];
  await page.getByRole('button', { name, exact: true }).press('Enter');
  const card = page.getByRole('region', { name });
  await expect(card.getByRole('heading', { level: 2, name: new RegExp(`^${name}`) })).toBeFocused();
  return card;
}

/** What is right, one question after the other; a frame is brushed off first. */
function rightAnswers({ asks, shows }: Exercise): Answers {
  let answers: Answers = shows.kind === 'frame' ? { searched: 'brushed' } : {};
  for (const { code, right } of asks) {
    const is = right(answers);
    const answer = is.is === 'choice' ? (is.oneOf[0] ?? '') : is.is === 'days' ? (is.between?.from ?? 'none') : is.ids;
    answers = { ...answers, [code]: answer };
  }
  return answers;
}

test('each exercise is answered rightly by what is said alone, no picture shown', async ({ page }) => {
  test.slow();
  for (const kind of EXERCISES)
    for (const seed of SEEDS) {
      const exercise = made(kind, seed);
      const answers = rightAnswers(exercise);
      const card = await begin(page, kind, seed);
      // Pictures tell nothing that is not said as well.
      await page.addStyleTag({ content: 'svg { visibility: hidden !important }' });
      await expect(card.locator('svg:not([aria-hidden="true"])')).toHaveCount(0);
      const { shows } = exercise;
      if (shows.kind === 'frame') {
        await card.getByRole('button', { name: 'Brush the bees off' }).press('Enter');
        const things = card.locator('button[aria-pressed]');
        await expect(things).toHaveCount(shows.things.length);
        const found = answers.found as readonly string[];
        // Live cells are told from dry cups by what is said of them.
        const names = await things.evaluateAll((all) => all.map((one) => one.getAttribute('aria-label') ?? ''));
        const live = names.filter((name) => !name.includes('with nothing in it'));
        expect(live).toHaveLength(found.length);
        for (const name of new Set(live)) {
          const same = card.getByRole('button', { name, exact: true });
          for (let i = 0; i < (await same.count()); i++) await same.nth(i).press('Enter');
        }
      }
      for (const { code, kind: asked } of exercise.asks) {
        const answer = answers[code];
        if (asked === 'choice')
          await card.getByRole('radio', { name: choiceWords(String(answer)), exact: true }).press('Space');
        else if (asked === 'days' && answer === 'none') await card.getByLabel(NO_DAY_WORDS[code] ?? '').press('Space');
        else if (asked === 'days') await card.getByLabel(ASK_WORDS[code] ?? '', { exact: true }).fill(String(answer));
        else if (shows.kind === 'frames')
          for (const id of answer as readonly string[])
            await card.getByRole('checkbox', { name: new RegExp(`^Frame ${Number(id) + 1}:`) }).press('Space');
      }
      await card.getByRole('button', { name: 'Check it' }).press('Enter');
      await expect(card.getByRole('heading', { level: 3 })).toHaveText('Right');
      await page.evaluate(() => localStorage.clear());
    }
});

test('each exercise goes from its beginning to the next by Tab, Space and Enter alone', async ({ page }) => {
  test.slow();
  for (const kind of EXERCISES) {
    const card = await begin(page, kind, 11);
    const focused = page.locator(':focus');
    for (let i = 0; i < 60; i++) {
      await page.keyboard.press('Tab');
      const is = await focused.evaluate((at) => ({
        type: at instanceof HTMLInputElement ? at.type : at.tagName.toLowerCase(),
        text: at.textContent ?? '',
        isDone: at instanceof HTMLInputElement ? at.checked : at.getAttribute('aria-pressed') === 'true',
        isThing: at.hasAttribute('aria-pressed'),
      }));
      if (is.text === 'Check it') break;
      if (is.type === 'number') await page.keyboard.type('4');
      else if ((is.type === 'radio' || is.type === 'checkbox') && !is.isDone) await page.keyboard.press('Space');
      else if (is.isThing && !is.isDone) await page.keyboard.press('Enter');
      else if (is.text === 'Shake the bees off') {
        await page.keyboard.press('Enter');
        await expect(card.getByText('Shake the bees off.')).toBeVisible();
      }
    }
    await page.keyboard.press('Enter');
    await expect(card.getByRole('heading', { level: 3 })).toBeFocused();
    await expect(card.getByText('You said:').first()).toBeVisible();
    await expect(card.getByText('You said: nothing')).toHaveCount(0);
    await page.keyboard.press('Tab');
    await expect(card.getByRole('button', { name: 'Next' })).toBeFocused();
    await page.keyboard.press('Enter');
    await expect(card.getByRole('heading', { level: 2 }).first()).toBeFocused();
  }
});
