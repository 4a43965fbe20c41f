import type { Metadata } from 'next';
import { type Day, day, parseDay, yearOf } from '@/core/calendar/day';
import { database } from '@/db/open';
import { loadFood } from '@/db/repositories/food';
import { roundsMade } from '@/db/repositories/rounds';
import { loadApiaries } from '@/server/all-apiaries';
import { allFacts } from '@/server/all-facts';
import { now } from '@/server/clock';
import { knownThen } from '@/server/looking-back/known-then';
import { oneParam } from '@/server/one-param';
import { queenRecords } from '@/server/queens/queen-records';
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
  const { db } = opened;
  const { apiaries } = loadApiaries(opened, today);
  const apiaryId = oneParam(asked.apiary);
  const facts = allFacts(opened, today);
  const view = lookingBackView({
    knownIn: (span) => knownThen(opened, span, today, apiaryId || null),
    rounds: roundsMade(db).filter((one) => !apiaryId || one.apiaryId === apiaryId),
    food: loadFood(db),
    queens: queenRecords(db, (colonyId) => facts.get(colonyId)?.inspections ?? []),
    span: spanOf(oneParam(asked.from), oneParam(asked.to), today),
  });
  return (
    <LookingBackPage view={view} apiaries={apiaries.map(({ id, name }) => ({ id, name }))} apiaryId={apiaryId ?? ''} />
  );
}
