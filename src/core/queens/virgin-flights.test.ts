import { describe, expect, it } from 'vitest';
import { addDays, type Day, day } from '../calendar/day';
import { virginFlights } from './virgin-flights';

const E = day('2027-05-01');
const on = (emerged: Day) => ({ earliest: emerged, likelyFrom: emerged, likelyTo: emerged, latest: emerged });
const days = (first: number, last: number) => Array.from({ length: last - first + 1 }, (_, i) => addDays(E, first + i));

describe('the flights of a virgin', () => {
  it('are late once every afternoon of her first ten days was poor, and not before they are over', () => {
    const poor = days(5, 10);
    expect(virginFlights(on(E), { good: [], poor }, addDays(E, 11)).lateSince).toBe(addDays(E, 10));
    expect(virginFlights(on(E), { good: [], poor }, addDays(E, 10)).lateSince).toBeNull();
    // A good one later does not make up for them.
    expect(virginFlights(on(E), { good: days(12, 13), poor }, addDays(E, 14))).toMatchObject({
      soFar: 2,
      lateSince: addDays(E, 10),
    });
  });

  it('are not said to be late while one of the afternoons is not known, or was good', () => {
    const poor = days(5, 10);
    expect(virginFlights(on(E), { good: [], poor: poor.slice(1) }, addDays(E, 12)).lateSince).toBeNull();
    const flown = virginFlights(on(E), { good: days(7, 7), poor: [...days(5, 6), ...days(8, 10)] }, addDays(E, 12));
    expect(flown).toEqual({ from: addDays(E, 5), soFar: 1, forecast: 0, unknown: 1, lateSince: null });
  });

  it('count for her last possible emergence, and from her first', () => {
    const window = { ...on(E), likelyTo: addDays(E, 2), latest: addDays(E, 3) };
    const poor = days(5, 12);
    expect(virginFlights(window, { good: [], poor }, addDays(E, 14)).lateSince).toBeNull();
    expect(virginFlights(window, { good: [], poor: [...poor, addDays(E, 13)] }, addDays(E, 14)).lateSince).toBe(
      addDays(E, 13),
    );
    expect(virginFlights(window, { good: days(5, 6), poor: [] }, addDays(E, 6))).toMatchObject({
      soFar: 1,
      forecast: 1,
    });
  });

  it('before she can fly there are none', () => {
    expect(virginFlights(on(E), { good: days(0, 4), poor: [] }, addDays(E, 2))).toEqual({
      from: addDays(E, 5),
      soFar: 0,
      forecast: 0,
      unknown: 0,
      lateSince: null,
    });
  });
});
