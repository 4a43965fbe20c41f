import { describe, expect, it } from 'vitest';
import { addDays, day } from '../calendar/day';
import type { DayFit } from '../weather/weather-of';
import type { RoundCheck, RoundDay } from './asked';
import { type SeenVisit, whatMoved } from './what-moved';

const D = day('2027-05-16');
const at = (n: number) => addDays(D, n);
const window = { earliest: at(0), ideal: at(2), latest: at(5) };
const visit = (id: string, over: Partial<RoundCheck> = {}): RoundCheck => ({
  id,
  apiary: 'a',
  window,
  minutes: 20,
  opens: true,
  weight: 10,
  ...over,
});
const seen = (on: number | null, over: Partial<SeenVisit> = {}): SeenVisit => ({
  id: 'x',
  on: on === null ? null : at(on),
  window,
  fit: 'open',
  freeMinutes: 180,
  ...over,
});
const days = (fit: DayFit, freeMinutes = 180): readonly RoundDay[] =>
  [0, 1, 2, 3, 4, 5].map((n) => ({
    on: at(n),
    fit,
    freeMinutes,
    there: new Map([['a', { fit, openMinutes: freeMinutes, briefMinutes: freeMinutes }]]),
  }));
const why = (before: SeenVisit, to: number | null, over: Partial<Parameters<typeof whatMoved>[1]> = {}) =>
  whatMoved([before], {
    today: D,
    days: days('open'),
    visits: [visit('x')],
    forbidden: new Set(),
    on: to === null ? new Map() : new Map([['x', at(to)]]),
    ...over,
  }).map((one) => one.why)[0];

describe('what moved since it was last seen', () => {
  it('is told with why', () => {
    expect(why(seen(2), 3, { days: days('shut') })).toBe('weather');
    expect(why(seen(2), 3, { days: days('open', 60) })).toBe('time');
    expect(why(seen(2), 3, { forbidden: new Set([at(2)]) })).toBe('ruled-out');
    expect(why(seen(2), 3, { visits: [visit('x', { window: { ...window, earliest: at(3), ideal: at(3) } })] })).toBe(
      'other-days',
    );
    expect(why(seen(-1), 3)).toBe('day-over');
    expect(why(seen(2), 3)).toBe('gave-way');
    expect(why(seen(2), null)).toBe('gave-way');
    // A better forecast is no thing that comes first, and a hive that was moved no weather.
    expect(why(seen(2, { fit: 'brief' }), 1)).toBe('earlier');
    expect(why(seen(2, { apiary: 'b' }), 3, { days: days('shut') })).toBe('elsewhere');
    expect(why(seen(2, { apiary: 'a' }), 3, { days: days('shut') })).toBe('weather');
  });

  it('is not what stayed, what was done since, or what is new', () => {
    expect(why(seen(2), 2, { days: days('shut') })).toBeUndefined();
    expect(why(seen(2), null, { visits: [] })).toBeUndefined();
    expect(why(seen(null), null)).toBeUndefined();
    expect(why({ ...seen(2), id: 'done' }, 2)).toBeUndefined();
  });

  it('is also what was on no round and is on one now', () => {
    expect(
      whatMoved([seen(null)], {
        today: D,
        days: days('open'),
        visits: [visit('x')],
        forbidden: new Set(),
        on: new Map([['x', at(1)]]),
      }),
    ).toEqual([{ id: 'x', from: null, to: at(1), why: 'gave-way' }]);
  });
});
