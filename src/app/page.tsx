import type { Metadata } from 'next';
import { redirect } from 'next/navigation';
import { Suspense } from 'react';
import { type Book, database } from '@/db/open';
import { loadApiaries } from '@/server/all-apiaries';
import { deviceZone, now, zoneBy } from '@/server/clock';
import { type FortnightNow, fortnightNow } from '@/server/rounds/fortnight-now';
import { soon } from '@/server/rounds/soon';
import { besideRounds, type WeekPageNow, weekPageNow } from '@/server/rounds/week-page-now';
import { axisAround } from '@/ui/time/axis';
import { TodayPage } from '@/ui/today/TodayPage';
import { WeekHead, WeekPage } from '@/ui/today/WeekPage';
import { alsoToday } from '@/views/also-today';
import { todayView } from '@/views/today-view';

export const metadata: Metadata = { title: { absolute: 'Today · Ubbet' } };

interface Props {
  /** `days`: 14 for the fortnight. */
  readonly searchParams: Promise<{ readonly days?: string }>;
}

interface OnToday {
  readonly opened: Book;
  readonly all: ReturnType<typeof loadApiaries>;
  readonly at: Awaited<ReturnType<typeof now>>;
  readonly days: number;
}

/** The week's rounds; where they take longer what is due stands there meanwhile, and the rounds follow as soon as they are worked out. */
export default async function Page({ searchParams }: Props) {
  const at = await now();
  const opened = database();
  const all = loadApiaries(opened, at.today);
  if (all.apiaries.length === 0) redirect('/start');
  const days = (await searchParams).days === '14' ? 14 : 7;
  const { answer } = fortnightNow(opened, all, at, zoneBy(await deviceZone()));
  // Else what is due would stand there for a blink, and a tap on it go astray.
  const settled = await soon(answer);
  const page = settled && weekOrNull(opened, all, at, settled, days);
  const props = { opened, all, at, days };
  // One place for both, so that a plan made anew takes the place of the last when it is there, and nothing of the page is lost meanwhile.
  // What stands in is sent along even where it is not wanted any more: no more of it than need be.
  return (
    <Suspense
      fallback={page ? <WeekHead view={page.view} axis={axisAround(at.today)} /> : <Due {...props} state="planning" />}
    >
      {page ? <Week {...props} page={page} /> : <Planned {...props} answer={answer} />}
    </Suspense>
  );
}

async function Planned({ answer, ...props }: OnToday & { readonly answer: Promise<FortnightNow | null> }) {
  const { opened, all, at, days } = props;
  const planned = await answer;
  const page = planned && weekOrNull(opened, all, at, planned, days);
  return page ? <Week {...props} page={page} /> : <Due {...props} state="not-planned" />;
}

/** What is due is said, whatever goes wrong with its rounds. */
function weekOrNull(...[opened, all, at, planned, days]: Parameters<typeof weekPageNow>): WeekPageNow | null {
  try {
    return weekPageNow(opened, all, at, planned, days);
  } catch (error) {
    console.error('the rounds could not be shown:', error);
    return null;
  }
}

const Week = ({ all, at, days, page }: OnToday & { readonly page: WeekPageNow }) => (
  <WeekPage
    {...page}
    axis={axisAround(at.today)}
    minute={at.minute}
    days={days}
    apiaries={all.apiaries.map(({ id, name }) => ({ id, name }))}
    freeWeek={all.settings.freeWeek}
  />
);

function Due({ opened, all, at, state }: OnToday & { readonly state: 'planning' | 'not-planned' }) {
  const view = todayView(all, at.today);
  const beside = besideRounds(opened, all, at);
  const also = alsoToday(all, at.today, { ...beside, shortages: [], swarmRisks: view.swarmRisks });
  return <TodayPage view={view} also={also} {...beside} axis={axisAround(at.today)} minute={at.minute} state={state} />;
}
