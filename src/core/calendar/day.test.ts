import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { distanceWords, minuteWords, rangeWords, weekdayWords } from '../../words/days';
import { addDays, type Day, day, dayOfWeek, daysBetween, formatDay, parseDay } from './day';
import { isToCome } from './now';

const anyDay = fc.integer({ min: day('1901-01-01'), max: day('2198-12-31') }).map((n) => n as Day);

describe('day', () => {
  it.each(['2027-02-29', '2027-13-01', '2027-00-10', '2027-04-31', '27-04-01', '2027-4-1', '1899-12-31', '2200-01-01'])(
    'refuses %s',
    (text) => expect(parseDay(text)).toBeNull(),
  );

  it('takes the leap day of a leap year', () => expect(formatDay(day('2028-02-29'))).toBe('2028-02-29'));

  it('reads back what it writes, and counts what it adds', () => {
    fc.assert(
      fc.property(anyDay, fc.integer({ min: -300, max: 300 }), (start, count) => {
        expect(parseDay(formatDay(start))).toBe(start);
        expect(daysBetween(start, addDays(start, count))).toBe(count);
      }),
    );
  });

  it('knows the weekday', () => {
    fc.assert(
      fc.property(anyDay, (any) => {
        expect(dayOfWeek(any)).toBe(new Date(`${formatDay(any)}T00:00:00Z`).getUTCDay());
      }),
    );
  });

  it('throws on text that is known to be a day and is not', () => expect(() => day('soon')).toThrow(/soon/));
});

describe('a minute to come', () => {
  it('is more than ten minutes off, so that a clock that goes a little fast is no fault', () => {
    expect(isToCome('2027-05-16T18:10', '2027-05-16T18:00')).toBe(false);
    expect(isToCome('2027-05-16T18:11', '2027-05-16T18:00')).toBe(true);
    expect(isToCome('2027-05-17T00:03', '2027-05-16T23:58')).toBe(false);
    expect(isToCome('2027-05-15T23:59', '2027-05-16T00:00')).toBe(false);
  });
});

describe('words', () => {
  it('say a minute by its weekday', () => {
    expect(minuteWords('2027-05-20T15:30')).toBe('Thu 20 May, 15:30');
  });

  it('says days as people do', () => {
    expect(weekdayWords(day('2027-05-20'))).toBe('Thu 20 May');
    expect(distanceWords(day('2027-05-20'), day('2027-05-17'))).toBe('in 3 days');
    expect(distanceWords(day('2027-05-16'), day('2027-05-17'))).toBe('yesterday');
    expect(rangeWords({ from: day('2027-05-03'), to: day('2027-05-05') })).toBe('3 to 5 May');
    expect(rangeWords({ from: day('2027-04-30'), to: day('2027-05-02') })).toEqual('30 Apr to 2 May');
    expect(rangeWords({ from: day('2027-05-03'), to: day('2027-05-03') })).toBe('3 May');
  });
});
