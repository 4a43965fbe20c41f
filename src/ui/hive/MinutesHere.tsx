'use client';

import { useMemo, useState } from 'react';
import type { Day } from '../../core/calendar/day';
import type { TimeHere } from '../../core/rounds/minutes-here';
import type { MinutesAtHand } from '../../device/minutes-at-hand';
import type { OutboxEntry } from '../../device/outbox-entry';
import type { Pack } from '../../device/pack';
import { Button } from '../controls/Button';
import { askHive } from '../reckon/hive-reckoner';
import { useReckoned } from '../reckon/useReckoned';
import { HiveLink } from './HiveLink';
import { hivePlace } from './place';

/** Longer than anybody stands at hives in a day, min. */
const MOST_MIN = 600;

const CHOICES: readonly { readonly name: string; readonly time: TimeHere }[] = [
  { name: 'Rain in half an hour', time: { minutes: 30, hives: null } },
  { name: '60 min', time: { minutes: 60, hives: null } },
  { name: '90 min', time: { minutes: 90, hives: null } },
  { name: 'Only one hive', time: { minutes: MOST_MIN, hives: 1 } },
  { name: 'Only two', time: { minutes: MOST_MIN, hives: 2 } },
];

interface Props {
  readonly pack: Pack;
  readonly outbox: readonly OutboxEntry[];
  readonly today: Day;
  readonly apiaryId: string;
}

/** I have so many minutes here, now: which hives first, and what can wait until when. Worked out on this device. */
export function MinutesHere({ pack, outbox, today, apiaryId }: Props) {
  const [time, setTime] = useState<TimeHere | null>(null);
  const ask = useMemo(
    () => (time ? () => askHive((hive) => hive.minutesAtHand(pack, outbox, today, apiaryId, time)) : null),
    [pack, outbox, today, apiaryId, time],
  );
  const answer = useReckoned<MinutesAtHand | null>(ask, null);
  return (
    <details className="mt-3 max-w-2xl border-2 border-line px-3">
      <summary className="min-h-12 cursor-pointer py-2.5 font-bold">So many minutes here, now</summary>
      <fieldset className="flex flex-wrap gap-2 pb-2">
        <legend className="sr-only">How much time there is</legend>
        {CHOICES.map(({ name, time: choice }) => (
          <button
            key={name}
            type="button"
            aria-pressed={time === choice}
            className="min-h-11 border-2 border-ink bg-paper px-3 text-sm font-semibold hover:bg-tint aria-pressed:bg-ink aria-pressed:text-white"
            onClick={() => setTime(choice)}
          >
            {name}
          </button>
        ))}
        <label className="flex items-center gap-2 text-sm">
          <input
            type="number"
            inputMode="numeric"
            min={1}
            max={MOST_MIN}
            className="min-h-11 w-20 border-2 border-ink bg-paper px-2"
            aria-label="Minutes here"
            value={time && time.hives === null ? time.minutes : ''}
            onChange={({ target: { value } }) =>
              setTime(value === '' ? null : { minutes: Math.min(MOST_MIN, Number(value)), hives: null })
            }
          />
          min
        </label>
      </fieldset>
      {answer && time && (
        <div role="status" className="pb-2">
          <p className="font-bold">{answer.says}</p>
          <ol aria-label="Now" className="grid gap-2 py-1">
            {answer.now.map(({ colonyId, name, words }, i) => (
              <li key={colonyId}>
                <HiveLink
                  to={hivePlace.entry(colonyId)}
                  className="flex min-h-12 items-baseline gap-3 border-2 border-ink bg-paper px-3 py-1.5 no-underline hover:bg-tint"
                >
                  <b className="font-display text-xl">{i + 1}</b>
                  <span>
                    <b className="font-display">{name}</b>
                    <span className="block text-sm">{words}</span>
                  </span>
                </HiveLink>
              </li>
            ))}
          </ol>
          <ul aria-label="Waits" className="text-sm">
            {answer.waits.map(({ key, words, isLost }) => (
              <li key={key} className={isLost ? 'text-propolis font-semibold' : ''}>
                {words}
              </li>
            ))}
          </ul>
          <Button kind="quiet" className="min-h-11" onClick={() => setTime(null)}>
            All of the round again
          </Button>
        </div>
      )}
    </details>
  );
}
