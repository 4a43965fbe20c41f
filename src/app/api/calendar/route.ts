import { z } from 'zod';
import { calendarHolds } from '@/core/facts/setting';
import { success } from '@/core/problems/issue';
import { database } from '@/db/open';
import { calendarResponse } from '@/server/calendar/calendar-response';
import { calendarText, closeFeed, renewFeed } from '@/server/calendar/feed';
import { deviceZone, now, zoneBy } from '@/server/clock';
import { changeSome } from '@/server/entries/save-settings';
import { takeEntry } from '@/server/http/handle';

const nothing = z.strictObject({});

/** The calendar as a file. */
export async function GET() {
  const at = await now();
  return calendarResponse(await calendarText(database(), at, zoneBy(await deviceZone())), true);
}

/** Gives the feed a new address. */
export const POST = (request: Request) =>
  takeEntry(request, nothing, ({ db }, _, at) => success({ token: renewFeed(db, at) }));

/** What the calendar holds, and whether it reminds. */
export const PUT = (request: Request) => takeEntry(request, calendarHolds, ({ db }, entry) => changeSome(db, entry));

/** Ends the feed. */
export const DELETE = (request: Request) =>
  takeEntry(request, nothing, ({ db }) => {
    closeFeed(db);
    return success({});
  });
