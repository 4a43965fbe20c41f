import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { comparable } from '@/core/facts/comparable-entry';
import { database } from '@/db/open';
import { findEntry } from '@/db/repositories/inspection-entry';
import { draftOf } from '@/device/draft';
import { draftKey } from '@/device/stored-draft';
import { loadApiaries } from '@/server/all-apiaries';
import { now } from '@/server/clock';
import { colonyAsEntered } from '@/server/colony-page';
import { entryRead } from '@/server/entry-read';
import { DeskEntry } from '@/ui/entry/DeskEntry';
import { needyColonies } from '@/views/cells-view';
import { versionOf } from '../../../../../device/version-of';

export const metadata: Metadata = { title: 'Correct an inspection' };

export default async function Page({ params }: { params: Promise<{ id: string; inspectionId: string }> }) {
  const { id, inspectionId } = await params;
  const at = await now();
  const opened = database();
  const { db } = opened;
  const found = colonyAsEntered(opened, id, at.today);
  const stored = findEntry(db, inspectionId);
  if (!found || !stored || stored.deletedAt !== null || stored.entry.colonyId !== id) notFound();
  const { colony, apiary, facts, settings } = found;
  const begin = draftOf(stored.entry);
  return (
    <DeskEntry
      colonyName={colony.name}
      placeName={apiary.name}
      facts={facts}
      settings={settings}
      now={at.minute}
      begin={begin}
      first={entryRead({ facts, settings, draft: begin, today: at.today, isCorrection: true })}
      keptAs={draftKey.inspection(id, inspectionId)}
      over={versionOf(comparable(stored.entry))}
      needy={needyColonies(loadApiaries(opened, at.today), id)}
    />
  );
}
