import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { FRAME_SIZES } from './frame-size';
import { combOf } from './hive';
import { layingRate } from './laying-rate';
import { daysOfRoom, emergedWithin, isShortNow, type RoomInput } from './laying-room';
import { aBox } from './testing';

const STILL: RoomInput = {
  eggs: 0,
  larvae: 0,
  sealed: 0,
  empty: 0,
  undrawn: 0,
  isFlow: false,
  nectarPerDay: 0,
  layingPerDay: 0,
};
const steady = (rate: number) => ({ eggs: 3 * rate, larvae: 6 * rate, sealed: 12 * rate });

/** The rule as it reads: day by day, each day's bees leaving their cells, each day's eggs and nectar taking some. */
function dayByDay(input: RoomInput): number {
  let free = input.empty + (input.isFlow ? input.undrawn / 2 : 0);
  for (let day = 1; day <= 21; day++) {
    const emerging = day <= 12 ? input.sealed / 12 : day <= 18 ? input.larvae / 6 : input.eggs / 3;
    free += emerging - input.layingPerDay - input.nectarPerDay;
    if (free < -1e-6) return day;
  }
  return 21;
}

describe('the laying rate', () => {
  it('is told by each kind of brood alike at a steady rate', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 3000 }), (rate) => {
        const told = layingRate(steady(rate));
        for (const one of [told.now, told.lastWeek, told.before]) expect(one).toBeCloseTo(rate);
        expect(told.trend).toBe('steady');
      }),
    );
  });

  it('rises where eggs tell of more than sealed brood, and falls where of less', () => {
    expect(layingRate({ eggs: 3000, larvae: 4800, sealed: 6000 }).trend).toBe('rising');
    expect(layingRate({ eggs: 1500, larvae: 6000, sealed: 12_000 })).toMatchObject({
      trend: 'falling',
      now: 500,
      high: 1000,
      low: 500,
    });
    expect(layingRate({ eggs: 0, larvae: 0, sealed: 0 }).trend).toBe('unknown');
  });
});

describe('days of laying room', () => {
  it('agree with a reckoning day by day', () => {
    const cells = fc.integer({ min: 0, max: 60_000 });
    fc.assert(
      fc.property(
        cells,
        cells,
        cells,
        cells,
        cells,
        fc.boolean(),
        fc.integer({ min: 0, max: 5000 }),
        fc.integer({ min: 0, max: 3000 }),
        (eggs, larvae, sealed, empty, undrawn, isFlow, nectarPerDay, layingPerDay) => {
          const input = { eggs, larvae, sealed, empty, undrawn, isFlow, nectarPerDay, layingPerDay };
          expect(daysOfRoom(input)).toBe(dayByDay(input));
        },
      ),
      { numRuns: 500 },
    );
  });

  it('never end for a queen that lays as fast as bees emerge', () => {
    for (const rate of [100, 700, 1500]) expect(daysOfRoom({ ...STILL, ...steady(rate), layingPerDay: rate })).toBe(21);
  });

  it('are those of the empty cells where nothing emerges', () => {
    // 5,000 free cells at 1,000 eggs a day: none left after day 5, short on day 6.
    expect(daysOfRoom({ ...STILL, empty: 5000, layingPerDay: 1000 })).toBe(6);
    expect(daysOfRoom({ ...STILL, empty: 0, layingPerDay: 1000 })).toBe(1);
  });

  it('count half of what is not drawn on a flow, and none of it without', () => {
    const input = { ...STILL, undrawn: 10_000, layingPerDay: 1000 };
    expect(daysOfRoom(input)).toBe(1);
    expect(daysOfRoom({ ...input, isFlow: true })).toBe(6);
  });

  it('are fewer where nectar takes cells', () => {
    expect(daysOfRoom({ ...STILL, empty: 6000, layingPerDay: 1000, nectarPerDay: 1000 })).toBe(4);
  });

  it('take the sealed brood as spread evenly over its ages', () => {
    expect([0, 6, 12, 15, 18, 21].map((days) => emergedWithin(steady(100), days))).toEqual([
      0, 600, 1200, 1500, 1800, 2100,
    ]);
  });

  it('do not hide that she is short now', () => {
    expect(isShortNow({ empty: 1900, layingPerDay: 1000 })).toBe(true);
    expect(isShortNow({ empty: 2000, layingPerDay: 1000 })).toBe(false);
    expect(isShortNow({ empty: 0, layingPerDay: 0 })).toBe(false);
  });
});

it('comb is counted over both sides of every frame', () => {
  const comb = combOf([aBox('a', 'HEU')], FRAME_SIZES);
  expect(comb).toMatchObject({ honey: 5000, empty: 5000, undrawn: 5000, eggs: 0 });
});
