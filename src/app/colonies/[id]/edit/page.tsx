import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { formatDay } from '@/core/calendar/day';
import { database } from '@/db/open';
import { now } from '@/server/clock';
import { loadColony } from '@/server/colony-page';
import { loadNames } from '@/server/names';
import { ColonyForm } from '@/ui/forms/ColonyForm';
import { methodSaid } from '@/words/methods/methods';

export const metadata: Metadata = { title: 'Edit a colony' };

export default async function Page({ params }: { params: Promise<{ id: string }> }) {
  const { id } = await params;
  const { today } = await now();
  const opened = database();
  const { db } = opened;
  const found = loadColony(opened, id, today);
  if (!found) notFound();
  const { apiaries, colonies } = loadNames(db);
  const others = colonies.filter((colony) => colony.id !== id);
  return (
    <ColonyForm
      swarmSteps={methodSaid('hive-swarm').steps}
      colony={found.colony}
      isNew={false}
      apiaries={apiaries}
      others={others}
      today={formatDay(today)}
    />
  );
}
