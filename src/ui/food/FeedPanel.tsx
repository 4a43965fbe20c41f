'use client';

import dynamic from 'next/dynamic';
import { useEffect, useState } from 'react';
import { dayOfMinute } from '../../core/calendar/day';
import type { FoodFact } from '../../core/food/food';
import type { NamedColony } from '../../views/all-apiaries';
import { foodWords, lastFedWords } from '../../words/food';
import { briefPhrases } from '../../words/pages/colony-briefs';
import { Row } from '../controls/Row';

// Seldom needed, so that its script comes when it is opened.
const FeedForm = dynamic(() => import('./FeedForm').then((module) => module.FeedForm), { ssr: false });

/** Where other pages lead to it. */
const FOOD_PART = 'food';

interface Props {
  readonly colony: NamedColony;
  /** Local minute by now. */
  readonly minute: string;
  /** The last that was given and taken, newest first. */
  readonly last: readonly FoodFact[];
  /** Why its food is asked about; null: it is not. */
  readonly asked: string | null;
}

/** Food that is given and honey that is taken; open from the first where it is asked for by its address. */
export function FeedPanel({ colony, minute, last, asked }: Props) {
  const [isOpen, setOpen] = useState(false);
  useEffect(() => setOpen(window.location.hash === `#${FOOD_PART}`), []);
  const [newest] = last;
  const brief = newest ? lastFedWords(foodWords(newest), dayOfMinute(newest.at)) : briefPhrases.nothingFed;
  return (
    <div id={FOOD_PART} className="print:hidden">
      <Row
        title="Food and honey"
        isHeading
        isBriefOnPhone
        brief={asked === null ? brief : <span className="text-propolis font-semibold">{asked}</span>}
        isOpen={isOpen}
        onToggle={setOpen}
      >
        {asked !== null && <p className="text-propolis max-w-prose font-semibold">{asked}</p>}
        {isOpen && <FeedForm colony={colony} minute={minute} last={last} />}
      </Row>
    </div>
  );
}
