import Link from 'next/link';
import type { RoundWish } from '../../core/facts/round';
import type { FreeTime } from '../../core/settings/free-time';
import type { NamedColony } from '../../views/all-apiaries';
import type { AlsoToday as Also } from '../../views/also-today';
import type { FoodNote } from '../../views/food-view';
import type { MeantNow } from '../../views/season-plan-view';
import type { YardToday } from '../../views/today-view';
import type { WeekRound, WeekView } from '../../views/week-view';
import { weekPhrases } from '../../words/pages/week';
import { ButtonLink } from '../controls/Button';
import { Row } from '../controls/Row';
import { BUTTON } from '../controls/styles';
import type { Axis } from '../time/axis';
import { RulerHead } from '../time/RulerHead';
import { AlsoToday } from './AlsoToday';
import { Bands } from './Bands';
import { ChangePlan, type PlannedCheck } from './ChangePlan';
import { RoundActions } from './RoundActions';
import { RoundRows } from './RoundRows';
import { NoColonies } from './TodayPage';
import { Unreckoned } from './Unreckoned';
import { WhatMoved } from './WhatMoved';

interface Props {
  readonly view: WeekView;
  readonly also: Also;
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

/** What must I do, where, and when? What is next stands first, a line a hive; all else is folded into a line each. */
export function WeekPage(props: Props) {
  const { view, also, unreckoned, axis, minute, days, apiaries, wishes, freeWeek } = props;
  const { rounds, bands, cannotBeMet, assumes, moved, isNew, version, more, isCalendarOffered } = view;
  const isEmpty = rounds.length + bands.length + unreckoned.length === 0;
  const [next, ...following] = rounds;
  const acts = { wishes, freeWeek };
  return (
    <>
      <WeekHead view={view} axis={axis} />
      <Unreckoned colonies={unreckoned} />
      {next && (
        <section aria-label={next.title}>
          <h2 className="sr-only">{weekPhrases.itsHives}</h2>
          <RoundRows round={next} axis={axis} />
        </section>
      )}
      {!isEmpty && <NextActs next={next} />}
      <div className="border-t-2 border-ink">
        {cannotBeMet.length > 0 && <CannotBeMet list={cannotBeMet} />}
        {!isEmpty && <WhatMoved moved={moved} isNew={isNew} version={version} />}
        <AlsoToday {...props} also={also} shortages={view.shortages} swarmRisks={view.swarmRisks} minute={minute} />
        {next && <RoundItself round={next} {...acts} />}
        {following.map((round) => (
          <section key={round.key} aria-label={round.title}>
            <Row title={<RoundTitle round={round} />} brief={round.names} aside={<RoundSize round={round} />}>
              <RoundHead round={round} {...acts} />
              <RoundRows round={round} axis={axis} />
            </Row>
          </section>
        ))}
        <Bands bands={bands} axis={axis} />
        {!isEmpty && (
          <ChangePlan
            apiaries={apiaries}
            wishes={wishes}
            leftOut={view.leftOut}
            checks={checksOf(rounds)}
            assumes={assumes}
            today={axis.today}
          />
        )}
      </div>
      {(more || days === 14 || isCalendarOffered) && (
        <p className="mt-2 flex flex-wrap gap-x-5 text-sm">
          {(more || days === 14) && (
            <Link prefetch={false} href={days === 14 ? '/' : '/?days=14'} className="inline-block min-h-6">
              {days === 14 ? weekPhrases.thisWeekAlone : more}
            </Link>
          )}
          {isCalendarOffered && (
            <Link prefetch={false} href="/data#calendar" className="inline-block min-h-6">
              {weekPhrases.inYourCalendar}
            </Link>
          )}
        </p>
      )}
      {isEmpty && <NoColonies />}
    </>
  );
}

function NextActs({ next }: { readonly next: WeekRound | undefined }) {
  const look = `${BUTTON.plain} max-wide:px-2 max-wide:text-sm`;
  return (
    <p className="my-3 flex flex-wrap items-center gap-x-2 gap-y-1 print:hidden">
      {next?.isToday && (
        <ButtonLink href={`/hive?apiary=${next.apiaryId}`} kind="act" className="max-wide:w-full max-wide:text-center">
          {weekPhrases.begin(next.apiary)}
        </ButtonLink>
      )}
      <Link prefetch={false} href="/hive" className={look}>
        So many minutes here, now
      </Link>
      <Link prefetch={false} href="/swarm-out" className={look}>
        A swarm is out
      </Link>
    </p>
  );
}

const RoundTitle = ({ round: { when, apiary, isPinned } }: { readonly round: WeekRound }) => (
  <>
    {when} · {apiary}
    {isPinned && ' · pinned'}
  </>
);

/** On a phone there is no room for how long it takes. */
const RoundSize = ({ round: { size, takes } }: { readonly round: WeekRound }) => (
  <>
    {size}
    <span className="max-wide:hidden">, {takes}</span>
  </>
);

type RoundProps = Pick<Props, 'wishes' | 'freeWeek'> & { readonly round: WeekRound };

/** What can be done about the round that stands open above. */
const RoundItself = ({ round, ...acts }: RoundProps) => (
  <section aria-label={weekPhrases.thisRound}>
    <Row
      title={
        <>
          {weekPhrases.thisRound}
          {round.isPinned && ' · pinned'}
        </>
      }
      brief=""
    >
      <RoundHead round={round} {...acts} />
    </Row>
  </section>
);

function RoundHead({ round: { on, apiaryId, isToday, title, weather }, wishes, freeWeek }: RoundProps) {
  return (
    <>
      <p className="text-muted text-sm">
        {title}. {weather}.
      </p>
      <p className="flex flex-wrap items-center gap-x-4 text-sm print:hidden">
        <RoundActions round={{ on, apiaryId, isToday, title }} wishes={wishes} freeWeek={freeWeek} />
      </p>
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
    <section aria-label={weekPhrases.cannotBeMet}>
      <Row
        title={weekPhrases.unmet(list.reduce((sum, { visits }) => sum + visits, 0))}
        tone="text-propolis"
        brief={list.map(({ brief }) => brief).join(' · ')}
        aside=""
      >
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
      </Row>
    </section>
  );
}
