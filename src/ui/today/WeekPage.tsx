import Link from 'next/link';
import type { RoundWish } from '../../core/facts/round';
import type { FreeTime } from '../../core/settings/free-time';
import type { NamedColony } from '../../views/all-apiaries';
import type { FoodNote } from '../../views/food-view';
import type { MeantNow } from '../../views/season-plan-view';
import type { YardToday } from '../../views/today-view';
import type { WeekRound, WeekView } from '../../views/week-view';
import { weekPhrases } from '../../words/pages/week';
import { BUTTON } from '../controls/styles';
import { FoodAskedList } from '../food/FoodAskedList';
import { Shortages } from '../kit/Shortages';
import { MeantList } from '../season-plan/MeantList';
import type { Axis } from '../time/axis';
import { groundForAll } from '../time/ground';
import { RulerHead } from '../time/RulerHead';
import { Bands } from './Bands';
import { ChangePlan, type PlannedCheck } from './ChangePlan';
import { HiveLane } from './HiveLane';
import { InTheYard } from './InTheYard';
import { RoundActions } from './RoundActions';
import { NoColonies, SwarmRisks } from './TodayPage';
import { Unreckoned } from './Unreckoned';
import { WhatMoved } from './WhatMoved';

interface Props {
  readonly view: WeekView;
  readonly yard: YardToday;
  readonly meant: readonly MeantNow[];
  readonly foodAsked: readonly FoodNote[];
  readonly unreckoned: readonly NamedColony[];
  readonly axis: Axis;
  readonly minute: string;
  /** 7 or 14 */
  readonly days: number;
  readonly apiaries: readonly NamedColony[];
  readonly wishes: readonly RoundWish[];
  readonly freeWeek: FreeTime['freeWeek'];
}

/** The head of the week, which also stands in for it while the rest is put in its place. */
export const WeekHead = ({ view, axis }: Pick<Props, 'view' | 'axis'>) => (
  <RulerHead axis={axis} title={view.headline} below={view.summary} />
);

/** What must I do, where, and when? */
export function WeekPage({
  view,
  yard,
  meant,
  foodAsked,
  unreckoned,
  axis,
  minute,
  days,
  apiaries,
  wishes,
  freeWeek,
}: Props) {
  const { rounds, bands, cannotBeMet, assumes, moved, isNew, version, more } = view;
  const isEmpty = rounds.length + bands.length + unreckoned.length === 0;
  return (
    <>
      <WeekHead view={view} axis={axis} />
      <Unreckoned colonies={unreckoned} />
      {cannotBeMet.length > 0 && <CannotBeMet list={cannotBeMet} />}
      {!isEmpty && (
        <>
          <WhatMoved moved={moved} isNew={isNew} version={version} />
          <p className="mt-2 flex flex-wrap items-center gap-x-2 gap-y-1">
            <Link prefetch={false} href="/hive" className={`${BUTTON.plain} max-wide:px-2.5 max-wide:text-sm`}>
              So many minutes here, now
            </Link>
            <Link prefetch={false} href="/swarm-out" className={`${BUTTON.plain} max-wide:px-2.5 max-wide:text-sm`}>
              A swarm is out
            </Link>
          </p>
        </>
      )}
      <Kit shortages={view.shortages} />
      <SwarmRisks risks={view.swarmRisks} />
      <InTheYard yard={yard} minute={minute} />
      <FoodAskedList notes={foodAsked} />
      <MeantList meant={meant} />
      {rounds.map((round) => (
        <Round key={round.key} round={round} axis={axis} minute={minute} freeWeek={freeWeek} wishes={wishes} />
      ))}
      {more && !isEmpty && (
        <p className="mt-2 text-sm">
          {more}{' '}
          <Link prefetch={false} href="/?days=14" className="inline-block min-h-6">
            Show both weeks
          </Link>
        </p>
      )}
      {days === 14 && (
        <p className="mt-2 text-sm">
          <Link prefetch={false} href="/" className="inline-block min-h-6">
            Show this week alone
          </Link>
        </p>
      )}
      {!isEmpty && (
        <ChangePlan
          apiaries={apiaries}
          wishes={wishes}
          leftOut={view.leftOut}
          checks={checksOf(rounds)}
          today={axis.today}
        />
      )}
      {assumes.length > 0 && !isEmpty && (
        <ul aria-label="What the plan takes for granted" className="text-muted mt-2 max-w-prose text-sm">
          {assumes.map((words) => (
            <li key={words}>{words}</li>
          ))}
        </ul>
      )}
      <Bands bands={bands} axis={axis} minute={minute} />
      {isEmpty && <NoColonies />}
    </>
  );
}

const checksOf = (rounds: readonly WeekRound[]): readonly PlannedCheck[] =>
  rounds.flatMap(({ rows }) =>
    rows.flatMap(({ row, tasks }) =>
      tasks.map(({ key, order }) => ({ colonyId: row.colonyId, key, words: `${row.name}: ${order}` })),
    ),
  );

function CannotBeMet({ list }: { readonly list: WeekView['cannotBeMet'] }) {
  return (
    <section aria-label="Cannot be met in time" className="mt-3 border-2 border-propolis px-2.5 py-1.5">
      <h2 className="text-propolis text-base font-bold">Cannot be met in time</h2>
      <ul className="text-sm">
        {list.map(({ key, words, why }) => (
          <li key={key} className="mt-1 max-w-prose">
            <b>{words}.</b> {why}
          </li>
        ))}
      </ul>
      <p className="mt-1 text-sm">
        <Link prefetch={false} href="/free-time" className="inline-block min-h-6">
          Find time for it
        </Link>
      </p>
    </section>
  );
}

/** What is short stands open; what only has to be taken along is one tap away, and on the packing list of its round. */
function Kit({ shortages }: Pick<WeekView, 'shortages'>) {
  const short = shortages.filter(({ isOpen, isSure }) => isOpen && isSure);
  const rest = shortages.filter((line) => !short.includes(line));
  return (
    <>
      {short.length > 0 && <Shortages lines={short} title="Kit: short" />}
      {rest.length > 0 && (
        <details className="mt-2 text-sm">
          <summary className="min-h-6 cursor-pointer font-semibold">{weekPhrases.kitToBring(rest.length)}</summary>
          <Shortages lines={rest} title="Kit to bring" />
          <Link prefetch={false} href="/apiaries/kit" className="inline-block min-h-6">
            All of the kit
          </Link>
        </details>
      )}
    </>
  );
}

interface RoundProps {
  readonly round: WeekRound;
  readonly axis: Axis;
  readonly minute: string;
  readonly wishes: readonly RoundWish[];
  readonly freeWeek: FreeTime['freeWeek'];
}

function Round({ round, axis, minute, wishes, freeWeek }: RoundProps) {
  const { on, apiaryId, isToday, title, notes, rows, weather, isPinned } = round;
  return (
    <section aria-label={title} className="mt-3">
      <div className="flex flex-wrap items-center justify-between gap-x-4 bg-ink px-2.5 py-0.5 text-white">
        <h2 className="text-sm">
          {title}
          {isPinned && ' · pinned'}
        </h2>
        <p className="flex flex-wrap items-center gap-x-3 text-sm print:hidden">
          <span>{weather}</span>
          <RoundActions round={{ on, apiaryId, isToday, title }} wishes={wishes} freeWeek={freeWeek} />
        </p>
      </div>
      {notes.map((words) => (
        <p key={words} className="mt-1 text-sm font-semibold">
          {words}
        </p>
      ))}
      <ol style={groundForAll(axis)}>
        {rows.map((one) => (
          <HiveLane key={one.row.colonyId} row={one.row} axis={axis} minute={minute} tasks={one.tasks} />
        ))}
      </ol>
    </section>
  );
}
