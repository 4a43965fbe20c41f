import { formatDay } from '@/core/calendar/day';
import { writeSeasonFile } from '@/core/formats/season-file';
import { database } from '@/db/open';
import { now } from '@/server/clock';
import { readAllFacts } from '@/server/season/season-facts';

/** All facts as one file to keep. */
export async function GET() {
  const { today } = await now();
  return new Response(writeSeasonFile(readAllFacts(database().db)), {
    headers: {
      'Content-Type': 'application/json; charset=utf-8',
      'Content-Disposition': `attachment; filename="ubbet-season-${formatDay(today)}.json"`,
      'Cache-Control': 'no-store',
    },
  });
}
