import type { Metadata } from 'next';
import { database } from '@/db/open';
import { deviceZone, minuteOf } from '@/server/clock';
import { loadNames } from '@/server/names';
import { listBroughtIn } from '@/server/spreadsheets/bring-in';
import { BringInPage } from '@/ui/bring-in/BringInPage';
import { minuteWords } from '@/words/days';

export const metadata: Metadata = { title: 'Bring in a spreadsheet' };

export default async function Page() {
  const opened = database();
  const { apiaries, colonies } = loadNames(opened.db);
  const zone = await deviceZone();
  const list = listBroughtIn(opened);
  return (
    <BringInPage
      colonies={colonies}
      apiaries={apiaries.map(({ id, name }) => ({ id, name }))}
      before={list.map(({ heads, matching }) => ({ heads, matching }))}
      list={list.map(({ id, at, kind, file, rows, undoneAt }) => ({
        id,
        at: minuteWords(minuteOf(new Date(at), zone)),
        kind,
        file,
        rows,
        isUndone: undoneAt !== null,
      }))}
    />
  );
}
