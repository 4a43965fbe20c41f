import 'server-only';
import ical, { ICalCalendarMethod } from 'ical-generator';
import { type Day, formatDay } from '../../core/calendar/day';
import type { CalendarEntry } from '../../views/calendar-view';
import { CALENDAR_WORDS } from '../../words/calendar';

/** How often a subscriber may ask again. */
const REFRESH_SECONDS = 60 * 60;

/** Whole days are read off the UTC date, whatever the zone of this machine. */
const dateOf = (day: Day) => new Date(`${formatDay(day)}T00:00:00Z`);

/**
 * The entries as an iCalendar text (RFC 5545), each a whole-day event under an id that stays the same when it is dated anew.
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
  for (const { uid, from, until, title, text, place } of entries) {
    calendar.createEvent({
      id: uid,
      stamp: new Date(madeAt),
      start: dateOf(from),
      end: dateOf(until),
      timezone: 'UTC',
      allDay: true,
      summary: title,
      description: text,
      location: place,
    });
  }
  return calendar.toString();
}
