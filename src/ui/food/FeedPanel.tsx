'use client';

import dynamic from 'next/dynamic';
import { useState } from 'react';
import type { FoodFact } from '../../core/food/food';
import type { NamedColony } from '../../views/all-apiaries';

// Seldom needed, so that its script comes when it is opened.
const FeedForm = dynamic(() => import('./FeedForm').then((module) => module.FeedForm), { ssr: false });

interface Props {
  readonly colony: NamedColony;
  /** Local minute by now. */
  readonly minute: string;
  /** The last that was given and taken, newest first. */
  readonly last: readonly FoodFact[];
  /** Why its food is asked about; null: it is not. */
  readonly asked: string | null;
}

/** Food that is given and honey that is taken; open from the first where it is asked about. */
export function FeedPanel({ colony, minute, last, asked }: Props) {
  const [isOpen, setOpen] = useState(asked !== null);
  return (
    <details
      id="food"
      className="mt-3 border-2 border-line px-3 print:hidden"
      open={isOpen}
      onToggle={({ currentTarget }) => setOpen(currentTarget.open)}
    >
      <summary className="min-h-11 cursor-pointer py-2 font-bold">Food and honey</summary>
      {asked !== null && <p className="text-propolis max-w-prose font-semibold">{asked}</p>}
      {isOpen && <FeedForm colony={colony} minute={minute} last={last} />}
    </details>
  );
}
