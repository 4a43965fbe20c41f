import type { Metadata } from 'next';
import { type Day, day, parseDay, yearOf } from '@/core/calendar/day';
import { database } from '@/db/open';
import { roundsMade } from '@/db/repositories/rounds';
import { loadApiaries } from '@/server/all-apiaries';
import { allFacts } from '@/server/all-facts';
import { now } from '@/server/clock';
import { oneParam } from '@/server/one-param';
import { LookingBackPage } from '@/ui/looking-back/LookingBackPage';
import { lookingBackView } from '@/views/looking-back-view';

export const metadata: Metadata = { title: 'Looking back' };

interface Props {
  readonly searchParams: Promise<{
    readonly from?: string | string[];
    readonly to?: string | string[];
    readonly apiary?: string | string[];
  }>;
}

/** The year as it is where nothing else is asked; days the wrong way round are taken the right way. */
function spanOf(from: string | null, to: string | null, today: Day) {
  const first = parseDay(from ?? '') ?? day(`${yearOf(today)}-01-01`);
  const last = parseDay(to ?? '') ?? day(`${yearOf(today)}-12-31`);
  return first <= last ? { from: first, to: last } : { from: last, to: first };
}

export default async function Page({ searchParams }: Props) {
  const { today } = await now();
  const asked = await searchParams;
  const opened = database();
  const { apiaries } = loadApiaries(opened, today);
  const apiaryId = oneParam(asked.apiary);
  const knownOn = (on: Day) => ({
    colonies: loadApiaries(opened, on).colonies.filter(({ apiary }) => !apiaryId || apiary.id === apiaryId),
    facts: allFacts(opened, on),
  });
  const rounds = roundsMade(opened.db).filter((one) => !apiaryId || one.apiaryId === apiaryId);
  const span = spanOf(oneParam(asked.from), oneParam(asked.to), today);
  return (
    <LookingBackPage
      view={lookingBackView(knownOn, rounds, span, today)}
      apiaries={apiaries.map(({ id, name }) => ({ id, name }))}
      apiaryId={apiaryId ?? ''}
    />
  );
}
