import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { addDays, day, formatDay } from '../calendar/day';
import { nextStep, placeAfter, stepsInAll, withStep } from './by-steps';
import { distanceM } from './flyers';

const BEGUN = day('2027-05-14');
const move = (toX: number, toY: number, ...steps: string[]) => ({
  fromX: 0,
  fromY: 0,
  toX,
  toY,
  steps,
  endedOn: null as string | null,
});

describe('a hive moved by less than a metre a day', () => {
  it('goes in even steps, and stands where the last one left it', () => {
    const hive = move(0, 2);
    expect(stepsInAll(hive)).toBe(3);
    expect([0, 1, 2, 3, 4].map((steps) => placeAfter(hive, steps).y)).toEqual([0, 0.67, 1.33, 2, 2]);
  });

  it('has a step a day: a day that was missed is not made up', () => {
    const next = nextStep(move(-2, 0, '2027-05-14'), addDays(BEGUN, 3));
    expect(next).toMatchObject({ left: 2, bearing: 270, isDoneToday: false, thereOn: addDays(BEGUN, 4) });
  });

  it('asks for nothing more on a day on which it was moved', () => {
    expect(nextStep(move(2, 0, '2027-05-14'), BEGUN)).toMatchObject({
      isDoneToday: true,
      left: 2,
      thereOn: addDays(BEGUN, 2),
    });
  });

  it('asks for nothing once it is there, or was left where it was', () => {
    expect(nextStep(move(1, 0, '2027-05-14', '2027-05-15'), addDays(BEGUN, 2))).toBeNull();
    expect(nextStep({ ...move(3, 0), endedOn: '2027-05-15' }, addDays(BEGUN, 2))).toBeNull();
  });

  it('has one step a day, said twice or not, and none where it was taken back', () => {
    const hive = move(3, 0, '2027-05-15');
    const earlier = withStep(hive, { kind: 'moved', on: '2027-05-14' });
    expect(earlier.steps).toEqual(['2027-05-14', '2027-05-15']);
    expect(withStep(earlier, { kind: 'moved', on: '2027-05-14' })).toEqual(earlier);
    expect(withStep(earlier, { kind: 'not-moved', on: '2027-05-14' })).toEqual(hive);
    expect(withStep(hive, { kind: 'left', on: '2027-05-16' })).toEqual({ ...hive, endedOn: '2027-05-16' });
  });

  it('is never moved a metre or more at once, and is there on the day that was said, if no day is missed', () => {
    const metres = fc.integer({ min: -900, max: 900 }).map((cm) => cm / 100);
    fc.assert(
      fc.property(metres, metres, (x, y) => {
        fc.pre(x !== 0 || y !== 0);
        let hive = move(x, y);
        const said = nextStep(hive, BEGUN)?.thereOn;
        let today = BEGUN;
        for (let next = nextStep(hive, today); next; next = nextStep(hive, today)) {
          // To the centimetre, so that a step may be longer by as much.
          const gone = distanceM(placeAfter(hive, hive.steps.length), placeAfter(hive, hive.steps.length + 1));
          expect(gone).toBeLessThan(1.015);
          hive = { ...hive, steps: [...hive.steps, formatDay(today)] };
          expect(nextStep(hive, today)?.isDoneToday ?? true).toBe(true);
          today = addDays(today, 1);
        }
        expect(addDays(today, -1)).toBe(said);
        expect(placeAfter(hive, hive.steps.length)).toEqual({ x, y });
      }),
      { numRuns: 200, seed: 20270514 },
    );
  });
});
