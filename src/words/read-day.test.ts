import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { addDays, day, formatDay } from '../core/calendar/day';
import { readDay, writtenDay } from './read-day';

/** A Sunday. */
const TODAY = day('2027-05-16');
const read = (text: string, bounds = {}) => {
  const found = readDay(text, TODAY, bounds);
  return found && formatDay(found);
};

describe('a day as people write it', () => {
  it.each([
    ['15 May', '2027-05-15'],
    ['may 15', '2027-05-15'],
    ['15th May 2026', '2026-05-15'],
    ['Sat 15 May', '2027-05-15'],
    ['saturday, 15 may 2027', '2027-05-15'],
    ['2027-05-15', '2027-05-15'],
    ['today', '2027-05-16'],
    ['Yesterday', '2027-05-15'],
    ['tomorrow', '2027-05-17'],
    ['3 days ago', '2027-05-13'],
    ['in 1 day', '2027-05-17'],
    ['sun', '2027-05-16'],
    ['Monday', '2027-05-17'],
    ['14', '2027-05-14'],
    ['31', '2027-05-31'],
    ['20 Dec', '2026-12-20'],
    ['29 feb 2028', '2028-02-29'],
  ])('%s is %s', (text, expected) => expect(read(text)).toBe(expected));

  it.each(['', 'some day', '5/10', '05/10/2027', '32 May', '30 Feb', '15 may 16', 'may', 'may 2027', '1 2 may'])(
    '%j is none',
    (text) => expect(read(text)).toBeNull(),
  );

  it('is the nearest that can be, where it could be several', () => {
    const past = { latest: TODAY };
    expect(read('mon', past)).toBe('2027-05-10');
    expect(read('20 May', past)).toBe('2026-05-20');
    expect(read('31', past)).toBe('2027-05-31');
    expect(read('30', past)).toBe('2027-04-30');
    expect(read('sun', { earliest: addDays(TODAY, 1) })).toBe('2027-05-23');
  });

  it('is read back as it was written', () => {
    fc.assert(
      fc.property(fc.integer({ min: -2000, max: 2000 }), (days) => {
        const one = addDays(TODAY, days);
        expect(readDay(writtenDay(one, TODAY), TODAY)).toBe(one);
      }),
    );
  });
});
