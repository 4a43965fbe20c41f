import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { formatDay } from '@/core/calendar/day';
import { database } from '@/db/open';
import { now } from '@/server/clock';
import { loadColony, queensOfColony } from '@/server/colony-page';
import { QueenForm } from '@/ui/forms/QueenForm';

export const metadata: Metadata = { title: 'Queen' };

export default async function Page({ params }: { params: Promise<{ id: string }> }) {
  const { id } = await params;
  const { today, minute } = await now();
  const opened = database();
  const { db } = opened;
  const found = loadColony(opened, id, today);
  if (!found) notFound();
  return (
    <QueenForm
      colonyId={id}
      colonyName={found.colony.name}
      known={queensOfColony(db, id)}
      today={formatDay(today)}
      now={minute}
      corrects={null}
    />
  );
}
