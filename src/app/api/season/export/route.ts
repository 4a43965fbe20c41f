import { formatDay } from '@/core/calendar/day';
import { database } from '@/db/open';
import { now } from '@/server/clock';
import { answering } from '@/server/http/handle';
import { seasonFileStream } from '@/server/season/season-file-stream';

/** All facts as one file to keep, written as it is read. */
export const GET = () =>
  answering(async () => {
    const { today } = await now();
    return new Response(seasonFileStream(database().db), {
      headers: {
        'Content-Type': 'application/json; charset=utf-8',
        'Content-Disposition': `attachment; filename="ubbet-season-${formatDay(today)}.json"`,
        'Cache-Control': 'no-store',
      },
    });
  });
