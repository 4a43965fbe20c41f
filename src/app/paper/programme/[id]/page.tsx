import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { database } from '@/db/open';
import { now } from '@/server/clock';
import { loadProgramme } from '@/server/programmes/programme-page';
import { ProgrammeSheet } from '@/ui/paper/ProgrammeSheet';
import { weekdayWords } from '@/words/days';

export const metadata: Metadata = { title: 'Sheet of a method' };

export default async function Page({ params }: { readonly params: Promise<{ readonly id: string }> }) {
  const { id } = await params;
  const { today } = await now();
  const found = loadProgramme(database(), id, today);
  if (!found) notFound();
  return <ProgrammeSheet view={found.view} note={found.note} made={weekdayWords(today)} />;
}
