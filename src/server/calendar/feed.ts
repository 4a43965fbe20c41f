import 'server-only';
import { randomBytes } from 'node:crypto';
import { eq } from 'drizzle-orm';
import { v7 as newId } from 'uuid';
import type { Now } from '../../core/calendar/now';
import type { Book, Db } from '../../db/open';
import { calendarFeeds } from '../../db/schema/tables';
import { calendarEntries } from '../../views/calendar-view';
import { loadApiaries } from '../all-apiaries';
import { fortnightNow } from '../rounds/fortnight-now';
import { type Planner, planApart } from '../rounds/plan-apart';
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

/** The calendar as it stands by now, with the rounds where the keeper wants them and they can be planned. */
export async function calendarText(opened: Book, now: Now, zone: string, plan: Planner = planApart): Promise<string> {
  const all = loadApiaries(opened, now.today);
  const isAsked = all.settings.calendarShows !== 'checks';
  const planned = isAsked ? await fortnightNow(opened, all, now, zone, plan).answer : null;
  return writeCalendar(calendarEntries(all, planned), now.instant);
}
