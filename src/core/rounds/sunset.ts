import { getTimes } from 'suncalc';
import { type Day, formatDay } from '../calendar/day';
import { minuteInZone } from '../calendar/local-minute';
import { minuteOfDay, minutesOf } from '../calendar/minute';

/** Where the hives stand, in degrees; without a longitude the sun is taken to stand highest at noon of the zone's winter time. */
export interface Site {
  readonly latitude: number;
  readonly longitude: number | null;
}

const noonUtc = (iso: string) => new Date(`${iso}T12:00:00Z`);
const DEGREES_A_MINUTE = 0.25;

/** How far the clocks of a zone are ahead of UTC at noon of a day, min. */
const ahead = (iso: string, zone: string) =>
  minutesOf(minuteInZone(noonUtc(iso), zone) ?? `${iso}T12:00`) - minutesOf(`${iso}T12:00`);

/** Clocks go forward in summer, in the south in January. */
const winterAhead = (year: string, zone: string) =>
  Math.min(ahead(`${year}-01-01`, zone), ahead(`${year}-07-01`, zone));

/**
 * The minute of a day at which the sun sets, by the clock of a time zone; null where it does not set or does not rise that day.
 *
 * @throws never: an unknown zone is taken for UTC
 */
export function sunsetOn(on: Day, { latitude, longitude }: Site, zone: string): number | null {
  const iso = formatDay(on);
  const lng = longitude ?? winterAhead(iso.slice(0, 4), zone) * DEGREES_A_MINUTE;
  const { sunset } = getTimes(noonUtc(iso), latitude, lng);
  if (sunset === null || Number.isNaN(sunset.getTime())) return null;
  const minute = minuteInZone(sunset, zone) ?? sunset.toISOString().slice(0, 16);
  return minute.startsWith(iso) ? minuteOfDay(minute) : null;
}
