import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { database } from '@/db/open';
import { now } from '@/server/clock';
import { loadYard } from '@/server/yard';
import { RoundSheet } from '@/ui/hive/RoundSheet';
import { roundView } from '@/views/round-view';
import { weekdayWords } from '@/words/days';

export const metadata: Metadata = { title: 'Round sheet' };

export default async function Page({ params }: { params: Promise<{ id: string }> }) {
  const { id } = await params;
  const { today } = await now();
  const yard = loadYard(database(), today);
  const apiary = yard.apiaries.find((one) => one.id === id);
  if (!apiary) notFound();
  const here = yard.colonies.filter((standing) => standing.apiary.id === id);
  return <RoundSheet apiary={apiary.name} day={weekdayWords(today)} round={roundView(here, today)} />;
}
