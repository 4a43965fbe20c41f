import Link from 'next/link';
import type { NamedColony } from '../../views/all-apiaries';
import type { FoodNote } from '../../views/food-view';
import type { MeantNow } from '../../views/season-plan-view';
import type { TodayView, YardToday } from '../../views/today-view';
import { FoodAskedList } from '../food/FoodAskedList';
import { MeantList } from '../season-plan/MeantList';
import type { Axis } from '../time/axis';
import { RulerHead } from '../time/RulerHead';
import { Bands } from './Bands';
import { InTheYard } from './InTheYard';
import { Unreckoned } from './Unreckoned';

const STATE_WORDS = {
  planning: 'Working out the rounds …',
  'not-planned': 'The rounds could not be worked out. What is due stands below as ever.',
} as const;

interface Props {
  readonly view: TodayView;
  readonly yard: YardToday;
  readonly meant: readonly MeantNow[];
  readonly foodAsked: readonly FoodNote[];
  readonly unreckoned: readonly NamedColony[];
  readonly axis: Axis;
  readonly minute: string;
  /** What became of the rounds. */
  readonly state: keyof typeof STATE_WORDS;
}

/** What is due, apiary by apiary: what stands there while the rounds are worked out, and where they cannot be. */
export function TodayPage({ view, yard, meant, foodAsked, unreckoned, axis, minute, state }: Props) {
  return (
    <>
      <RulerHead axis={axis} title={view.headline} below={view.summary} />
      <Unreckoned colonies={unreckoned} />
      {view.bands.length > 0 && (
        <p role="status" className="text-muted mt-2 text-sm">
          {STATE_WORDS[state]}
        </p>
      )}
      <SwarmRisks risks={view.swarmRisks} />
      <InTheYard yard={yard} minute={minute} />
      <FoodAskedList notes={foodAsked} />
      <MeantList meant={meant} />
      <Bands bands={view.bands} axis={axis} minute={minute} />
      {view.bands.length + unreckoned.length === 0 && <NoColonies />}
    </>
  );
}

export function SwarmRisks({ risks }: { readonly risks: readonly string[] }) {
  return risks.map((words) => (
    <p key={words} className="text-propolis mt-2 max-w-prose border-l-4 border-propolis pl-3 font-semibold">
      {words}
    </p>
  ));
}

export function NoColonies() {
  return (
    <p className="mt-8 max-w-prose">
      No colonies yet.{' '}
      <Link prefetch={false} href="/colonies/new">
        Add the first one
      </Link>
      , or look at a single cell with the{' '}
      <Link prefetch={false} href="/cell-clock">
        cell clock
      </Link>
      .
    </p>
  );
}
