'use client';

import { useEffect, useState } from 'react';
import type { InspectionEntry } from '../../core/facts/entry';
import type { SurveyEntry } from '../../core/facts/survey';
import { ask } from '../../device/send';
import { besideEachOther, type EntryLine } from '../../words/entry-lines';
import { inspectionLines } from '../../words/inspection-lines';
import { surveyLines } from '../../words/survey-lines';
import { Button } from '../controls/Button';

interface Props {
  readonly kind: 'inspection' | 'survey';
  readonly id: string;
  /** What is to be stored. */
  readonly mine: readonly EntryLine[];
  readonly labelOf: (cellId: string) => string;
  /** What is in the book stays. */
  readonly onStored: () => void;
  /** Mine is put in its place: the version that it is to replace. */
  readonly onMine: (over: string) => void;
}

interface Stored {
  readonly content: unknown;
  readonly isDeleted: boolean;
  readonly version: string;
}

/** Two things were said under one entry by people who did not know of each other: both, side by side, for the keeper to choose. */
export function TwoVersions({ kind, id, mine, labelOf, onStored, onMine }: Props) {
  const [stored, setStored] = useState<Stored | 'no-answer' | null>(null);
  useEffect(() => {
    void ask<Stored>(`/api/${kind}s/${id}`).then((asked) => setStored(asked.ok ? asked.value : 'no-answer'));
  }, [kind, id]);
  if (stored === null) return <p role="status">Asking for what your records say …</p>;
  if (stored === 'no-answer')
    return <p role="status">The server does not answer just now; both are kept until it does.</p>;
  const theirs =
    kind === 'inspection'
      ? inspectionLines(stored.content as InspectionEntry, labelOf)
      : surveyLines(stored.content as SurveyEntry);
  const lines = besideEachOther(mine, theirs).filter(({ isSame }) => !isSame);
  return (
    <section aria-label="Two versions" className="mt-2 border-l-4 border-propolis pl-3">
      <table className="w-full border-collapse text-left text-sm">
        <thead>
          <tr>
            <th scope="col" className="border-b-2 border-ink py-1 pr-3">
              What differs
            </th>
            <th scope="col" className="border-b-2 border-ink py-1 pr-3">
              entered here
            </th>
            <th scope="col" className="border-b-2 border-ink py-1">
              in your records{stored.isDeleted && ', deleted'}
            </th>
          </tr>
        </thead>
        <tbody>
          {lines.map(({ label, mine: here, stored: there }) => (
            <tr key={label}>
              <th scope="row" className="border-b border-line py-1 pr-3 align-top font-semibold">
                {label}
              </th>
              <td className="border-b border-line py-1 pr-3 align-top">{here ?? 'nothing'}</td>
              <td className="border-b border-line py-1 align-top">{there ?? 'nothing'}</td>
            </tr>
          ))}
          {lines.length === 0 && (
            <tr>
              <td colSpan={3}>Both say the same.</td>
            </tr>
          )}
        </tbody>
      </table>
      <div className="mt-2 flex flex-wrap gap-2">
        <Button kind="plain" className="min-h-12" onClick={onStored}>
          {stored.isDeleted ? 'It stays deleted' : 'The book is right'}
        </Button>
        <Button kind="plain" className="min-h-12" onClick={() => onMine(stored.version)}>
          What was entered here is right
        </Button>
      </div>
    </section>
  );
}
