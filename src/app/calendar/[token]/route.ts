import { database } from '@/db/open';
import { calendarResponse } from '@/server/calendar/calendar-response';
import { calendarText, isFeed } from '@/server/calendar/feed';
import { deviceZone, now, zoneBy } from '@/server/clock';

/** The feed, under an address that only its keeper knows. */
export async function GET(_: Request, { params }: { params: Promise<{ token: string }> }) {
  const { token } = await params;
  const opened = database();
  if (!isFeed(opened.db, token.replace(/\.ics$/, '')))
    return new Response('There is no calendar here.\n', { status: 404 });
  const at = await now();
  return calendarResponse(await calendarText(opened, at, zoneBy(await deviceZone())), false);
}
