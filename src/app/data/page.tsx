import { basename } from 'node:path';
import type { Metadata } from 'next';
import { headers } from 'next/headers';
import { database } from '@/db/open';
import { loadSettings } from '@/db/repositories/settings';
import { feedToken } from '@/server/calendar/feed';
import { isDemo } from '@/server/demo-mode';
import { DataPage } from '@/ui/data/DataPage';
import { SECURE_HEADER } from '../../views/asked-by';

export const metadata: Metadata = { title: 'Data' };

export default async function Page() {
  const { db, file } = database();
  const token = feedToken(db);
  const asked = await headers();
  const scheme = asked.get('x-forwarded-proto') ?? (asked.get(SECURE_HEADER) === '1' ? 'https' : 'http');
  const feed = token === null ? null : `${scheme}://${asked.get('host')}/calendar/${token}.ics`;
  const { calendarShows, calendarReminds } = loadSettings(db);
  return (
    <DataPage
      file={basename(file)}
      isDemo={isDemo()}
      feed={feed}
      calendarShows={calendarShows}
      calendarReminds={calendarReminds}
    />
  );
}
