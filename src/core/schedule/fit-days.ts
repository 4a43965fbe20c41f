import { addDays, type Day, latestOf } from '../calendar/day';
import type { DayFit, WeatherDay } from '../weather/weather-of';
import { type Check, opensNest } from './check';

/** Weather leaves no day for a check within its window. */
export interface NoFitDay {
  /** The last day of its window. */
  readonly until: Day;
  /** The first fit day after it that is known; null: none is in sight. */
  readonly next: Day | null;
}

/** Whether a check can be done on a day: one that opens the brood nest on an open day, another on one for a brief look too. */
export const isFitFor = ({ opens }: Pick<Check, 'opens'>, fit: DayFit): boolean =>
  fit === 'open' || (!opens && fit === 'brief');

/**
 * Whether a check cannot be done in what is left of its window for weather. Only said where every day of it is known: a day of which
 * nothing is known may be fit. Null as well where its window is over.
 */
export function noFitDay(
  check: Pick<Check, 'code' | 'opens' | 'window'>,
  days: readonly Pick<WeatherDay, 'on' | 'fit'>[],
  today: Day,
): NoFitDay | null {
  const { earliest, latest } = check.window;
  const asked = { opens: opensNest(check) };
  const fitOn = new Map(days.map(({ on, fit }) => [on, fit]));
  for (let on = latestOf(earliest, today); on <= latest; on = addDays(on, 1)) {
    const fit = fitOn.get(on) ?? 'unknown';
    if (fit === 'unknown' || isFitFor(asked, fit)) return null;
  }
  if (latest < today) return null;
  return { until: latest, next: days.find(({ on, fit }) => on > latest && isFitFor(asked, fit))?.on ?? null };
}
