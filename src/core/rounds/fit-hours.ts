import { minuteOfDay } from '../calendar/minute';
import { joined, minutesIn, type Span, within } from '../settings/free-time';
import { BRIEF_HOUR, KNOWN_HOURS, OPEN_HOUR, OPEN_HOURS_RUNNING, WORKING_HOURS } from '../weather/weather-figures';
import { type DayFit, isFit, type WeatherHour } from '../weather/weather-of';
import type { FitThere } from './asked';

const HOUR = 60;

/** The hours of a day in which there is work at hives. */
export const WORKING_SPAN: Span = { from: WORKING_HOURS.first * HOUR, to: (WORKING_HOURS.last + 1) * HOUR };

/** What a day allows at an apiary within some hours, and when within them. */
export interface FitHours extends FitThere {
  readonly open: readonly Span[];
  readonly brief: readonly Span[];
}

/**
 * What the hours that the keeper is free allow: `open` with two open hours running among them, or all of them where they are fewer; else not
 * known where fewer than four of them are given (of fewer than four, where not all are); else `brief` with one brief hour, else `shut`. An
 * hour that is free in part counts for as many minutes as it is free.
 *
 * @param hours those of the day that are known
 * @param free what the keeper has of the day
 */
export function fitHours(hours: readonly WeatherHour[], free: readonly Span[]): FitHours {
  const at = new Map(hours.map((hour) => [Math.floor(minuteOfDay(hour.at) / HOUR), hour]));
  const inHour = (hour: number) => within(free, { from: hour * HOUR, to: (hour + 1) * HOUR });
  const own = Array.from({ length: 24 }, (_, hour) => hour).filter((hour) => inHour(hour).length > 0);
  const fit = fitOf(own, at);
  // An hour that is not given may be fit; one that is given and is not, is not.
  const spans = (isIn: (hour: WeatherHour) => boolean) =>
    own.flatMap((hour) => {
      const given = at.get(hour);
      return (given ? isIn(given) : fit === 'unknown') ? inHour(hour) : [];
    });
  const open = fit === 'open' || fit === 'unknown' ? joined(spans((hour) => isFit(hour, OPEN_HOUR))) : [];
  const brief = fit === 'shut' ? [] : joined(spans((hour) => isFit(hour, BRIEF_HOUR)));
  return { fit, open, brief, openMinutes: minutesIn(open), briefMinutes: minutesIn(brief) };
}

function fitOf(own: readonly number[], at: ReadonlyMap<number, WeatherHour>): DayFit {
  // Nobody is there: it is for want of time, not for the weather.
  if (own.length === 0) return 'unknown';
  let running = 0;
  let most = 0;
  for (const [i, hour] of own.entries()) {
    const isNext = own[i - 1] === hour - 1;
    running = isFit(at.get(hour), OPEN_HOUR) ? (isNext ? running : 0) + 1 : 0;
    most = Math.max(most, running);
  }
  if (most >= Math.min(OPEN_HOURS_RUNNING, own.length)) return 'open';
  if (own.filter((hour) => at.has(hour)).length < Math.min(KNOWN_HOURS, own.length)) return 'unknown';
  return own.some((hour) => isFit(at.get(hour), BRIEF_HOUR)) ? 'brief' : 'shut';
}
