import { describe, expect, it } from 'vitest';
import { addDays, day, dayOfMinute, formatDay } from '../core/calendar/day';
import { scaleOf } from '../core/scale/scale-of';
import { weatherOf } from '../core/weather/weather-of';
import { type HiveScale, scaleReadings } from './scale';
import { FORECAST_DAYS, stationHours } from './station';

const [FROM, TODAY] = [day('2027-04-01'), day('2027-05-16')];
const station = { seed: 'test' };
const temps = (today: typeof TODAY, on: typeof TODAY) =>
  stationHours(station, on, today)
    .filter(({ at }) => dayOfMinute(at) === on)
    .map(({ tempC }) => tempC);

describe('the simulated station', () => {
  it('says the same each time, hour by hour up to the end of its forecast', () => {
    const hours = stationHours(station, FROM, TODAY);
    expect(hours).toEqual(stationHours(station, FROM, TODAY));
    expect(hours).toHaveLength((TODAY - FROM + 1 + FORECAST_DAYS) * 24);
    expect(stationHours({ seed: 'other' }, FROM, TODAY)).not.toEqual(hours);
    // A record does not change: what was is as it was.
    expect(stationHours(station, FROM, addDays(TODAY, 5)).slice(0, 24 * 40)).toEqual(hours.slice(0, 24 * 40));
  });

  it('changes its mind about a day the less the nearer it is, and knows it on the day', () => {
    const days = Array.from({ length: 40 }, (_, i) => addDays(TODAY, i));
    const offBy = (ahead: number) => {
      const off = days.map((on) => {
        const [said, was] = [temps(addDays(on, -ahead), on), temps(on, on)];
        return Math.abs((said[3] ?? 0) - (was[3] ?? 0));
      });
      return off.reduce((sum, one) => sum + one, 0) / off.length;
    };
    expect(offBy(0)).toBe(0);
    expect(offBy(1)).toBeLessThan(offBy(7));
    expect(offBy(7)).toBeGreaterThan(1);
  });

  it('has springs as valleys have them: days of every kind, warmer from month to month', () => {
    const { days } = weatherOf(stationHours(station, FROM, day('2027-06-30')), [], TODAY);
    const fits = new Set(days.map(({ fit }) => fit));
    expect([...fits].sort()).toEqual(['brief', 'open', 'shut']);
    const open = (month: string) =>
      days.filter(({ on, fit }) => formatDay(on).startsWith(month) && fit === 'open').length;
    expect(open('2027-06')).toBeGreaterThan(open('2027-04'));
  });

  it('has a cold week where one is asked for', () => {
    const cold = { ...station, spells: [{ from: addDays(TODAY, 1), to: addDays(TODAY, 7), byC: -7, wet: true }] };
    const { days } = weatherOf(stationHours(cold, TODAY, TODAY), [], TODAY);
    expect(days.slice(1, 8).every(({ fit, flightHours }) => fit !== 'open' && flightHours === 0)).toBe(true);
  });
});

describe('the simulated scale', () => {
  const scale: HiveScale = {
    seed: 'test',
    from: FROM,
    startKg: 30,
    every: 15,
    flow: [{ from: addDays(FROM, 10), kg: 1.5 }],
    events: [
      { at: '2027-04-20T18:00', kg: 2.4 },
      { at: '2027-04-21T19:30', kg: -2.4 },
      { at: '2027-04-25T13:10', kg: -1.8, overMinutes: 10 },
    ],
    gaps: [{ from: '2027-04-05T03:00', to: '2027-04-05T14:00' }],
  };
  const read = scaleReadings(scale, () => 8, '2027-04-30T23:59');
  const known = scaleOf(read, [], null);
  const gainOn = (on: string) => known.days.find((one) => one.on === day(on))?.gain ?? null;

  it('reads the same each time, with noise, and nothing within a gap', () => {
    expect(scaleReadings(scale, () => 8, '2027-04-30T23:59')).toEqual(read);
    expect(gainOn('2027-04-05')).toBeNull();
    // At night a hive only becomes lighter; what goes up then is noise.
    const night = read.slice(0, 24).map(({ kg }) => kg);
    expect(night.some((kg, i) => kg > (night[i - 1] ?? kg))).toBe(true);
  });

  it('shows its flow, a stone that is no nectar, and a swarm as a question', () => {
    expect(known.flow).toEqual([{ from: addDays(FROM, 10), to: null, strong: false }]);
    expect(Math.abs((gainOn('2027-04-20') ?? 0) - (gainOn('2027-04-18') ?? 0))).toBeLessThan(15);
    expect(known.possibleSwarms.map(({ at, returned }) => [at.slice(0, 10), returned])).toEqual([
      ['2027-04-25', false],
    ]);
  });
});
