'use client';

import { useState } from 'react';
import { v7 as newId } from 'uuid';
import type { CountedAs, GlanceCounts } from '../../core/space/count-survey';
import type { Box } from '../../core/space/hive';
import { countedIn, type SurveyChange } from '../../device/survey-draft';
import { COUNTED_WORDS } from '../../words/frame-contents';
import { Button } from '../controls/Button';

/** In the order in which a keeper sees them: the brood first. */
const ORDER: readonly CountedAs[] = [
  'brood',
  'sealed',
  'young',
  'pollen',
  'honey',
  'nectar',
  'empty',
  'undrawn',
  'drone',
  'droneComb',
  'feeder',
  'dummy',
];

interface Props {
  readonly box: Box;
  readonly name: string;
  readonly counts: GlanceCounts | undefined;
  readonly change: (change: SurveyChange) => void;
}

/** Counts the frames of a box by what most of each holds: a number, and the next content is asked for. */
export function CountBox({ box, name, counts, change }: Props) {
  const [asked, setAsked] = useState<CountedAs>('brood');
  const left = box.places - countedIn(counts) + (counts?.[asked] ?? 0);
  const isTold = countedIn(counts) === box.places;
  const rest = box.places - countedIn(counts);
  const set = (count: number, of: CountedAs = asked) => {
    const newIds = Array.from({ length: box.places }, () => newId());
    change({ type: 'count', boxId: box.id, glance: of, count, newIds });
    const next = ORDER[ORDER.indexOf(asked) + 1];
    if (next) setAsked(next);
  };
  return (
    <fieldset className="mt-2" aria-label={`${name}, frames that are mainly`}>
      <div className="flex flex-wrap gap-1.5">
        {ORDER.map((glance) => {
          const count = counts?.[glance];
          return (
            <button
              key={glance}
              type="button"
              aria-pressed={asked === glance}
              onClick={() => setAsked(glance)}
              className={`min-h-12 border-2 border-ink px-2 text-sm font-semibold ${asked === glance ? 'bg-ink text-white' : 'bg-paper hover:bg-tint'}`}
            >
              {COUNTED_WORDS[glance]}
              {count !== undefined && <b className="font-display ml-1.5 text-lg">{count}</b>}
            </button>
          );
        })}
      </div>
      <p className="mt-2 font-semibold" aria-live="polite">
        {isTold ? `All ${box.places} frames counted.` : `How many are mainly ${COUNTED_WORDS[asked]}?`}
      </p>
      <div className="mt-1 grid grid-cols-6 gap-2">
        {Array.from({ length: box.places + 1 }, (_, count) => (
          <button
            // biome-ignore lint/suspicious/noArrayIndexKey: the number is what it is
            key={count}
            type="button"
            aria-label={`${count} ${COUNTED_WORDS[asked]}`}
            aria-pressed={counts?.[asked] === count}
            disabled={count > left}
            onClick={() => set(count)}
            className="font-display min-h-12 border-2 border-ink bg-paper text-lg font-bold hover:bg-tint disabled:border-line disabled:text-muted aria-pressed:bg-ink aria-pressed:text-white"
          >
            {count}
          </button>
        ))}
        <Button disabled={isTold} onClick={() => set(left)} kind="plain" className="col-span-3 min-h-12 px-2">
          {`the other ${left} are`}
        </Button>
      </div>
      {counts !== undefined && !isTold && (
        <div className="mt-2 grid grid-cols-2 gap-2">
          <Button onClick={() => set(rest + (counts.unseen ?? 0), 'unseen')} kind="plain" className="min-h-12 px-2">
            {`${rest} not looked at`}
          </Button>
          <Button
            onClick={() => change({ type: 'box', boxId: box.id, fields: { places: box.places - rest } })}
            kind="plain"
            className="min-h-12 px-2"
          >
            {`no frame in ${rest} ${rest === 1 ? 'place' : 'places'}`}
          </Button>
        </div>
      )}
    </fieldset>
  );
}
