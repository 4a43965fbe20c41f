import { z } from 'zod';
import { parseInput } from '@/core/formats/parse-input';
import { success } from '@/core/problems/issue';
import { BRINGABLE } from '@/core/spreadsheets/bring-in/fields';
import { database } from '@/db/open';
import { deviceZone, now, zoneBy } from '@/server/clock';
import { answer, answering } from '@/server/http/handle';
import { bookSideOf } from '@/server/spreadsheets/book-side';

const asked = z.strictObject({ kind: z.enum(BRINGABLE) });

/** What of the book a spreadsheet is held against while it is looked at. */
export function GET(request: Request) {
  const query = parseInput(asked, Object.fromEntries(new URL(request.url).searchParams));
  if (!query.ok) return answer(query);
  return answering(async () =>
    answer(
      success({
        book: bookSideOf(database().db, query.value.kind),
        now: await now(),
        zone: zoneBy(await deviceZone()),
      }),
    ),
  );
}
