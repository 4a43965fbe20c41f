import { dayOfMinute } from '../../core/calendar/day';
import { localMinute } from '../../core/calendar/local-minute';

/** This minute; on the demo's day this time of its day, or the minute after the last look where that was later. */
export function startMinute(minute: string, lastLookAt: string | null): string {
  const clock = localMinute(new Date());
  if (dayOfMinute(clock) === dayOfMinute(minute)) return clock;
  const usual = `${minute.slice(0, 10)}${clock.slice(10)}`;
  return (lastLookAt ?? '') < usual ? usual : minute;
}
