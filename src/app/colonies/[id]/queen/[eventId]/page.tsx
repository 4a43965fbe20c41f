import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { formatDay } from '@/core/calendar/day';
import { database } from '@/db/open';
import { now } from '@/server/clock';
import { loadColony, loadQueenLines, queensOfColony } from '@/server/colony-page';
import { QueenForm } from '@/ui/forms/QueenForm';

export const metadata: Metadata = { title: 'Correct a queen event' };

export default async function Page({ params }: { params: Promise<{ id: string; eventId: string }> }) {
  const { id, eventId } = await params;
  const { today, minute } = await now();
  const opened = database();
  const { db } = opened;
  const found = loadColony(opened, id, today);
  const line = loadQueenLines(db, id, null).find((one) => one.id === eventId);
  if (!found || !line) notFound();
  return (
    <QueenForm
      colonyId={id}
      colonyName={found.colony.name}
      known={queensOfColony(db, id)}
      today={formatDay(today)}
      now={minute}
      corrects={line}
    />
  );
}
