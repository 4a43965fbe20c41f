import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { v7 as newId } from 'uuid';
import { roomFigures } from '@/core/settings/settings';
import { knownFrom } from '@/core/space/room';
import { database } from '@/db/open';
import { beginSurvey } from '@/device/begin-survey';
import { now } from '@/server/clock';
import { loadColony } from '@/server/colony-page';
import { oneParam } from '@/server/one-param';
import { usualTime } from '@/server/usual-time';
import { DeskSurvey } from '@/ui/survey/DeskSurvey';

export const metadata: Metadata = { title: 'Survey the frames' };

interface Props {
  params: Promise<{ id: string }>;
  searchParams: Promise<{ entry?: string | string[] }>;
}

export default async function Page({ params, searchParams }: Props) {
  const { id } = await params;
  const cameBackId = oneParam((await searchParams).entry);
  const at = await now();
  const found = loadColony(database(), id, at.today);
  if (!found) notFound();
  const { colony, apiary, settings, state } = found;
  const last = state.frames?.survey ?? null;
  const ids = { surveyId: newId(), boxId: newId() };
  return (
    <DeskSurvey
      colonyName={colony.name}
      placeName={[apiary.name, colony.stand].filter(Boolean).join(', ')}
      figures={roomFigures(settings)}
      before={knownFrom(state.frames?.room ?? null)}
      usual={{ brood: settings.broodSize, super: settings.superSize }}
      now={at.minute}
      cameBackId={cameBackId}
      {...beginSurvey(ids, id, last, settings, at, usualTime(at, last?.at ?? null))}
    />
  );
}
