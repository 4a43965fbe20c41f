import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { v7 as newId } from 'uuid';
import { database } from '@/db/open';
import { emptyDraft } from '@/device/draft';
import { draftKey } from '@/device/stored-draft';
import { loadApiaries } from '@/server/all-apiaries';
import { now } from '@/server/clock';
import { colonyAsEntered } from '@/server/colony-page';
import { entryRead } from '@/server/entry-read';
import { oneParam } from '@/server/one-param';
import { usualTime } from '@/server/usual-time';
import { DeskEntry } from '@/ui/entry/DeskEntry';
import { needyColonies } from '@/views/cells-view';

export const metadata: Metadata = { title: 'Enter an inspection' };

interface Props {
  params: Promise<{ id: string }>;
  searchParams: Promise<{ entry?: string | string[] }>;
}

export default async function Page({ params, searchParams }: Props) {
  const { id } = await params;
  const cameBackId = oneParam((await searchParams).entry);
  const at = await now();
  const opened = database();
  const found = colonyAsEntered(opened, id, at.today);
  if (!found) notFound();
  const { colony, apiary, facts, settings, state } = found;
  const begin = emptyDraft(newId(), id, usualTime(at, state?.lastInspection?.inspection.at ?? null));
  return (
    <DeskEntry
      colonyName={colony.name}
      placeName={apiary.name}
      facts={facts}
      settings={settings}
      now={at.minute}
      begin={begin}
      first={entryRead({ facts, settings, draft: begin, today: at.today, isCorrection: false })}
      keptAs={draftKey.inspection(id, null)}
      over={null}
      cameBackId={cameBackId}
      needy={needyColonies(loadApiaries(opened, at.today), id)}
    />
  );
}
