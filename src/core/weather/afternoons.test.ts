import { describe, expect, it } from 'vitest';
import { addDays, type Day, day, formatDay } from '../calendar/day';
import { afternoonsOf } from './afternoons';
import type { WeatherHour } from './weather-of';

const D = day('2027-05-10');
const hours = (on: Day, temps: Readonly<Record<number, number>>): WeatherHour[] =>
  Object.entries(temps).map(([of, tempC]) => ({
    at: `${formatDay(on)}T${of.padStart(2, '0')}:00`,
    tempC,
    rainMm: 0,
    windMs: 1,
  }));

describe('afternoons', () => {
  it('are good with two hours for flights, which need not run', () => {
    expect(afternoonsOf(hours(D, { 12: 18, 17: 18 }))).toEqual({ good: [D], poor: [] });
    // Before noon and from six on nobody flies.
    expect(afternoonsOf(hours(D, { 11: 25, 12: 18, 18: 25 }))).toEqual({ good: [], poor: [] });
  });

  it('are poor only where the hours that are not given could not have made them good', () => {
    const cold = { 12: 9, 13: 9, 14: 9, 15: 9 };
    expect(afternoonsOf(hours(D, { ...cold, 16: 9 })).poor).toEqual([D]);
    expect(afternoonsOf(hours(D, cold)).poor).toEqual([]);
    expect(afternoonsOf(hours(D, { ...cold, 16: 20 })).poor).toEqual([]);
    expect(afternoonsOf(hours(D, { ...cold, 16: 20, 17: 17.9 })).poor).toEqual([D]);
  });

  it('come in order of time, whatever order the hours come in', () => {
    const later = addDays(D, 1);
    expect(afternoonsOf([...hours(later, { 12: 20, 13: 20 }), ...hours(D, { 12: 20, 13: 20 })]).good).toEqual([
      D,
      later,
    ]);
  });
});
