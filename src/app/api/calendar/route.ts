import { z } from 'zod';
import { success } from '@/core/problems/issue';
import { database } from '@/db/open';
import { calendarResponse } from '@/server/calendar/calendar-response';
import { calendarText, closeFeed, renewFeed } from '@/server/calendar/feed';
import { now } from '@/server/clock';
import { takeEntry } from '@/server/http/handle';

const nothing = z.strictObject({});

/** The calendar as a file. */
export async function GET() {
  const { today, instant } = await now();
  return calendarResponse(calendarText(database(), today, instant), true);
}

/** Gives the feed a new address. */
export const POST = (request: Request) =>
  takeEntry(request, nothing, ({ db }, _, at) => success({ token: renewFeed(db, at) }));

/** Ends the feed. */
export const DELETE = (request: Request) =>
  takeEntry(request, nothing, ({ db }) => {
    closeFeed(db);
    return success({});
  });
