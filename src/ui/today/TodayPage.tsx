import Link from 'next/link';
import type { NamedColony } from '../../views/all-apiaries';
import type { AlsoToday as Also } from '../../views/also-today';
import type { FoodNote } from '../../views/food-view';
import type { MeantNow } from '../../views/season-plan-view';
import type { TodayView, YardToday } from '../../views/today-view';
import type { Axis } from '../time/axis';
import { RulerHead } from '../time/RulerHead';
import { AlsoToday } from './AlsoToday';
import { Bands } from './Bands';
import { Unreckoned } from './Unreckoned';

const STATE_WORDS = {
  planning: 'Working out the rounds …',
  'not-planned': 'The rounds could not be worked out. What is due stands below as ever.',
} as const;

interface Props {
  readonly view: TodayView;
  readonly also: Also;
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
export function TodayPage({ view, also, yard, meant, foodAsked, unreckoned, axis, minute, state }: Props) {
  return (
    <>
      <RulerHead axis={axis} title={view.headline} below={view.summary} />
      <Unreckoned colonies={unreckoned} />
      {view.bands.length > 0 && (
        <p role="status" className="text-muted mt-2 text-sm">
          {STATE_WORDS[state]}
        </p>
      )}
      <Bands bands={view.bands.filter(({ isDue }) => isDue)} axis={axis} isOpen />
      <div className="mt-3 border-t-2 border-ink">
        <AlsoToday
          also={also}
          yard={yard}
          meant={meant}
          foodAsked={foodAsked}
          shortages={[]}
          swarmRisks={view.swarmRisks}
          minute={minute}
        />
        <Bands bands={view.bands.filter(({ isDue }) => !isDue)} axis={axis} />
      </div>
      {view.bands.length + unreckoned.length === 0 && <NoColonies />}
    </>
  );
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
