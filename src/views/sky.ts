import type { Day } from '../core/calendar/day';
import type { DayFit } from '../core/weather/weather-of';

/** What each day allows at an apiary, as far as the weather is known there. */
export interface ApiarySky {
  readonly apiaryId: string;
  readonly days: readonly (readonly [Day, DayFit])[];
}

/** From the least to the most that a day allows; what is not known says nothing. */
const ORDER: { readonly [F in DayFit]: number } = { shut: 0, brief: 1, open: 2, unknown: 3 };

/** What each day allows at one apiary; of several, and where none is named, the least that it allows at any of them. */
export function skyOver(sky: readonly ApiarySky[], apiaryId: string | undefined): ReadonlyMap<Day, DayFit> {
  const fits = new Map<Day, DayFit>();
  for (const { days } of sky.filter((one) => apiaryId === undefined || one.apiaryId === apiaryId))
    for (const [day, fit] of days) if (ORDER[fit] < ORDER[fits.get(day) ?? 'unknown']) fits.set(day, fit);
  return fits;
}
