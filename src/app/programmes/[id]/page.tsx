import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { database } from '@/db/open';
import { now } from '@/server/clock';
import { loadProgramme } from '@/server/programmes/programme-page';
import { ProgrammePage } from '@/ui/programme/ProgrammePage';
import { axisAhead } from '@/ui/time/axis';

interface Props {
  params: Promise<{ id: string }>;
}

export const metadata: Metadata = { title: 'Programme' };

export default async function Page({ params }: Props) {
  const { id } = await params;
  const { today, minute } = await now();
  const found = loadProgramme(database(), id, today);
  if (!found) notFound();
  return <ProgrammePage {...found} axis={axisAhead(today)} minute={minute} />;
}
