'use client';

import { useEffect, useRef } from 'react';
import type { IssueInWords } from '../../words/issues';

/** What each field is called on the screen. */
const FIELD_NAMES: Readonly<Record<string, string>> = {
  at: 'Day and time',
  thoroughness: 'How thoroughly you checked',
  youngest: 'Youngest brood',
  layingRoomDays: 'Laying room',
  note: 'Note',
  cells: 'Cells',
  name: 'Name',
  apiaryName: 'Apiary',
  colonyName: 'Colony',
  knownSince: 'Records begin',
  startedOn: 'First day',
  endedOn: 'Last day',
  stand: 'Stand',
  apiaryId: 'Apiary',
  parentColonyId: 'Parent',
  leaveShutDays: 'Days to leave shut',
  matingFailedDays: 'Mating failed after',
  fixedIntervalDays: 'Fixed interval',
  leastBroodNuc: 'Frames of brood for a nuc',
  leastBroodSplit: 'Frames of brood for a split',
  leastBroodDemaree: 'Frames of brood for a Demaree',
  leastSeamsDemaree: 'Covered seams for a Demaree',
  mainFlowNearDays: 'Main flow within',
  interleaveNightC: 'Warm nights for interleaving',
  lightFlowKg: 'Stored in a day on some flow',
  strongFlowKg: 'Stored in a day on the main flow',
  on: 'Day',
  emergedFrom: 'Emerged from',
  emergedTo: 'Emerged by',
  broodFrames: 'Frames with brood',
  coveredSeams: 'Covered seams',
  keptCellIds: 'Its cells',
  gift: 'The cell',
  withColonyId: 'United with',
  buysQueen: 'The queenless part',
  newColony: 'The new colony',
  to: 'Do it on',
  reason: 'Reason',
  mainFlowFrom: 'Main flow from',
  mainFlowTo: 'Main flow until',
  swarmMonths: 'When swarms come',
};

export function fieldName(path: IssueInWords['path'], own: Readonly<Record<string, string>> = {}): string | null {
  const names = { ...FIELD_NAMES, ...own };
  const named = path.findLast((part) => typeof part === 'string' && part in names);
  return named === undefined ? null : (names[named] ?? null);
}

interface Props {
  readonly issues: readonly IssueInWords[];
  /** How often it was tried to save: the list takes the focus then. */
  readonly tries?: number;
  /** What fields are called on this form, where it is otherwise than elsewhere. */
  readonly names?: Readonly<Record<string, string>>;
  /** What came of it, where it is otherwise than with an entry. */
  readonly title?: string;
}

/** What is wrong and how to put it right; nothing of what was typed is lost. It comes into sight, wherever the keeper has scrolled. */
export function IssueList({ issues, tries, names, title = 'Not saved. What you entered is still here.' }: Props) {
  const box = useRef<HTMLDivElement>(null);
  // biome-ignore lint/correctness/useExhaustiveDependencies: with each try; where tries are not counted, with each new list
  useEffect(() => {
    if (issues.length > 0) box.current?.focus();
  }, [tries ?? issues]);
  if (issues.length === 0) return null;
  return (
    <div ref={box} tabIndex={-1} role="alert" className="mt-3 border-l-4 border-propolis bg-paper px-3 py-2">
      <p className="text-propolis font-bold">{title}</p>
      <ul>
        {issues.map(({ path, code, message }) => {
          const name = fieldName(path, names);
          return <li key={`${path.join('.')}${code}`}>{name ? `${name}: ${message}` : message}</li>;
        })}
      </ul>
    </div>
  );
}
