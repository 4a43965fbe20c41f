import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { database } from '@/db/open';
import { now } from '@/server/clock';
import { colonyAsEntered, inspectionsEntered } from '@/server/colony-page';
import { EntriesPage } from '@/ui/colony/EntriesPage';
import { axisAround } from '@/ui/time/axis';
import { enteredView } from '@/views/entries-view';

export const metadata: Metadata = { title: 'What was entered' };

export default async function Page({ params }: { params: Promise<{ id: string }> }) {
  const { id } = await params;
  const { today } = await now();
  const opened = database();
  const found = colonyAsEntered(opened, id, today);
  if (!found) notFound();
  const { colony, apiary, facts, why } = found;
  const labels = new Map(facts.cells.map((cell) => [cell.id, cell.label]));
  return (
    <EntriesPage
      colony={colony}
      apiary={apiary}
      why={why}
      entries={enteredView(inspectionsEntered(opened.db, id), (cellId) => labels.get(cellId) ?? '')}
      axis={axisAround(today)}
    />
  );
}
