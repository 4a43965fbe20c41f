import 'server-only';
import type { Day } from '../../core/calendar/day';
import { dayOfMinute } from '../../core/calendar/day';
import type { WeatherSource } from '../../core/facts/weather';
import type { WeatherHour } from '../../core/weather/weather-of';
import type { Book } from '../../db/open';
import { storedHours } from '../../db/repositories/weather';
import { demoHours } from '../demo-devices';

/** An hour with when it was told, null for the demo's own station, which tells it anew each day. */
export interface KnownHour extends WeatherHour {
  readonly toldAt: string | null;
  readonly source: WeatherSource | 'simulated';
}

/**
 * All that is known of an apiary's weather as of a day, record and forecast: what was brought in, and in the demo what its simulated
 * station says of the other hours.
 *
 * @param days those asked for, both inclusive; null: all
 */
export function hoursAt(
  { db }: Book,
  apiaryId: string,
  today: Day,
  days: { readonly from: Day; readonly to: Day } | null,
): readonly KnownHour[] {
  const stored = storedHours(db, apiaryId, days);
  const isAsked = ({ at }: WeatherHour) => {
    const on = dayOfMinute(at);
    return !days || (on >= days.from && on <= days.to);
  };
  const simulated = demoHours(apiaryId, today).filter(isAsked);
  if (simulated.length === 0) return stored;
  const byMinute = new Map<string, KnownHour>(
    simulated.map((hour) => [hour.at, { ...hour, toldAt: null, source: 'simulated' }]),
  );
  for (const hour of stored) byMinute.set(hour.at, hour);
  return [...byMinute.values()].sort((a, b) => (a.at < b.at ? -1 : 1));
}
