import type { Metadata } from 'next';
import { redirect } from 'next/navigation';
import { Suspense } from 'react';
import { database, type OpenedDatabase } from '@/db/open';
import { loadFood } from '@/db/repositories/food';
import { loadRoundWishes } from '@/db/repositories/rounds';
import { loadYard } from '@/db/repositories/yard';
import { loadApiaries } from '@/server/all-apiaries';
import { deviceZone, now, zoneBy } from '@/server/clock';
import { type FortnightNow, fortnightNow } from '@/server/rounds/fortnight-now';
import { soon } from '@/server/rounds/soon';
import { weekNow } from '@/server/rounds/week-now';
import { meantInSeason, plannedYear } from '@/server/season-plan/season-plan-now';
import { axisAround } from '@/ui/time/axis';
import { TodayPage } from '@/ui/today/TodayPage';
import { WeekHead, WeekPage } from '@/ui/today/WeekPage';
import { foodNotes } from '@/views/food-view';
import { meantNow } from '@/views/season-plan-view';
import { todayView, yardToday } from '@/views/today-view';
import type { WeekView } from '@/views/week-view';

export const metadata: Metadata = { title: { absolute: 'Today · Ubbet' } };

interface Props {
  /** `days`: 14 for the fortnight. */
  readonly searchParams: Promise<{ readonly days?: string }>;
}

type At = Awaited<ReturnType<typeof now>>;
type All = ReturnType<typeof loadApiaries>;

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
  const props = { opened, all, at, days };
  const view = settled && weekNow(opened, all, at, settled, days);
  // One place for both, so that a plan made anew takes the place of the last when it is there, and nothing of the page is lost meanwhile.
  // What stands in is sent along even where it is not wanted any more: no more of it than need be.
  return (
    <Suspense
      fallback={view ? <WeekHead view={view} axis={axisAround(at.today)} /> : <Due {...props} state="planning" />}
    >
      {view ? <Week {...props} view={view} /> : <Planned {...props} answer={answer} />}
    </Suspense>
  );
}

interface PlannedProps {
  readonly opened: OpenedDatabase;
  readonly all: All;
  readonly at: At;
  readonly days: number;
}

async function Planned({ answer, ...props }: PlannedProps & { readonly answer: Promise<FortnightNow | null> }) {
  const { opened, all, at, days } = props;
  const planned = await answer;
  if (!planned) return <Due {...props} state="not-planned" />;
  return <Week {...props} view={weekNow(opened, all, at, planned, days)} />;
}

function Week({ opened, all, at, view, days }: PlannedProps & { readonly view: WeekView }) {
  return (
    <WeekPage
      view={view}
      yard={yardOf(opened, all, at)}
      meant={meantOf(opened, all, at)}
      foodAsked={foodNotes(all, loadFood(opened.db), at.today)}
      axis={axisAround(at.today)}
      minute={at.minute}
      days={days}
      apiaries={all.apiaries.map(({ id, name }) => ({ id, name }))}
      wishes={loadRoundWishes(opened.db)}
      freeWeek={all.settings.freeWeek}
    />
  );
}

const yardOf = ({ db }: OpenedDatabase, all: All, { today }: At) => yardToday(all, today, (id) => loadYard(db, id));

const meantOf = (opened: OpenedDatabase, all: All, { today }: At) =>
  meantNow(meantInSeason(opened, all, today, plannedYear(all, today)), today);

interface DueProps {
  readonly opened: OpenedDatabase;
  readonly all: All;
  readonly at: At;
  readonly state: 'planning' | 'not-planned';
}

function Due({ opened, all, at, state }: DueProps) {
  return (
    <TodayPage
      view={todayView(all, at.today)}
      yard={yardOf(opened, all, at)}
      meant={meantOf(opened, all, at)}
      foodAsked={foodNotes(all, loadFood(opened.db), at.today)}
      axis={axisAround(at.today)}
      minute={at.minute}
      state={state}
    />
  );
}
