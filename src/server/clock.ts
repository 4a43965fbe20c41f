import 'server-only';
import { cookies } from 'next/headers';
import { type Day, dayOfMinute, parseDay } from '../core/calendar/day';
import { localMinute } from '../core/calendar/local-minute';
import { endOfDay, type Now } from '../core/calendar/now';
import { DEMO_DAY_COOKIE, FIRST_DEMO_DAY, isDemo } from './demo-mode';

/** This machine's calendar day and minute; in the demo the day that its clock was stepped to, up to its last minute. */
export async function now(): Promise<Now> {
  const instant = new Date();
  if (isDemo()) {
    const today = await demoDay();
    return { today, minute: endOfDay(today), instant: instant.toISOString() };
  }
  const minute = localMinute(instant);
  return { today: dayOfMinute(minute), minute, instant: instant.toISOString() };
}

async function demoDay(): Promise<Day> {
  const stepped = (await cookies()).get(DEMO_DAY_COOKIE)?.value;
  return parseDay(stepped ?? '') ?? FIRST_DEMO_DAY;
}
