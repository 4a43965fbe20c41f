import type { Metadata } from 'next';
import { database } from '@/db/open';
import { loadApiaries } from '@/server/all-apiaries';
import { now } from '@/server/clock';
import { queenRecords } from '@/server/queens/queen-records';
import { QueensPage } from '@/ui/queens/QueensPage';
import { queensView } from '@/views/queens-view';

export const metadata: Metadata = { title: 'Queens' };

export default async function Page() {
  const { today } = await now();
  const opened = database();
  return <QueensPage view={queensView(loadApiaries(opened, today), queenRecords(opened.db), today)} />;
}
