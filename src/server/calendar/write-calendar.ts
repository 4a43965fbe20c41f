import 'server-only';
import ical, { ICalAlarmType, ICalCalendarMethod } from 'ical-generator';
import { type Day, formatDay } from '../../core/calendar/day';
import type { CalendarEntry } from '../../views/calendar-view';
import { CALENDAR_WORDS } from '../../words/calendar';

/** How often a subscriber may ask again. */
const REFRESH_SECONDS = 60 * 60;

const SECONDS_A_MINUTE = 60;
const MS_A_MINUTE = 60_000;
/** Hours are read off the UTC clock, whatever the zone of this machine. */
const minuteOf = (day: Day, minutes: number) => new Date(dateOf(day).getTime() + minutes * MS_A_MINUTE);

/** Whole days are read off the UTC date, whatever the zone of this machine. */
const dateOf = (day: Day) => new Date(`${formatDay(day)}T00:00:00Z`);

/**
 * The entries as an iCalendar text (RFC 5545), each under an id that stays the same when it is dated anew.
 *
 * @param madeAt UTC instant
 */
export function writeCalendar(entries: readonly CalendarEntry[], madeAt: string): string {
  const calendar = ical({
    name: 'Ubbet',
    description: CALENDAR_WORDS,
    prodId: { company: 'Ubbet', product: 'Ubbet', language: 'EN' },
    method: ICalCalendarMethod.PUBLISH,
    ttl: REFRESH_SECONDS,
  });
  for (const { uid, from, until, hours, title, text, place, reminders } of entries) {
    calendar.createEvent({
      id: uid,
      stamp: new Date(madeAt),
      ...(hours
        ? // Local hours, wherever the calendar is read.
          { start: minuteOf(from, hours.from), end: minuteOf(from, hours.to), floating: true }
        : { start: dateOf(from), end: dateOf(until), allDay: true }),
      timezone: 'UTC',
      summary: title,
      description: text,
      location: place,
      alarms: reminders.map((minutes) => ({
        type: ICalAlarmType.display,
        trigger: minutes * SECONDS_A_MINUTE,
        description: title,
      })),
    });
  }
  return calendar.toString();
}
