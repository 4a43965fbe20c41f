import 'server-only';
import { cookies } from 'next/headers';
import { type Day, dayOfMinute, parseDay } from '../core/calendar/day';
import { isTimeZone, localMinute, minuteInZone } from '../core/calendar/local-minute';
import { endOfDay, type Now } from '../core/calendar/now';
import { ZONE_COOKIE } from '../core/calendar/zone-cookie';
import { database } from '../db/open';
import { loadSettings } from '../db/repositories/settings';
import { DEMO_DAY_COOKIE, FIRST_DEMO_DAY, isDemo } from './demo-mode';

/**
 * The keeper's calendar day and minute, whatever the time zone of this machine: by the zone that the device says, else the one in the
 * settings, else this machine's. In the demo the day that its clock was stepped to, up to its last minute.
 */
export async function now(): Promise<Now> {
  const instant = new Date();
  if (isDemo()) {
    const today = await demoDay();
    return { today, minute: endOfDay(today), instant: instant.toISOString() };
  }
  const zone = await deviceZone();
  const minute = minuteOf(instant, zone);
  return { today: dayOfMinute(minute), minute, instant: instant.toISOString() };
}

/** The time zone that the device says it is in; null: it has not said. */
export async function deviceZone(): Promise<string | null> {
  const said = (await cookies()).get(ZONE_COOKIE)?.value;
  return said === undefined ? null : decodeURIComponent(said);
}

/** The time zone to go by: the one that the device says, else the one in the settings, else this machine's. */
export function zoneBy(device: string | null): string {
  if (device !== null && isTimeZone(device)) return device;
  return loadSettings(database().db).timeZone ?? Intl.DateTimeFormat().resolvedOptions().timeZone;
}

/** The keeper's minute at an instant. */
export const minuteOf = (instant: Date, device: string | null): string =>
  minuteInZone(instant, zoneBy(device)) ?? localMinute(instant);

async function demoDay(): Promise<Day> {
  const stepped = (await cookies()).get(DEMO_DAY_COOKIE)?.value;
  return parseDay(stepped ?? '') ?? FIRST_DEMO_DAY;
}
