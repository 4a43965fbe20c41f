import { expect, it } from 'vitest';
import { day } from '../core/calendar/day';
import { skyOver } from './sky';

const [one, two] = [day('2027-05-16'), day('2027-05-17')];
const sky = [
  { apiaryId: 'a', days: [[one, 'open'] as const, [two, 'unknown'] as const] },
  { apiaryId: 'b', days: [[one, 'brief'] as const, [two, 'open'] as const] },
];

it('is of one apiary, or the least that is allowed at any', () => {
  expect([...skyOver(sky, 'a')]).toEqual([[one, 'open']]);
  expect([...skyOver(sky, undefined)]).toEqual([
    [one, 'brief'],
    [two, 'open'],
  ]);
  expect(skyOver(sky, 'c').size).toBe(0);
});
