'use client';

import Link from 'next/link';
import type { Day } from '../../core/calendar/day';
import type { SeasonPlanView } from '../../views/season-plan-view';
import { useSend } from '../controls/useSend';
import { useBook } from '../frame/BookContext';
import { Views } from '../frame/Views';
import { FlowLane } from '../season/FlowLane';
import { Sheet } from '../season/Sheet';
import { YearLane } from '../season/YearLane';
import { TitleHead } from '../time/TitleHead';
import { HowRun } from './HowRun';
import { NotYetList } from './NotYetList';
import { PlanLane } from './PlanLane';
import { WeekLanes } from './WeekLanes';
import { WeekTable } from './WeekTable';

/** How is each colony to be run this season, what does that ask, and does it go? */
export function PlanPage({ view, today }: { readonly view: SeasonPlanView; readonly today: Day }) {
  const { year, name, groups, notYet, atTheEnd, supposes } = view;
  const isReader = useBook()?.isReader === true;
  const send = useSend();
  const rows = groups.flatMap((group) => group.rows);
  const hasPlan = rows.some(({ plan }) => plan !== null);
  return (
    <>
      <TitleHead
        title={`Plan for the season of ${name}`}
        below={
          <p className="flex flex-wrap gap-x-4">
            <span>What you mean to do. It is no check: what the bees do comes first.</span>
            <Link prefetch={false} href={`/season/plan?year=${year - 1}`} className="inline-block min-h-6">
              The season before
            </Link>
            <Link prefetch={false} href={`/season/plan?year=${year + 1}`} className="inline-block min-h-6">
              The next season
            </Link>
          </p>
        }
      />
      <Views of="season" />
      {rows.length === 0 && <p className="mt-6">No colonies yet. Add one, and plan its season here.</p>}
      {send.issues.map(({ message }) => (
        <p key={message} role="alert" className="text-propolis mt-2 font-semibold">
          {message}
        </p>
      ))}
      {hasPlan && <NotYetList list={notYet} rows={rows} send={send} isReader={isReader} />}
      {hasPlan && <p className="mt-3 max-w-prose">{atTheEnd}</p>}
      <HowRun view={view} send={send} isReader={isReader} />
      {hasPlan && (
        <Sheet
          days={view}
          today={today}
          className="season-plan"
          hint="Drag a pale mark to another day, or move it with Shift and the arrows, then Enter. Tap it to start or drop it."
        >
          {({ daysOf }) => (
            <>
              <WeekLanes view={view} />
              {groups.map(({ apiary, year: bands, flows, rows: own }) => (
                <section key={apiary} aria-label={apiary}>
                  <h2 className="relative bg-ink px-2.5 py-0.5 text-sm text-white">{apiary}</h2>
                  <YearLane bands={bands} origin={view.first} />
                  {flows.length > 0 && <FlowLane flows={flows} origin={view.first} />}
                  {own
                    .filter(({ plan }) => plan !== null)
                    .map((row) => (
                      <PlanLane key={row.colonyId} row={row} origin={view.first} daysOf={daysOf} />
                    ))}
                </section>
              ))}
            </>
          )}
        </Sheet>
      )}
      {hasPlan && <WeekTable view={view} />}
      {supposes.length > 0 && (
        <section aria-label="What the plan supposes" className="text-muted mt-4 max-w-prose text-sm">
          <h2 className="text-base font-bold">What the plan supposes</h2>
          <ul>
            {supposes.map((words) => (
              <li key={words} className="mt-1">
                {words}
              </li>
            ))}
          </ul>
          <Link prefetch={false} href="/apiaries" className="inline-block min-h-6">
            Enter the days of an apiary’s year
          </Link>
        </section>
      )}
    </>
  );
}
