'use client';

import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { addDays } from '../../core/calendar/day';
import type { Choice } from '../../core/population/asked';
import { minutesOf } from '../../core/population/planned-visits';
import type { MinutesByKind } from '../../core/rounds/work';
import type { Settings } from '../../core/settings/settings';
import type { NamedColony } from '../../views/all-apiaries';
import type { WhatIfView } from '../../views/what-if-view';
import { dayWords } from '../../words/days';
import { differences, WHAT_IF_HEAD, WHAT_IT_IS } from '../../words/what-if';
import { Button } from '../controls/Button';
import { FIELD } from '../controls/styles';
import { Views } from '../frame/Views';
import { RulerHead } from '../time/RulerHead';
import { Assumptions } from './Assumptions';
import { Bands } from './Bands';
import { ChoiceLine } from './ChoiceLine';
import { CHOICES_AT_MOST, LETTERS } from './lines';
import { OutcomeTable } from './OutcomeTable';
import { useOutcomes } from './useOutcomes';

interface Props {
  readonly view: WhatIfView;
  readonly colonies: readonly NamedColony[];
  readonly settings: Settings;
  readonly minutes: MinutesByKind;
}

/** What would each choice come to? Two to four of them, played through under the same luck. */
export function WhatIfPage({ view, colonies, settings, minutes }: Props) {
  const { colony, begun, isFlowKnown } = view;
  const router = useRouter();
  const [asked, setAsked] = useState(view.asked);
  const [choices, setChoices] = useState(view.choices);
  const { outcomes, progress, isCancelled, hasFailed, cancel, goOn } = useOutcomes(asked, choices, settings);
  const known = outcomes.filter((one) => one !== null);
  const isWhole = known.length === choices.length;
  const axis = { first: asked.from, days: asked.days + 1, today: asked.from };
  const last = addDays(asked.from, asked.days);
  const change = (at: number, choice: Choice) => setChoices(choices.map((one, i) => (i === at ? choice : one)));
  return (
    <>
      <RulerHead
        axis={axis}
        isSticky={false}
        colonyId={colony.id}
        title={WHAT_IF_HEAD}
        below={
          <p className="my-1">
            <select
              aria-label="Colony"
              className={FIELD}
              value={colony.id}
              onChange={({ target }) => router.push(`/season/what-if?colony=${target.value}`)}
            >
              {colonies.map(({ id, name }) => (
                <option key={id} value={id}>
                  {name}
                </option>
              ))}
            </select>
          </p>
        }
      />
      <Views of="season" />
      <p className="mt-2 max-w-prose">{WHAT_IT_IS}</p>
      <div className="wide:grid wide:grid-cols-[24rem_1fr] wide:gap-x-8">
        <div>
          <h2 className="mt-3 text-xl">Choices</h2>
          <ul>
            {choices.map((choice, i) => (
              <ChoiceLine
                // biome-ignore lint/suspicious/noArrayIndexKey: a choice is its letter
                key={i}
                index={i}
                choice={choice}
                asked={asked}
                colonyId={colony.id}
                canGo={choices.length > 2}
                onChange={(to) => change(i, to)}
                onDrop={() => setChoices(choices.filter((_, at) => at !== i))}
              />
            ))}
          </ul>
          {choices.length < CHOICES_AT_MOST && (
            <Button
              kind="plain"
              className="mt-3"
              onClick={() =>
                setChoices([...choices, { choice: 'queen-split', on: asked.from, giveRoom: true, buysQueen: false }])
              }
            >
              Add a choice
            </Button>
          )}
          <Assumptions asked={asked} begun={begun} isFlowKnown={isFlowKnown} onChange={setAsked} />
        </div>
        <section aria-label="What differs" className="mt-3">
          <h2 className="text-xl">What differs</h2>
          <Progress {...{ progress, isCancelled, hasFailed, cancel, goOn }} />
          {isWhole && (
            <>
              <ul className="max-w-prose">
                {differences(known, LETTERS, last).map((words) => (
                  <li key={words} className="mt-1">
                    {words}
                  </li>
                ))}
              </ul>
              <OutcomeTable
                outcomes={known}
                minutes={choices.map((choice) => minutesOf(choice, asked, settings, minutes))}
                last={dayWords(last)}
              />
              <p className="text-muted mt-2 max-w-prose text-sm">
                Feeding, weather and disease are not reckoned with. What becomes of your bees, and what the law asks, an
                experienced keeper near you knows better.{' '}
                <Link prefetch={false} href={`/colonies/${colony.id}/decide`}>
                  {`All choices for ${colony.name}`}
                </Link>
              </p>
            </>
          )}
        </section>
      </div>
      <section aria-label="Day by day" className="mt-4" hidden={known.length === 0}>
        <h2 className="bg-ink px-2.5 py-0.5 text-sm text-white">
          Day by day: the middle of all runs, and about it eight of ten
        </h2>
        <Bands outcomes={outcomes} axis={axis} />
      </section>
    </>
  );
}

type ProgressProps = Omit<ReturnType<typeof useOutcomes>, 'outcomes'>;

function Progress({ progress, isCancelled, hasFailed, cancel, goOn }: ProgressProps) {
  if (hasFailed)
    return (
      <p role="alert" className="text-propolis font-semibold">
        This could not be reckoned. Load the page again.
      </p>
    );
  if (isCancelled)
    return (
      <p className="mt-1 flex items-center gap-x-4">
        Stopped.
        <Button kind="plain" onClick={goOn}>
          Go on
        </Button>
      </p>
    );
  if (!progress) return null;
  return (
    <p className="mt-1 flex items-center gap-x-4" role="status">
      <label className="flex items-center gap-x-2">
        Playing
        <progress className="accent-ink" max={progress.wanted} value={progress.made} />
      </label>
      <Button kind="plain" onClick={cancel}>
        Stop
      </Button>
    </p>
  );
}
