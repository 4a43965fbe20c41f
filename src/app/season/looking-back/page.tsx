import type { Metadata } from 'next';
import { type Day, day, parseDay, yearOf } from '@/core/calendar/day';
import { database } from '@/db/open';
import { loadApiaries } from '@/server/all-apiaries';
import { now } from '@/server/clock';
import { lookBack } from '@/server/looking-back/look-back';
import { oneParam } from '@/server/one-param';
import { LookingBackPage } from '@/ui/looking-back/LookingBackPage';

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
  const view = lookBack(opened, spanOf(oneParam(asked.from), oneParam(asked.to), today), today, apiaryId || null);
  return (
    <LookingBackPage view={view} apiaries={apiaries.map(({ id, name }) => ({ id, name }))} apiaryId={apiaryId ?? ''} />
  );
}
