import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { addDays, type Day, day, formatDay } from '../calendar/day';
import { type WeatherHour, weatherOf } from './weather-of';

const D = day('2027-05-10');
const at = (on: Day, hour: number) => `${formatDay(on)}T${String(hour).padStart(2, '0')}:00`;
const hour = (on: Day, of: number, over: Partial<WeatherHour> = {}): WeatherHour => ({
  at: at(on, of),
  tempC: 10,
  rainMm: 0,
  windMs: 2,
  ...over,
});
/** A day of all its hours, as warm as said at each. */
const aDay = (on: Day, tempOf: (hour: number) => number, over: Partial<WeatherHour> = {}) =>
  Array.from({ length: 24 }, (_, of) => hour(on, of, { tempC: tempOf(of), ...over }));
const cold = (on: Day) => aDay(on, () => 8);
const warm = (on: Day) => aDay(on, (of) => (of >= 10 && of < 18 ? 19 : 11));
const fits = (hours: readonly WeatherHour[]) => weatherOf(hours, [], D).days.map(({ fit }) => fit);

describe('the weather of a day', () => {
  it('is open with two open hours running, within working hours alone', () => {
    expect(fits(aDay(D, (of) => (of === 12 || of === 13 ? 14 : 8)))).toEqual(['open']);
    expect(fits(aDay(D, (of) => (of === 12 || of === 14 ? 14 : 8)))).toEqual(['brief']);
    // From 19:00 to 20:00 is the last; 20:00 to 21:00 is none.
    expect(fits(aDay(D, (of) => (of === 19 || of === 20 ? 14 : 8)))).toEqual(['brief']);
    expect(fits(aDay(D, () => 11.9))).toEqual(['shut']);
  });

  it('is shut by rain, and by wind as strong as its bound', () => {
    expect(fits(aDay(D, () => 20, { rainMm: 0.1 }))).toEqual(['shut']);
    expect(fits(aDay(D, () => 20, { windMs: 7 }))).toEqual(['brief']);
    expect(fits(aDay(D, () => 20, { windMs: 9 }))).toEqual(['shut']);
  });

  it('is not known from fewer than four working hours, unless they show it open', () => {
    expect(fits([hour(D, 9), hour(D, 10), hour(D, 11)])).toEqual(['unknown']);
    expect(fits([hour(D, 9), hour(D, 10), hour(D, 11), hour(D, 12)])).toEqual(['shut']);
    expect(fits([hour(D, 9, { tempC: 14 }), hour(D, 10, { tempC: 14 })])).toEqual(['open']);
    // A day between two that are given, of which nothing is.
    expect(fits([hour(D, 9), hour(addDays(D, 2), 9)])).toEqual(['unknown', 'unknown', 'unknown']);
  });

  it('tells runs of open hours of any length by where they begin and end', () => {
    const { days } = weatherOf(
      aDay(D, (of) => (of === 9 || (of >= 17 && of <= 21) ? 15 : 8)),
      [],
      D,
    );
    expect(days[0]?.open).toEqual([
      { from: 9, to: 10 },
      { from: 17, to: 20 },
    ]);
  });
});

describe('nights', () => {
  it('run from nine to seven, and are known by eight of their ten hours', () => {
    const night = [21, 22, 23].map((of) => hour(D, of, { tempC: 6 }));
    const morning = [0, 1, 2, 3, 4].map((of) => hour(addDays(D, 1), of, { tempC: 4 - of }));
    const { days, nightsKnown, coldestOfNextFive } = weatherOf([...night, ...morning], [], D);
    expect(days[0]).toMatchObject({ nightLowC: 0, nightHours: 8 });
    expect([nightsKnown, coldestOfNextFive]).toEqual([1, 0]);
    expect(weatherOf([...night, ...morning.slice(1)], [], D)).toMatchObject({
      coldestOfNextFive: null,
      nightsKnown: 0,
    });
    // Seven in the morning is day.
    expect(weatherOf([...night, ...morning, hour(addDays(D, 1), 7, { tempC: -9 })], [], D).coldestOfNextFive).toBe(0);
  });

  it('count for the next five by their hours, wherever the days end', () => {
    const six = [0, 1, 2, 3, 4, 5].flatMap((i) => aDay(addDays(D, i), () => 10 - i));
    // The sixth night is not asked for; the fifth ends on the sixth morning.
    expect(weatherOf(six, [], D)).toMatchObject({ nightsKnown: 5, coldestOfNextFive: 5 });
    expect(weatherOf(six, [], addDays(D, 6))).toMatchObject({ nightsKnown: 0, coldestOfNextFive: null });
  });
});

describe('flights and swarms', () => {
  const days = [cold(D), warm(addDays(D, 1)), warm(addDays(D, 2)), cold(addDays(D, 3)), warm(addDays(D, 4))].flat();

  it('counts good afternoons since she could fly, and those to come', () => {
    const virgins = [
      { id: 'a', flightsFrom: D },
      { id: 'b', flightsFrom: addDays(D, 2) },
      { id: 'c', flightsFrom: addDays(D, 4) },
    ];
    expect(weatherOf(days, virgins, addDays(D, 2)).virgins).toEqual([
      { id: 'a', goodSoFar: 1, goodForecast: 2 },
      { id: 'b', goodSoFar: 0, goodForecast: 2 },
      { id: 'c', goodSoFar: 0, goodForecast: 1 },
    ]);
  });

  it('names a warm day after two that kept the bees in, and none of whose days before nothing is known', () => {
    const run = [cold(D), cold(addDays(D, 1)), warm(addDays(D, 2)), cold(addDays(D, 3)), warm(addDays(D, 4))].flat();
    expect(weatherOf(run, [], D).swarmWeather).toEqual([addDays(D, 2)]);
    expect(weatherOf([...cold(addDays(D, 1)), ...warm(addDays(D, 2))], [], D).swarmWeather).toEqual([]);
    expect(weatherOf([...cold(D), hour(addDays(D, 1), 9), ...warm(addDays(D, 2))], [], D).swarmWeather).toEqual([]);
  });
});

describe('whatever the hours', () => {
  const hours = fc
    .uniqueArray(fc.tuple(fc.integer({ min: 0, max: 4 }), fc.integer({ min: 0, max: 23 })), {
      minLength: 1,
      maxLength: 110,
      selector: ([on, of]) => on * 24 + of,
    })
    .chain((times) =>
      fc.tuple(
        ...times.map(([on, of]) =>
          fc.record({
            at: fc.constant(at(addDays(D, on), of)),
            tempC: fc.constantFrom(5, 11.9, 12, 13.9, 14, 17.9, 18, 25),
            rainMm: fc.constantFrom(0, 0, 0, 0.2),
            windMs: fc.constantFrom(0, 5.9, 6, 6.9, 7, 8.9, 9),
          }),
        ),
      ),
    );

  /** The rule read out word by word. */
  function fitByTheWord(given: readonly WeatherHour[], on: Day) {
    const find = (of: number) => given.find((one) => one.at === at(on, of));
    const working = Array.from({ length: 11 }, (_, i) => find(9 + i));
    const open = working.map((one) => !!one && one.tempC >= 14 && one.rainMm === 0 && one.windMs < 7);
    const brief = working.some((one) => !!one && one.tempC >= 12 && one.rainMm === 0 && one.windMs < 9);
    if (open.some((is, i) => is && open[i + 1])) return 'open';
    if (working.filter(Boolean).length < 4) return 'unknown';
    return brief ? 'brief' : 'shut';
  }

  it('says of each day and night what the words of the rule say', () => {
    fc.assert(
      fc.property(hours, (given) => {
        const { days } = weatherOf(given, [], D);
        for (const { on, fit, nightHours, nightLowC, flightHours } of days) {
          expect(fit).toBe(fitByTheWord(given, on));
          const night = given.filter(
            (one) =>
              (one.at >= at(on, 21) && one.at <= at(on, 23)) ||
              (one.at >= at(addDays(on, 1), 0) && one.at <= at(addDays(on, 1), 6)),
          );
          expect(nightHours).toBe(night.length);
          expect(nightLowC).toBe(night.length < 8 ? null : Math.min(...night.map(({ tempC }) => tempC)));
          const flights = given.filter(
            (one) =>
              one.at >= at(on, 12) && one.at <= at(on, 17) && one.tempC >= 18 && one.rainMm === 0 && one.windMs < 6,
          );
          expect(flightHours).toBe(flights.length);
        }
        expect(days.map(({ on }) => on)).toEqual(days.map((_, i) => addDays(days[0]?.on as Day, i)));
      }),
    );
  });
});
