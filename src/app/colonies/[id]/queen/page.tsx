import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { formatDay } from '@/core/calendar/day';
import { QUEEN_EVENTS } from '@/core/colony/facts';
import { database } from '@/db/open';
import { now } from '@/server/clock';
import { loadColony, queensOfColony } from '@/server/colony-page';
import { QueenForm } from '@/ui/forms/QueenForm';

export const metadata: Metadata = { title: 'Queen' };

interface Props {
  readonly params: Promise<{ readonly id: string }>;
  /** `kind`: what happened. */
  readonly searchParams: Promise<{ readonly kind?: string }>;
}

export default async function Page({ params, searchParams }: Props) {
  const { id } = await params;
  const { kind } = await searchParams;
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
      begins={QUEEN_EVENTS.find((one) => one === kind) ?? null}
    />
  );
}
