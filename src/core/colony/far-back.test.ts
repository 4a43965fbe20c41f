import { expect, it } from 'vitest';
import { addDays, day } from '../calendar/day';
import { farBack } from './far-back';
import { aColony, inspection } from './testing';

const today = day('2027-07-01');
const known = aColony({ startedOn: day('2027-01-10'), inspections: [inspection({ at: '2027-02-01T12:00' })] });

it('a colony that was entered lately has its past filled in, and is asked about what lies long ago alone', () => {
  const fresh = { ...known, startedOn: addDays(today, -3), inspections: [], enteredOn: addDays(today, -14) };
  expect(farBack(addDays(today, -40), fresh, today)).toBeNull();
  expect(farBack(addDays(today, -61), fresh, today)).toBe('long-ago');
  expect(farBack(addDays(today, -40), { ...fresh, enteredOn: addDays(today, -15) }, today)).toBe('before-records');
});

it.each([
  [-60, null],
  [-61, 'long-ago'],
  [-172, 'long-ago'],
  [-173, 'before-records'],
  [0, null],
])('a day %i days away: %s', (days, why) => {
  expect(farBack(addDays(today, days), known, today)).toBe(why);
});
