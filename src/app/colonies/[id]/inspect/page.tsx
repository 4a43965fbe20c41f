import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { v7 as newId } from 'uuid';
import { database } from '@/db/open';
import { now } from '@/server/clock';
import { loadColony } from '@/server/colony-page';
import { usualTime } from '@/server/usual-time';
import { loadYard } from '@/server/yard';
import { InspectionForm } from '@/ui/entry/InspectionForm';
import { needyColonies } from '@/views/cells-view';

export const metadata: Metadata = { title: 'Enter an inspection' };

export default async function Page({ params }: { params: Promise<{ id: string }> }) {
  const { id } = await params;
  const at = await now();
  const { db } = database();
  const found = loadColony(db, id, at.today);
  if (!found) notFound();
  const { colony, apiary, facts, settings, state } = found;
  return (
    <InspectionForm
      colonyId={id}
      colonyName={colony.name}
      apiaryName={apiary.name}
      facts={facts}
      settings={settings}
      now={at.minute}
      startAt={usualTime(at, state.lastLook?.inspection.at ?? null)}
      newId={newId()}
      needy={needyColonies(loadYard(db, at.today), id)}
      stored={null}
    />
  );
}
