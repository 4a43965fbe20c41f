import 'server-only';
import { randomBytes } from 'node:crypto';
import { eq } from 'drizzle-orm';
import { v7 as newId } from 'uuid';
import type { Day } from '../../core/calendar/day';
import type { Now } from '../../core/calendar/now';
import type { Db, OpenedDatabase } from '../../db/open';
import { calendarFeeds } from '../../db/schema/tables';
import { calendarEntries } from '../../views/calendar-view';
import { loadApiaries } from '../all-apiaries';
import { writeCalendar } from './write-calendar';

const TOKEN_BYTES = 24;

/** The present feed's secret; null while there is none. */
export function feedToken(db: Db): string | null {
  return db.select({ token: calendarFeeds.token }).from(calendarFeeds).get()?.token ?? null;
}

/** Gives the feed a new address that nobody can guess. One made before no longer answers. */
export function renewFeed(db: Db, { instant }: Now): string {
  const token = randomBytes(TOKEN_BYTES).toString('base64url');
  db.transaction((tx) => {
    tx.delete(calendarFeeds).run();
    tx.insert(calendarFeeds).values({ id: newId(), token, madeAt: instant }).run();
  });
  return token;
}

/** The feed answers nobody any more. */
export function closeFeed(db: Db): void {
  db.delete(calendarFeeds).run();
}

export function isFeed(db: Db, token: string): boolean {
  return db.select().from(calendarFeeds).where(eq(calendarFeeds.token, token)).get() !== undefined;
}

/** The calendar as it stands on `today`. */
export function calendarText(opened: OpenedDatabase, today: Day, instant: string): string {
  return writeCalendar(calendarEntries(loadApiaries(opened, today)), instant);
}
