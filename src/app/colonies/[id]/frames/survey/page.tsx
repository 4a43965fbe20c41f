import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { v7 as newId } from 'uuid';
import { roomFigures } from '@/core/settings/settings';
import { flowOfGain } from '@/core/space/nectar';
import { knownFrom } from '@/core/space/room';
import { database } from '@/db/open';
import { beginSurvey } from '@/device/begin-survey';
import { loadApiaries } from '@/server/all-apiaries';
import { now } from '@/server/clock';
import { loadColony } from '@/server/colony-page';
import { oneParam } from '@/server/one-param';
import { usualTime } from '@/server/usual-time';
import { DeskSurvey } from '@/ui/survey/DeskSurvey';
import { flowWords } from '@/words/scale';

export const metadata: Metadata = { title: 'Survey the frames' };

interface Props {
  params: Promise<{ id: string }>;
  searchParams: Promise<{ entry?: string | string[] }>;
}

export default async function Page({ params, searchParams }: Props) {
  const { id } = await params;
  const cameBackId = oneParam((await searchParams).entry);
  const at = await now();
  const opened = database();
  const found = loadColony(opened, id, at.today);
  if (!found) notFound();
  const { colony, apiary, settings, state } = found;
  const last = state.frames?.survey ?? null;
  const ids = { surveyId: newId(), boxId: newId() };
  const { begin, carriedFrom } = beginSurvey(ids, id, last, settings, at, usualTime(at, last?.at ?? null));
  const scale = loadApiaries(opened, at.today).measured?.scales.get(id);
  const gainKg = scale?.gainKg ?? null;
  return (
    <DeskSurvey
      colonyName={colony.name}
      placeName={[apiary.name, colony.stand].filter(Boolean).join(', ')}
      figures={roomFigures(settings)}
      before={knownFrom(state.frames?.room ?? null)}
      usual={{ brood: settings.broodSize, super: settings.superSize }}
      now={at.minute}
      cameBackId={cameBackId}
      begin={gainKg === null ? begin : { ...begin, flow: flowOfGain(gainKg) }}
      carriedFrom={carriedFrom}
      flowHint={scale ? flowWords(scale) : null}
    />
  );
}
