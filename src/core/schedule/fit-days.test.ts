import { describe, expect, it } from 'vitest';
import { addDays, type Day, day } from '../calendar/day';
import type { DayFit } from '../weather/weather-of';
import { noFitDay } from './fit-days';

const D = day('2027-05-16');
const days = (...fits: DayFit[]) => fits.map((fit, i) => ({ on: addDays(D, i), fit }));
const window = (from: number, to: number) => ({
  earliest: addDays(D, from) as Day,
  ideal: addDays(D, to),
  latest: addDays(D, to),
});

describe('a window without a fit day', () => {
  it('is said with the first fit day after it', () => {
    expect(
      noFitDay({ code: 'look', opens: true, window: window(0, 2) }, days('shut', 'brief', 'shut', 'brief', 'open'), D),
    ).toEqual({
      until: addDays(D, 2),
      next: addDays(D, 4),
    });
    expect(noFitDay({ code: 'look', opens: true, window: window(1, 1) }, days('open', 'shut'), D)).toEqual({
      until: addDays(D, 1),
      next: null,
    });
  });

  it('is not said while a day of it is fit, or not known', () => {
    expect(noFitDay({ code: 'look', opens: true, window: window(0, 2) }, days('shut', 'open', 'shut'), D)).toBeNull();
    expect(
      noFitDay({ code: 'look', opens: true, window: window(0, 2) }, days('shut', 'unknown', 'shut'), D),
    ).toBeNull();
    expect(noFitDay({ code: 'look', opens: true, window: window(0, 2) }, days('shut', 'shut'), D)).toBeNull();
  });

  it('counts from today, and a brief look is enough for what does not open the nest', () => {
    expect(
      noFitDay(
        { code: 'look', opens: true, window: window(-3, 0) },
        [...days('shut'), { on: addDays(D, -1), fit: 'open' }],
        D,
      ),
    ).not.toBeNull();
    expect(noFitDay({ code: 'doors', opens: false, window: window(0, 0) }, days('brief'), D)).toBeNull();
    // Seen from above, though the hive is opened for it.
    expect(noFitDay({ code: 'supers-check', opens: true, window: window(0, 0) }, days('brief'), D)).toBeNull();
    // It is late, which is said elsewhere.
    expect(noFitDay({ code: 'look', opens: true, window: window(-3, -1) }, days('shut'), D)).toBeNull();
  });
});
