import { MINUTES_A_DAY, MINUTES_AN_HOUR } from '../core/calendar/minute';

const NOON = 12;

/**
 * Minutes since midnight of a time as keepers type it: `14:30`, `14.30`, `1430`, `930`, `9`, `2 pm`, `2:30pm`. 24:00 is the end of the day.
 *
 * @returns null where it is no time
 */
export function readTime(text: string): number | null {
  const found = /^(\d{1,2})(?:\s*[:.h]?\s*(\d{2}))?\s*([ap]\.?m?\.?)?$/.exec(text.trim().toLowerCase());
  if (!found) return null;
  const [, hourText = '', minuteText = '0', half] = found;
  const [hour, minute] = [Number(hourText), Number(minuteText)];
  if (minute >= MINUTES_AN_HOUR) return null;
  if (half === undefined) {
    const all = hour * MINUTES_AN_HOUR + minute;
    return all <= MINUTES_A_DAY ? all : null;
  }
  if (hour < 1 || hour > NOON) return null;
  return ((hour % NOON) + (half.startsWith('p') ? NOON : 0)) * MINUTES_AN_HOUR + minute;
}
