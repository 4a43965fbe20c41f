import { expect, it } from 'vitest';
import { addDays, day } from '../calendar/day';
import { farBack } from './far-back';
import { aColony, inspection } from './testing';

const today = day('2027-07-01');
const known = aColony({ startedOn: day('2027-01-10'), inspections: [inspection({ at: '2027-02-01T12:00' })] });

it.each([
  [-60, null],
  [-61, 'long-ago'],
  [-172, 'long-ago'],
  [-173, 'before-records'],
  [0, null],
])('a day %i days away: %s', (days, why) => {
  expect(farBack(addDays(today, days), known, today)).toBe(why);
});
