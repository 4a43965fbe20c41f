import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { database } from '@/db/open';
import { now } from '@/server/clock';
import { loadChanges, loadColony, loadQueenLines } from '@/server/colony-page';
import { neighboursOf } from '@/server/neighbours';
import { ColonyPage } from '@/ui/colony/ColonyPage';
import { axisAround } from '@/ui/time/axis';
import { colonyView } from '@/views/colony-view';

interface Props {
  params: Promise<{ id: string }>;
}

export async function generateMetadata({ params }: Props): Promise<Metadata> {
  const { today } = await now();
  return { title: loadColony(database().db, (await params).id, today)?.colony.name ?? 'Colony' };
}

export default async function Page({ params }: Props) {
  const { id } = await params;
  const { today } = await now();
  const { db } = database();
  const found = loadColony(db, id, today);
  if (!found) notFound();
  const { colony, apiary, state } = found;
  return (
    <ColonyPage
      colony={colony}
      apiary={apiary}
      view={colonyView(state)}
      axis={axisAround(today)}
      queens={loadQueenLines(db, id)}
      {...loadChanges(db, id)}
      {...neighboursOf(db, colony)}
    />
  );
}
