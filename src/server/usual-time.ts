import 'server-only';
import { formatDay } from '../core/calendar/day';
import { localMinute } from '../core/calendar/local-minute';
import type { Now } from '../core/calendar/now';
import { isDemo } from './demo-mode';

/**
 * The time that a new inspection begins with: this minute. In the demo, whose day is not today, this time of its day, or the minute
 * after `lastAt`, the colony's last inspection so far, when that is later.
 */
export function usualTime({ today, minute, instant }: Now, lastAt: string | null): string {
  if (!isDemo()) return minute;
  const usual = `${formatDay(today)}${localMinute(new Date(instant)).slice('YYYY-MM-DD'.length)}`;
  if (lastAt === null || lastAt < usual) return usual;
  const after = new Date(Date.parse(`${lastAt}Z`) + 60_000).toISOString().slice(0, 16);
  return after <= minute ? after : lastAt;
}
