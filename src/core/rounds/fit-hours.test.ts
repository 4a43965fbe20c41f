import { describe, expect, it } from 'vitest';
import { day } from '../calendar/day';
import { clockText, hourText } from '../calendar/minute';
import { USUAL_WEEK } from '../settings/free-time';
import type { WeatherHour } from '../weather/weather-of';
import { fitHours } from './fit-hours';
import { plannedDays } from './planned-days';
import { sunsetOn } from './sunset';

const hour = (at: number, tempC: number, over: Partial<WeatherHour> = {}): WeatherHour => ({
  at: `2027-05-20T${hourText(at)}`,
  tempC,
  rainMm: 0,
  windMs: 2,
  ...over,
});
const EVENING = [{ from: 17 * 60, to: 20 * 60 }];
const shortly = ({ fit, openMinutes, briefMinutes }: ReturnType<typeof fitHours>) => [fit, openMinutes, briefMinutes];

describe('what a day allows in the hours that are free', () => {
  it('is told by those hours alone', () => {
    const warmNoon = [11, 12, 13, 14].map((at) => hour(at, 20));
    const coldEvening = [17, 18, 19].map((at) => hour(at, 10));
    expect(shortly(fitHours([...warmNoon, ...coldEvening], EVENING))).toEqual(['shut', 0, 0]);
    expect(shortly(fitHours([hour(17, 15), hour(18, 14), hour(19, 12)], EVENING))).toEqual(['open', 120, 180]);
    expect(shortly(fitHours([hour(17, 15), hour(18, 13), hour(19, 15)], EVENING))).toEqual(['brief', 0, 180]);
  });

  it('counts an hour that is free in part for the minutes that are free', () => {
    const from1730 = [{ from: 17 * 60 + 30, to: 19 * 60 }];
    expect(shortly(fitHours([hour(17, 15), hour(18, 15)], from1730))).toEqual(['open', 90, 90]);
    // An hour alone is all there is.
    expect(shortly(fitHours([hour(18, 15)], [{ from: 18 * 60, to: 19 * 60 }]))).toEqual(['open', 60, 60]);
  });

  it('is not known where hours are missing, but what is known to be bad stays bad', () => {
    expect(shortly(fitHours([], EVENING))).toEqual(['unknown', 180, 180]);
    expect(shortly(fitHours([hour(17, 5), hour(18, 18)], EVENING))).toEqual(['unknown', 120, 120]);
    expect(shortly(fitHours([hour(12, 20)], []))).toEqual(['unknown', 0, 0]);
  });
});

describe('the days that are planned', () => {
  const asked = {
    today: day('2027-05-16'),
    minute: '2027-05-16T16:20',
    time: { freeWeek: USUAL_WEEK, away: [], extraHours: [] },
    hours: new Map(),
    apiaries: ['a'],
    sunset: () => null,
  };
  const free = (days: ReturnType<typeof plannedDays>, i: number) =>
    days[i]?.free.map(({ from, to }) => `${clockText(from)}-${clockText(to)}`);

  it('begin now and go by the weekday, days away and extra hours', () => {
    const days = plannedDays({
      ...asked,
      time: {
        freeWeek: USUAL_WEEK,
        away: [{ from: '2027-05-17', to: '2027-05-18', why: 'a wedding' }],
        extraHours: [
          { on: '2027-05-18', from: 600, to: 660 },
          { on: '2027-05-19', from: 960, to: 1050 },
        ],
      },
    });
    expect(days).toHaveLength(14);
    expect([0, 1, 2, 3, 6].map((i) => free(days, i))).toEqual([
      ['16:20-18:00'],
      [],
      ['10:00-11:00'],
      ['16:00-20:00'],
      ['10:00-18:00'],
    ]);
    expect(days.every(({ isGuessed }) => isGuessed)).toBe(true);
  });

  it('end half an hour before the sun sets', () => {
    expect(free(plannedDays({ ...asked, sunset: () => 19 * 60 }), 1)).toEqual(['17:00-18:30']);
    expect(free(plannedDays({ ...asked, sunset: () => 17 * 60 }), 1)).toEqual([]);
  });
});

describe('sunset', () => {
  const clock = (minute: number | null) => (minute === null ? null : clockText(minute));
  it('by latitude, day and zone', () => {
    const london = { latitude: 51.5, longitude: -0.13 };
    // 20:49 BST in the almanac.
    expect(Math.abs((sunsetOn(day('2027-05-16'), london, 'Europe/London') ?? 0) - (20 * 60 + 49))).toBeLessThanOrEqual(
      3,
    );
    // Without a longitude the zone's own: Berlin's clocks go by 15 degrees east.
    expect(sunsetOn(day('2027-05-16'), { latitude: 52.5, longitude: 15 }, 'Europe/Berlin')).toBe(
      sunsetOn(day('2027-05-16'), { latitude: 52.5, longitude: null }, 'Europe/Berlin'),
    );
    expect(clock(sunsetOn(day('2027-06-21'), { latitude: 70, longitude: 20 }, 'Europe/Oslo'))).toBeNull();
    // The clocks go forward that night, and the sun an hour with them.
    const before = sunsetOn(day('2027-03-27'), london, 'Europe/London') ?? 0;
    const after = sunsetOn(day('2027-03-28'), london, 'Europe/London') ?? 0;
    expect(after - before).toBeGreaterThan(55);
  });
});
