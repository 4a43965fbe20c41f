import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { dueWords } from '../../words/due';
import { addDays, day, daysBetween } from '../calendar/day';
import type { Window } from '../calendar/window';
import { verbatim } from '../says/together';
import { aCheck, CHECK_CODES, type Check } from '../schedule/check';
import { standingOf } from '../schedule/standing';
import { DEFAULT_SETTINGS, SETTING_LIMITS } from '../settings/settings';
import { eggsWindow, emergencyEmergence, findCellsWindow, firstEggsWindow, leaveShutSpan } from './virgin-care';

const D0 = day('2027-05-10');
const windowIn = (days: readonly number[]): Window => {
  const [earliest, likelyFrom, likelyTo, latest] = days.map((n) => addDays(D0, n)) as [never, never, never, never];
  return { earliest, likelyFrom, likelyTo, latest };
};
const inDays = (window: object) => Object.values(window).map((on) => daysBetween(D0, on));

describe('a virgin’s care', () => {
  it('knows when emergency cells let their queens out', () => {
    expect(inDays(emergencyEmergence(D0))).toEqual([9, 10, 16, 17]);
  });

  it('leaves the hive shut around her flights and looks for eggs after', () => {
    const emergence = windowIn([9, 10, 16, 17]);
    expect(inDays(leaveShutSpan(emergence, DEFAULT_SETTINGS))).toEqual([9, 27]);
    expect(inDays(eggsWindow(emergence, DEFAULT_SETTINGS))).toEqual([28, 30, 34, 45]);
    expect(inDays(firstEggsWindow(emergence))).toEqual([17, 22, 28, 38]);
  });

  it('never looks for eggs while the hive is to be left shut, whatever the settings', () => {
    const { min, max } = SETTING_LIMITS.leaveShutDays;
    fc.assert(
      fc.property(fc.integer({ min, max }), fc.integer({ min: 0, max: 8 }), (leaveShutDays, spread) => {
        const emergence = windowIn([9, 10, 10 + spread, 11 + spread]);
        const settings = { ...DEFAULT_SETTINGS, leaveShutDays };
        const eggs = eggsWindow(emergence, settings);
        expect(eggs.earliest).toBeGreaterThan(leaveShutSpan(emergence, settings).to);
        expect(eggs.earliest <= eggs.ideal && eggs.ideal <= eggs.latest).toBe(true);
      }),
    );
  });

  it('finds every emergency cell in one look before any virgin is out', () => {
    expect(inDays(findCellsWindow(D0, null))).toEqual([6, 7, 8]);
    expect(inDays(findCellsWindow(D0, windowIn([9, 10, 16, 17])))).toEqual([6, 7, 8]);
    expect(inDays(findCellsWindow(D0, windowIn([8, 9, 10, 11])))).toEqual([6, 7, 7]);
    expect(inDays(findCellsWindow(D0, windowIn([7, 9, 10, 11])))).toEqual([6, 6, 6]);
    expect(inDays(findCellsWindow(D0, windowIn([4, 9, 10, 11])))).toEqual([3, 3, 3]);
    expect(inDays(findCellsWindow(D0, windowIn([0, 0, 1, 2])))).toEqual([1, 1, 1]);
  });
});

describe('when a check presses', () => {
  const check = aCheck({
    key: 'look',
    code: 'look',
    window: { earliest: addDays(D0, 5), ideal: addDays(D0, 6), latest: addDays(D0, 7) },
    why: verbatim(''),
  });
  const onDay = (one: Check, days: number) => ({ check: one, standing: standingOf(one, [], addDays(D0, days)) });
  it.each([
    [4, 'later', 'Inspect Sun 16 May, in 2 days'],
    [5, 'now', 'Inspect by Mon 17 May, best Sun 16 May'],
    [6, 'now', 'Inspect by Mon 17 May, best now'],
    [7, 'now', 'Inspect today'],
    [8, 'late', 'Late: inspect. Due by Mon 17 May, yesterday'],
    [10, 'late', 'Late: inspect. Due by Mon 17 May, 3 days ago'],
  ] as const)('on day %i: %s', (days, urgency, words) => {
    expect(onDay(check, days).standing).toBe(urgency);
    expect(dueWords(onDay(check, days), addDays(D0, days))).toBe(words);
  });

  it('has words for every check, and takes its own order where it has one', () => {
    for (const code of CHECK_CODES) expect(dueWords(onDay({ ...check, code }, 0), D0)).saying(/^[A-Z]/);
    expect(dueWords(onDay({ ...check, order: verbatim('Give room') }, 7), addDays(D0, 7))).toEqual('Give room today');
  });
});
