import { expect, it } from 'vitest';
import { day } from './day';
import { clockText, hourText, minuteAt, minuteOfDay, minutesOf } from './minute';

const D = day('2027-05-16');

it('a minute is put together and taken apart, also past midnight', () => {
  expect(minuteAt(D, 0)).toBe('2027-05-16T00:00');
  expect(minuteAt(D, 845)).toBe('2027-05-16T14:05');
  expect(minuteAt(D, 1441)).toBe('2027-05-17T00:01');
  expect(minuteOfDay('2027-05-16T14:05')).toBe(845);
  expect(minutesOf('2027-05-17T00:01') - minutesOf('2027-05-16T23:59')).toBe(2);
  expect([clockText(1440), hourText(9), hourText(24)]).toEqual(['24:00', '09:00', '24:00']);
});
