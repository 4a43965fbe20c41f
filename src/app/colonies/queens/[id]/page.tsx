import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { database } from '@/db/open';
import { loadApiaries } from '@/server/all-apiaries';
import { allFacts } from '@/server/all-facts';
import { now } from '@/server/clock';
import { queenRecords } from '@/server/queens/queen-records';
import { QueenPage } from '@/ui/queens/QueenPage';
import { queenPageView, queensView } from '@/views/queens-view';

export const metadata: Metadata = { title: 'Queen' };

export default async function Page({ params }: { params: Promise<{ id: string }> }) {
  const { today } = await now();
  const opened = database();
  const facts = allFacts(opened, today);
  const records = queenRecords(opened.db, (colonyId) => facts.get(colonyId)?.inspections ?? []);
  const view = queensView(loadApiaries(opened, today), records, today);
  const page = queenPageView(view, records, (await params).id);
  if (!page) notFound();
  return <QueenPage key={page.queen.id} view={page} />;
}
