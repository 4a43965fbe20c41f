'use client';

import { useState } from 'react';
import { HOME, type KitPlace } from '../../core/kit/kit-entry';
import type { KitView } from '../../views/kit-view';
import { unreckonedPhrases } from '../../words/pages/unreckoned';
import { Choice } from '../controls/Choice';
import { useBook } from '../frame/BookContext';
import { Views } from '../frame/Views';
import { PageHead } from '../time/PageHead';
import { CarryForm } from './CarryForm';
import { CountForm } from './CountForm';
import { KitSaidList } from './KitSaidList';
import { Shortages } from './Shortages';

interface Props {
  readonly view: KitView;
  /** The minute that the page was made for. */
  readonly minute: string;
}

/** What do I have, where is it, and what is short? */
export function KitPage({ view, minute }: Props) {
  const { places, overdrawn, shortages, said, isEmpty, isUnreckoned } = view;
  const isReader = useBook()?.isReader === true;
  const [at, setAt] = useState<KitPlace>(HOME);
  const place = places.find((one) => one.place === at) ?? places[0];
  if (!place) return null;
  return (
    <>
      <PageHead title="Kit" below={isEmpty ? 'Nothing is counted yet' : undefined} />
      <Views of="apiaries" />
      {isEmpty && (
        <p className="mt-3 max-w-prose">
          Count what you have, place by place: from then on what a method takes and gives back is reckoned by itself,
          and Today says days ahead what is short and where it lies.
        </p>
      )}
      {isUnreckoned && (
        <p role="alert" className="text-propolis mt-3 max-w-prose font-semibold">
          {unreckonedPhrases.kit}
        </p>
      )}
      {overdrawn.length > 0 && (
        <ul role="alert" className="text-propolis mt-3 max-w-prose font-semibold">
          {overdrawn.map((words) => (
            <li key={words}>{words}</li>
          ))}
        </ul>
      )}
      {!isEmpty && !isUnreckoned && (
        <Shortages lines={shortages} title="Not where it is needed" empty="Everything lies where it is needed." />
      )}
      <div className="wide:grid wide:grid-cols-[1fr_22rem] wide:gap-x-8">
        <div>
          <Choice
            legend="Where?"
            options={places.map((one) => ({ value: one.place, name: one.name }))}
            value={place.place}
            onChange={setAt}
            wraps
          />
          {place.isSuspected && (
            <p className="text-propolis mt-2 max-w-prose font-semibold">
              Brood disease is suspected here: nothing is lent from here.
            </p>
          )}
          {!isUnreckoned && <CountForm key={place.place} place={place} minute={minute} isReader={isReader} />}
        </div>
        {!isReader && (
          <div>
            {!isUnreckoned && <CarryForm places={places} from={place.place} minute={minute} />}
            <KitSaidList said={said} />
          </div>
        )}
      </div>
    </>
  );
}
