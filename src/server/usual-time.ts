import 'server-only';
import { formatDay } from '../core/calendar/day';
import type { Now } from '../core/calendar/now';
import { isDemo } from './demo-mode';

/** The time that a new inspection begins with: this minute; in the demo, whose day is not today, this time of its day. */
export function usualTime({ today, minute, instant }: Now): string {
  if (!isDemo()) return minute;
  const local = new Date(new Date(instant).getTime() - new Date(instant).getTimezoneOffset() * 60_000).toISOString();
  return `${formatDay(today)}T${local.slice(11, 16)}`;
}
