import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { addDays, day, formatDay } from '../../calendar/day';
import { daysOfColumn, orderOf, readTime, readWrittenDay } from './written-day';

const read = (text: string, over: Partial<Parameters<typeof readWrittenDay>[1]> = {}) => {
  const found = readWrittenDay(text, { order: null, year: null, ...over }, 'Europe/London');
  return typeof found === 'string' ? found : `${formatDay(found.on)}${found.time === null ? '' : ` ${found.time}`}`;
};
const column = (...cells: string[]) => daysOfColumn(cells.map((text) => ({ text, count: 1 })));

describe('a day as it is written in a sheet', () => {
  it.each([
    ['2027-05-16', '2027-05-16'],
    ['2027/5/6', '2027-05-06'],
    ['2027.05.06', '2027-05-06'],
    ['16/5/2027', '2027-05-16'],
    ['5/16/2027', '2027-05-16'],
    ['16.5.27', '2027-05-16'],
    ['16. 5. 2027', '2027-05-16'],
    ['5/5/2027', '2027-05-05'],
    ['16 May 2027', '2027-05-16'],
    ['May 16, 2027', '2027-05-16'],
    ['16-May-27', '2027-05-16'],
    ['Sunday, 16th May 2027', '2027-05-16'],
    ["16 Sept '27", '2027-09-16'],
    ['46523', '2027-05-16'],
    ['46523.625', '2027-05-16 15:00'],
    ['46523,999999', '2027-05-17 00:00'],
    ['2027-05-16 14:30', '2027-05-16 14:30'],
    ['2027-05-16T14:30:59', '2027-05-16 14:30'],
    ['2027-05-16T13:30Z', '2027-05-16 14:30'],
    ['16/5/2027 2.30 pm', '2027-05-16 14:30'],
    ['16 May 2027, 9:05', '2027-05-16 09:05'],
    ['16 May 2027 2pm', '2027-05-16 14:00'],
    ['29/2/2028', '2028-02-29'],
    ['5/10/2027', 'no-order'],
    ['16/5', 'no-year'],
    ['16 May', 'no-year'],
    ['29/2/2027', 'no-day'],
    ['31/4/2027', 'no-day'],
    ['13/13/2027', 'no-day'],
    ['2027-13-01', 'no-day'],
    ['sometime in May', 'no-day'],
    ['May', 'no-day'],
    ['14:30', 'no-day'],
    ['', 'no-day'],
  ])('%s: %s', (text, expected) => expect(read(text)).toBe(expected));

  it('goes by the order and the year of its column', () => {
    expect(read('5/10/2027', { order: 'dmy' })).toBe('2027-10-05');
    expect(read('5/10/2027', { order: 'mdy' })).toBe('2027-05-10');
    expect(read('16/5/2027', { order: 'mdy' })).toBe('no-day');
    expect(read('16/5', { order: 'dmy', year: 2026 })).toBe('2026-05-16');
    expect(read('29 Feb', { year: 2027 })).toBe('no-day');
    expect(readWrittenDay('2027-05-16T12:00Z', { order: null, year: null }, null)).toBe('no-zone');
  });

  it('is read back under the order in which it was written, whatever day it is', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 0, max: 20_000 }),
        fc.constantFrom('dmy', 'mdy'),
        fc.constantFrom('/', '.', '-'),
        (n, order, sign) => {
          const iso = formatDay(addDays(day('2000-01-01'), n));
          const [year, month, date] = iso.split('-');
          const text = (order === 'dmy' ? [date, month, year] : [month, date, year]).join(sign);
          expect(read(text, { order: order as 'dmy' })).toBe(iso);
          const unsaid = read(text);
          expect(unsaid === iso || unsaid === 'no-order').toBe(true);
        },
      ),
    );
  });

  it.each([
    ['14:30', '14:30'],
    ['14.30', '14:30'],
    ['14h30', '14:30'],
    ['2 pm', '14:00'],
    ['12 am', '00:00'],
    ['12.15 pm', '12:15'],
    ['9:05:59', '09:05'],
    ['24:00', null],
    ['13 pm', null],
    ['14', null],
    ['7.5', null],
    ['noon', null],
  ])('the time %s: %s', (text, expected) => expect(readTime(text)).toBe(expected));
});

describe('what the days of a column leave open', () => {
  it('nothing, where one of them can be read one way alone', () => {
    expect(orderOf(column('3/5/2027', '13/5/2027'))).toBe('dmy');
    expect(orderOf(column('3/5/2027', '5/13/2027'))).toBe('mdy');
    expect(orderOf(column('5/5/2027', '2027-05-03', 'later'))).toBe('dmy');
  });

  it('their order, where all could be read both ways, and where some are for the one and as many for the other', () => {
    expect(orderOf(column('3/5/2027', '5/5/2027'))).toBe(null);
    expect(orderOf(column('3/5/2027', '13/5/2027', '5/13/2027'))).toBe(null);
  });

  it('their year, and how many are days at all', () => {
    expect(column('16 May', '17/5', '16 May 2027', 'soon')).toMatchObject({ cells: 4, days: 3, withoutYear: 2 });
  });
});
