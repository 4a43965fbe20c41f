import { describe, expect, it } from 'vitest';
import { inWords } from '../../words/in-words';
import { addDays, type Day, day, formatDay } from '../calendar/day';
import { aColony, inspection } from '../colony/testing';
import { DEFAULT_SETTINGS } from '../settings/settings';
import { foldColony } from '../state/fold';
import type { Afternoons } from '../weather/afternoons';

/** A virgin was seen to emerge. */
const E = day('2027-05-10');
const days = (first: number, last: number) =>
  Array.from({ length: last - first + 1 }, (_, i) => addDays(E, first + i) as Day);
const KEPT_IN: Afternoons = { good: [], poor: days(0, 10) };

function stateOn(today: Day, afternoons: Afternoons | null, noEggsOn: Day | null = null) {
  const emerged = { from: E, to: E };
  const facts = aColony({
    queenEvents: [{ id: 'v', queenId: 'q', at: null, on: E, to: null, kind: 'virgin-out', emerged }],
    inspections:
      noEggsOn === null
        ? []
        : [
            inspection({
              at: `${formatDay(noEggsOn)}T12:00`,
              eggs: 'none',
              queen: 'not-looked-for',
              thoroughness: 'tip-up',
            }),
          ],
    afternoons,
  });
  return foldColony(facts, DEFAULT_SETTINGS, today);
}
const checkOf = (code: string, state: ReturnType<typeof stateOn>) =>
  state.schedule.checks.find((check) => check.code === code);

describe('a mating that may be late', () => {
  it('is said once her first ten days are over, and the days on which her eggs are looked for stay', () => {
    const [plain, kept] = [stateOn(addDays(E, 12), null), stateOn(addDays(E, 12), KEPT_IN)];
    const [eggs, late] = [checkOf('eggs', plain), checkOf('eggs', kept)];
    expect(late?.window).toEqual(eggs?.window);
    expect(inWords(late?.why as never)).toContain('Mating may be late: no afternoon was fit for flights 15 to 20 May.');
    expect(inWords(eggs?.why as never)).not.toContain('late');
    expect(kept.schedule.eggsBy).toEqual(plain.schedule.eggsBy);
    expect(checkOf('eggs', stateOn(addDays(E, 10), KEPT_IN))?.why).toEqual(eggs?.why);
  });

  it('puts the test frame off by four days, and still lets it be given at once', () => {
    const empty = addDays(E, 17);
    const [plain, kept] = [stateOn(empty, null, empty), stateOn(empty, KEPT_IN, empty)];
    expect(checkOf('act', plain)?.window).toEqual({ earliest: empty, ideal: empty, latest: addDays(empty, 3) });
    expect(checkOf('act', kept)?.window).toEqual({
      earliest: empty,
      ideal: addDays(empty, 4),
      latest: addDays(empty, 7),
    });
    expect(inWords(checkOf('act', kept)?.why as never)).toContain('It can wait until 31 May.');
  });

  it('is not said where she could fly, or one of the days is not known', () => {
    const today = addDays(E, 12);
    const why = (afternoons: Afternoons) => checkOf('eggs', stateOn(today, afternoons))?.why;
    const plain = checkOf('eggs', stateOn(today, null))?.why;
    expect(why({ good: days(8, 8), poor: [...days(0, 7), ...days(9, 11)] })).toEqual(plain);
    expect(why({ good: [], poor: [...days(0, 7), ...days(9, 11)] })).toEqual(plain);
  });

  it('counts her good afternoons, from the day on which she may be out', () => {
    const flown: Afternoons = { good: [...days(6, 7), ...days(14, 15)], poor: days(8, 9) };
    expect(stateOn(addDays(E, 10), flown).flights).toEqual({
      from: addDays(E, 5),
      soFar: 2,
      forecast: 2,
      unknown: 1,
      lateSince: null,
    });
    expect(stateOn(addDays(E, -1), flown).flights).toBeNull();
    expect(stateOn(addDays(E, 10), null).flights).toBeNull();
  });
});
