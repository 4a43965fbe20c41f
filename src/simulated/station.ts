import { addDays, type Day, formatDay, yearOf } from '../core/calendar/day';
import { hourText } from '../core/calendar/minute';
import type { WeatherHour } from '../core/weather/weather-of';
import { around, chance } from './chance';

/** Days that are colder or warmer than they would be, both inclusive. */
export interface Spell {
  readonly from: Day;
  readonly to: Day;
  readonly byC: number;
  readonly wet: boolean;
}

/** A simulated weather station in a valley of the middle latitudes, with fronts. The same station always has the same weather. */
export interface Station {
  /** Which station it is: another seed has other weather. */
  readonly seed: string;
  /** It stands so much warmer than the valley. */
  readonly warmerC?: number;
  readonly spells?: readonly Spell[];
}

/** Of a mean day through the year, °C: its mean, how far summer is from it, and the day of the year on which spring is half way. */
const CLIMATE = { meanC: 9.5, summerC: 8.5, springOn: 112 } as const;
/** How far a day strays from its season, °C, and what a clear and a wet day swing to either side of their mean. */
const STRAYS_C = 3.2;
const SWING_C = { clear: 6.5, wet: 2.5 } as const;
/** A front comes where the chance of the day is above this, 0 to 1. */
const FRONT_FROM = 0.72;
/** A forecast is out by so much for each day that it looks ahead: °C, and in the chance of a front. */
const OUT_BY = { c: 0.8, front: 0.08 } as const;
export const FORECAST_DAYS = 8;

interface DaySky {
  readonly meanC: number;
  readonly front: number;
}

const onDay = (on: Day) => formatDay(on);

/** What a day is like; seen from `by`, when it lies ahead, with what is not known of it yet. */
function skyOf({ seed, warmerC = 0, spells = [] }: Station, on: Day, by: Day): DaySky {
  const ofYear = on - new Date(Date.UTC(yearOf(on), 0, 1)).getTime() / 86_400_000;
  const season = CLIMATE.meanC + CLIMATE.summerC * Math.sin((2 * Math.PI * (ofYear - CLIMATE.springOn)) / 365);
  const strays = [0.65, 0.55, 0.35].reduce(
    (sum, share, ago) => sum + share * around(seed, 'mean', onDay(addDays(on, -ago))),
    0,
  );
  const spell = spells.find(({ from, to }) => on >= from && on <= to);
  const ahead = Array.from({ length: Math.max(0, on - by) }, (_, i) => onDay(addDays(by, i)));
  const out = (what: string) => ahead.reduce((sum, seen) => sum + around(seed, what, onDay(on), seen), 0);
  return {
    meanC: season + warmerC + strays * STRAYS_C + (spell?.byC ?? 0) + out('out-c') * OUT_BY.c,
    front: spell ? (spell.wet ? 1 : 0) : chance(seed, 'front', onDay(on)) + out('out-front') * OUT_BY.front,
  };
}

/**
 * Hours from a day on: those of days up to today as they were, those after it as they are forecast, up to {@link FORECAST_DAYS} days
 * ahead. A forecast changes its mind from day to day, the less the nearer the day.
 */
export function stationHours(station: Station, from: Day, today: Day): WeatherHour[] {
  const last = addDays(today, FORECAST_DAYS);
  return Array.from({ length: last - from + 1 }, (_, i) => addDays(from, i)).flatMap((on) =>
    hoursOf(station, on, today),
  );
}

function hoursOf({ seed, ...station }: Station, on: Day, by: Day): WeatherHour[] {
  const { meanC, front } = skyOf({ seed, ...station }, on, by);
  const isWet = front > FRONT_FROM;
  const swing = isWet ? SWING_C.wet : SWING_C.clear - 3 * Math.max(0, front - 0.3);
  // Rain comes in one piece of four to eleven hours.
  const rainFrom = Math.floor(chance(seed, 'rain-from', onDay(on)) * 18);
  const rainHours = 4 + Math.floor(chance(seed, 'rain-hours', onDay(on)) * 8);
  return Array.from({ length: 24 }, (_, hour): WeatherHour => {
    // Coldest about five, warmest about three in the afternoon.
    const sun = Math.sin((2 * Math.PI * (hour - 9)) / 24);
    const rains = isWet && hour >= rainFrom && hour < rainFrom + rainHours;
    const wind = 1.6 + 1.4 * Math.max(0, sun) + (isWet ? 4 : 0) + 0.9 * around(seed, 'wind', onDay(on), hour);
    return {
      at: `${onDay(on)}T${hourText(hour)}`,
      tempC: tenth(meanC + swing * sun - (rains ? 1.5 : 0) + 0.3 * around(seed, 'temp', onDay(on), hour)),
      rainMm: rains ? tenth(0.2 + 1.8 * chance(seed, 'rain', onDay(on), hour)) : 0,
      windMs: tenth(Math.max(0, wind)),
    };
  });
}

const tenth = (value: number) => Math.round(value * 10) / 10;
