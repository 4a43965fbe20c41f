import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { database } from '@/db/open';
import { now } from '@/server/clock';
import { loadColony } from '@/server/colony-page';
import { BegunPage } from '@/ui/start/BegunPage';
import { handbookLists } from '@/views/handbook';

export const metadata: Metadata = { title: 'What is under way' };

export default async function Page({ params }: { params: Promise<{ id: string }> }) {
  const { id } = await params;
  const { today } = await now();
  const found = loadColony(database(), id, today);
  if (!found || found.state.ended) notFound();
  return <BegunPage colony={found.colony} lists={handbookLists()} />;
}
