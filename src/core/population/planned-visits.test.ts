import { expect, it } from 'vitest';
import { addDays } from '../calendar/day';
import { USUAL_MINUTES } from '../rounds/work';
import { DEFAULT_SETTINGS } from '../settings/settings';
import { cagedOn, minutesOf, visitDays } from './planned-visits';
import { ASKED, choose, FROM } from './testing';

const D0 = addDays(FROM, 2);
const daysOf = (...args: Parameters<typeof choose>) =>
  visitDays(choose(...args), ASKED, DEFAULT_SETTINGS).map((on) => on - D0);
const minutes = (...args: Parameters<typeof choose>) =>
  minutesOf(choose(...args), ASKED, DEFAULT_SETTINGS, USUAL_MINUTES);

it('visits are those of the method’s own plan, each day once', () => {
  expect(daysOf('nothing')).toEqual([]);
  expect(daysOf('take-cells-down')).toEqual([0]);
  expect(daysOf('demaree')).toEqual([0, 7, 14, 22]);
  expect(daysOf('nuc-swarm')).toEqual([0, 3, 7, 30]);
});

it('a bought queen is caged in a day after hers is gone, and looked after', () => {
  expect(cagedOn(choose('requeen-mated'), true)).toBe(addDays(D0, 1));
  expect(cagedOn(choose('requeen-mated'), false)).toBe(D0);
  expect(cagedOn(choose('demaree'), true)).toBeNull();
  expect(daysOf('requeen-mated')).toEqual([0, 1, 4, 8]);
  expect(daysOf('walk-away', { buysQueen: true })).toEqual([0, 1, 4, 6, 8]);
});

it('work is what the checks take', () => {
  expect(minutes('nothing')).toBe(0);
  expect(minutes('take-cells-down')).toBe(USUAL_MINUTES['thin-cells']);
  const { method, 'cells-above': above, look, supers } = USUAL_MINUTES;
  expect(minutes('demaree')).toBe(method + above + look + 2 * supers);
});
