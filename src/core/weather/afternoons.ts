import { type Day, dayOfMinute } from '../calendar/day';
import { FLIGHT_HOUR, FLIGHT_HOURS, GOOD_AFTERNOON } from './weather-figures';
import { isFit, type WeatherHour } from './weather-of';

/** Afternoons by what they were good for; one of which too little is known is in neither list. Both in order of time. */
export interface Afternoons {
  /** Virgins could fly to mate. */
  readonly good: readonly Day[];
  /** They could not, whatever the hours were that are not given. */
  readonly poor: readonly Day[];
}

const HOURS_OF_ONE = FLIGHT_HOURS.last - FLIGHT_HOURS.first + 1;

/**
 * On which afternoons virgins could fly. One is poor only where it could not have been good: with four of its six hours given and one of
 * them fit, the two others might have made it so, and nothing is said of it.
 *
 * @param hours in any order, no two alike
 */
export function afternoonsOf(hours: readonly WeatherHour[]): Afternoons {
  const counts = new Map<Day, { given: number; fit: number }>();
  for (const hour of hours) {
    const of = Number(hour.at.slice(11, 13));
    if (of < FLIGHT_HOURS.first || of > FLIGHT_HOURS.last) continue;
    const on = dayOfMinute(hour.at);
    const count = counts.get(on) ?? { given: 0, fit: 0 };
    counts.set(on, { given: count.given + 1, fit: count.fit + (isFit(hour, FLIGHT_HOUR) ? 1 : 0) });
  }
  const days = [...counts].sort(([a], [b]) => a - b);
  const isGood = ({ fit }: { readonly fit: number }) => fit >= GOOD_AFTERNOON;
  return {
    good: days.flatMap(([on, count]) => (isGood(count) ? [on] : [])),
    poor: days.flatMap(([on, { given, fit }]) => (fit + HOURS_OF_ONE - given < GOOD_AFTERNOON ? [on] : [])),
  };
}
