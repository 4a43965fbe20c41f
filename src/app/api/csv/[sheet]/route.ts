import { strToU8, zipSync } from 'fflate';
import { formatDay } from '@/core/calendar/day';
import { failure } from '@/core/problems/issue';
import { say } from '@/core/problems/says';
import { database } from '@/db/open';
import { now } from '@/server/clock';
import { answer, answering } from '@/server/http/handle';
import { allCsv, csvOf, isSheet } from '@/server/spreadsheets/sheet-of-book';

const ALL = 'all';

const file = (body: BodyInit, type: string, name: string) =>
  new Response(body, {
    headers: {
      'Content-Type': type,
      'Content-Disposition': `attachment; filename="${name}"`,
      'Cache-Control': 'no-store',
    },
  });

/** One sheet of the book as CSV, or all of them in one archive. */
export const GET = (_: Request, { params }: { readonly params: Promise<{ readonly sheet: string }> }) =>
  answering(async () => {
    const { sheet } = await params;
    const { today } = await now();
    const opened = database();
    if (sheet === ALL) {
      const files = [...allCsv(opened, today)].map(([name, text]) => [name, strToU8(text)] as const);
      const archive = zipSync(Object.fromEntries(files));
      return file(new Uint8Array(archive), 'application/zip', `ubbet-spreadsheets-${formatDay(today)}.zip`);
    }
    if (!isSheet(sheet)) return answer(failure({ path: ['sheet'], code: 'not-found', message: say('no-such-sheet') }));
    return file(csvOf(sheet, opened, today), 'text/csv; charset=utf-8', `ubbet-${sheet}.csv`);
  });
