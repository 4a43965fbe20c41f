import { addDays, type Day } from '../calendar/day';
import { NIGHTS_AHEAD } from './weather-figures';

/** One of the next five nights. */
export interface NightAhead {
  /** The day on whose evening it begins. */
  readonly on: Day;
  /** °C; null: not known. */
  readonly lowC: number | null;
  /** Who says so; null: nobody. */
  readonly by: 'keeper' | 'forecast' | null;
}

export interface NightsAhead {
  readonly nights: readonly NightAhead[];
  /** The lowest of the five, °C; null: one of them is not known, and the keeper is asked. */
  readonly coldestC: number | null;
}

/**
 * The next five nights: what the keeper says of one overrules the forecast.
 *
 * @param forecast the lows of the next five nights, null where too few hours are known; nothing where there is no forecast at all
 */
export function nightsAhead(
  forecast: readonly (number | null)[],
  said: ReadonlyMap<Day, number>,
  today: Day,
): NightsAhead {
  const nights = Array.from({ length: NIGHTS_AHEAD }, (_, i): NightAhead => {
    const on = addDays(today, i);
    const [byKeeper, byForecast] = [said.get(on), forecast[i] ?? null];
    if (byKeeper !== undefined) return { on, lowC: byKeeper, by: 'keeper' };
    return { on, lowC: byForecast, by: byForecast === null ? null : 'forecast' };
  });
  const lows = nights.flatMap(({ lowC }) => lowC ?? []);
  return { nights, coldestC: lows.length < NIGHTS_AHEAD ? null : Math.min(...lows) };
}
