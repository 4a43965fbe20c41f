import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { v7 as newId } from 'uuid';
import { database } from '@/db/open';
import { emptyDraft } from '@/device/draft';
import { readEntry } from '@/device/entry-reading';
import { draftKey } from '@/device/stored-draft';
import { now } from '@/server/clock';
import { loadColony } from '@/server/colony-page';
import { usualTime } from '@/server/usual-time';
import { loadYard } from '@/server/yard';
import { DeskEntry } from '@/ui/entry/DeskEntry';
import { needyColonies } from '@/views/cells-view';

export const metadata: Metadata = { title: 'Enter an inspection' };

export default async function Page({ params }: { params: Promise<{ id: string }> }) {
  const { id } = await params;
  const at = await now();
  const opened = database();
  const found = loadColony(opened.db, id, at.today);
  if (!found) notFound();
  const { colony, apiary, facts, settings, state } = found;
  const begin = emptyDraft(newId(), id, usualTime(at, state.lastLook?.inspection.at ?? null));
  return (
    <DeskEntry
      colonyName={colony.name}
      placeName={apiary.name}
      facts={facts}
      settings={settings}
      now={at.minute}
      begin={begin}
      first={readEntry({ facts, settings, draft: begin, today: at.today, isCorrection: false })}
      keptAs={draftKey.inspection(id, null)}
      isCorrection={false}
      needy={needyColonies(loadYard(opened, at.today), id)}
    />
  );
}
