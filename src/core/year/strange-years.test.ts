import fc from 'fast-check';
import { expect, it } from 'vitest';
import { tries } from '../../../scripts/lib/how-often';
import { type Day, day, daysBetween } from '../calendar/day';
import { nearestDay } from '../calendar/nearest-day';
import { swarmSeason } from '../population/colony-now';
import { endOfRest, seasonAround, seasonPart, seasonStarting, springOf, workingYear } from './beekeeping-year';
import { atPlace, YEAR_DAYS } from './month-day';
import { type PlaceYear, placeYear } from './place-year';

const monthDay = fc.integer({ min: 0, max: YEAR_DAYS - 1 }).map(atPlace);
const optional = fc.option(monthDay, { nil: undefined });
/** The year of any place that can be entered, likely or not. */
const anyYear = fc
  .record({
    months: fc.uniqueArray(fc.integer({ min: 1, max: 12 }), { minLength: 1, maxLength: 12 }),
    entered: fc.option(
      fc.record({
        starts: fc.record({ 'build-up': optional, winter: optional, drones: optional }),
        spans: fc.array(
          fc.record({ kind: fc.constantFrom('swarm-season' as const, 'flow' as const), from: monthDay, to: monthDay }),
          { maxLength: 4 },
        ),
      }),
      { nil: null },
    ),
  })
  .map(({ months, entered }) => placeYear(months, entered));
const anyDay = fc.integer({ min: day('1900-01-01'), max: day('2199-12-31') }).map((on) => on as Day);

/** The same year, counting how often it is asked what part a day lies in. */
function counted({ parts, entered }: PlaceYear) {
  const count = { asked: 0 };
  const year: PlaceYear = {
    entered,
    parts: new Proxy(parts, {
      get: (list, key) => {
        if (typeof key === 'string' && /^\d+$/.test(key)) count.asked += 1;
        return Reflect.get(list, key);
      },
    }),
  };
  return { count, year };
}

/** Walks over some years, there and back. */
const MOST_ASKED = 40 * YEAR_DAYS;

it('no question about any year goes on for longer than some years have days', () => {
  fc.assert(
    fc.property(anyYear, anyDay, (place, on) => {
      const { count, year } = counted(place);
      const asked = (question: () => unknown) => {
        count.asked = 0;
        question();
        expect(count.asked).toBeLessThan(MOST_ASKED);
      };
      asked(() => endOfRest(on, year));
      asked(() => springOf(on, year));
      asked(() => seasonAround(on, year));
      asked(() => seasonStarting(2027, year));
      asked(() => swarmSeason(year, on));
      asked(() => {
        const { from, to } = workingYear(on, year);
        expect(daysBetween(from, to)).toBeGreaterThanOrEqual(0);
        expect(daysBetween(from, to)).toBeLessThanOrEqual(YEAR_DAYS);
      });
    }),
    { numRuns: tries(5000), seed: 20270516 },
  );
});

it('a walk over days ends where there is nothing to find', () => {
  const on = day('2027-05-16');
  let asked = 0;
  const never = () => {
    asked += 1;
    return false;
  };
  expect([nearestDay(on, 1, never), nearestDay(on, -1, never, 3)]).toEqual([null, null]);
  expect(asked).toBe(YEAR_DAYS + 1 + 4);
  expect(nearestDay(on, -1, (at) => seasonPart(at, placeYear([1], null)) === 'swarm-season')).toBe(day('2027-01-31'));
});
