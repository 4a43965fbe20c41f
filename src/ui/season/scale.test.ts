import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { addDays, type Day, day } from '../../core/calendar/day';
import { around, type Bounds, DAY_PX, flingStep, isStill, pan, scaled, within, zoom } from './scale';

const FIRST = day('2027-03-01');
const bounds: Bounds = { first: FIRST, last: day('2027-10-31'), widthPx: 1000 };
const scale = { first: FIRST + 60, dayPx: 14 };

describe('the scale of the season', () => {
  it('keeps the day under the pointer where it is', () => {
    const at = 400;
    const held = scale.first + at / scale.dayPx;
    const near = zoom(scale, 2, at, bounds);
    expect(near.dayPx).toBeCloseTo(14 * 1.25 ** 2);
    expect(near.first + at / near.dayPx).toBeCloseTo(held);
  });

  it('pans by days, and comes back from zooming in and out', () => {
    expect(pan(scale, 7, bounds).first).toBe(scale.first + 7);
    const back = zoom(zoom(scale, 1, 300, bounds), -1, 300, bounds);
    expect([back.first, back.dayPx]).toEqual([expect.closeTo(scale.first), expect.closeTo(14)]);
  });

  it('shows a day a third of the way in', () => {
    const today = addDays(FIRST, 90);
    expect((today - around(today, 14, bounds).first) * 14).toBeCloseTo(1000 / 3);
  });

  it('never leaves the season nor its limits', () => {
    const anything = fc.record({
      first: fc.double({ min: -1e5, max: 1e5, noNaN: true }),
      dayPx: fc.double({ min: 0.01, max: 1e4, noNaN: true }),
    });
    fc.assert(
      fc.property(
        anything,
        fc.integer({ min: -400, max: 400 }),
        fc.integer({ min: -9, max: 9 }),
        (start, days, steps) => {
          const { first, dayPx } = zoom(pan(within(start, bounds), days, bounds), steps, 500, bounds);
          expect(dayPx).toBeGreaterThanOrEqual(DAY_PX.least);
          expect(dayPx).toBeLessThanOrEqual(DAY_PX.most);
          expect(first).toBeGreaterThanOrEqual(bounds.first);
          expect(first).toBeLessThanOrEqual(Math.max(bounds.first, bounds.last + 1 - bounds.widthPx / dayPx) + 1e-6);
        },
      ),
      { numRuns: 500 },
    );
  });
});

describe('a sheet that was let go', () => {
  it('goes on in its direction, ever slower, and comes to rest within two seconds', () => {
    let [speed, way, time] = [-2, 0, 0] as [number, number, number];
    while (!isStill(speed)) {
      const step = flingStep(speed, 16);
      expect(Math.abs(step.pxAMs)).toBeLessThan(Math.abs(speed));
      expect(step.px).toBeLessThan(0);
      [speed, way, time] = [step.pxAMs, way + step.px, time + 16];
    }
    expect(time).toBeLessThan(2000);
    expect(way).toBeGreaterThan(-500);
  });

  it('keeps the day under the fingers where it is when it is scaled', () => {
    const held = { first: 100, dayPx: 10 };
    const far = { first: 0 as Day, last: 1000 as Day, widthPx: 300 };
    const near = scaled(held, 2, 150, far);
    expect(near.first + 150 / near.dayPx).toBeCloseTo(115);
    expect(near.dayPx).toBe(20);
  });
});
