import { describe, expect, it } from 'vitest';
import { day } from '../core/calendar/day';
import { aCheck, type CheckCode } from '../core/schedule/check';
import { say } from '../core/schedule/says';
import type { CheckOnDay } from '../core/schedule/standing';
import { lineWords } from './line';

const TODAY = day('2027-05-16');
const task = (
  code: CheckCode,
  latest: string,
  standing: CheckOnDay['standing'] = 'now',
  plannedFor: string | null = null,
) => {
  const last = day(`2027-${latest}`);
  const window = { earliest: last, ideal: last, latest: last };
  const check = aCheck({ key: code, code, window, why: say('nothing-else-due') });
  return { check: { ...check, plannedFor: plannedFor === null ? null : day(`2027-${plannedFor}`) }, standing };
};

describe('what is to be done at a hive, in a line', () => {
  it.each([
    ['one thing today', [task('look', '05-16')], 'Inspect. Today.'],
    ['by tomorrow', [task('look', '05-17')], 'Inspect. By tomorrow.'],
    ['by a day of this week', [task('eggs', '05-22')], 'Look for eggs. By Sat.'],
    ['by a day further off', [task('eggs', '05-23')], 'Look for eggs. By Sun 23 May.'],
    ['due yesterday', [task('look', '05-15', 'late')], 'Inspect. Was due yesterday.'],
    ['late', [task('look', '05-13', 'late')], 'Inspect. Late since Fri.'],
    ['late by weeks', [task('look', '05-01', 'late')], 'Inspect. Late since Sun 2 May.'],
    ['put on a later day', [task('look', '05-13', 'now', '05-19')], 'Inspect. By Wed.'],
    [
      'two, the first last day',
      [task('make-room', '05-19'), task('look', '05-17')],
      'Make room. Inspect. By tomorrow.',
    ],
    [
      'of two the late one',
      [task('make-room', '05-19'), task('look', '05-13', 'late')],
      'Make room. Inspect. Late since Fri.',
    ],
    [
      'no room for the second',
      [task('clear-top-cells', '05-17'), task('bottom-check', '05-18')],
      'Search the top box for cells. 1 more. By tomorrow.',
    ],
    [
      'three',
      [task('look', '05-17'), task('make-room', '05-18'), task('eggs', '05-18')],
      'Inspect. Make room. 1 more. By tomorrow.',
    ],
  ] as const)('%s', (_, tasks, words) => {
    expect(lineWords(tasks, TODAY)).toBe(words);
  });
});
