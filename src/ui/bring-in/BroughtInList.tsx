'use client';

import { useState } from 'react';
import type { Bringable } from '../../core/spreadsheets/bring-in/fields';
import { send } from '../../device/send';
import type { IssueInWords } from '../../words/issues';
import { BRINGABLE_WORDS } from '../../words/sheet-fields';
import { AskFirst } from '../controls/AskFirst';
import { Button } from '../controls/Button';
import { IssueList } from '../entry/IssueList';

export interface BroughtInRow {
  readonly id: string;
  /** When, in words. */
  readonly at: string;
  readonly kind: Bringable;
  readonly file: string;
  readonly rows: number;
  readonly isUndone: boolean;
}

interface Props {
  readonly list: readonly BroughtInRow[];
  readonly onUndone: () => void;
}

/** Spreadsheets that were brought in, each with the way back. */
export function BroughtInList({ list, onUndone }: Props) {
  const [issues, setIssues] = useState<readonly IssueInWords[]>([]);
  const undo = async (id: string) => {
    const sent = await send(`/api/brought-in/${id}`, {}, 'DELETE');
    setIssues(sent.ok ? [] : sent.issues);
    if (sent.ok) onUndone();
  };
  return (
    <section aria-label="Brought in before" className="mt-8 max-w-3xl">
      <h2 className="border-t-2 border-ink pt-2 text-xl">Brought in before</h2>
      {issues.length > 0 && <IssueList issues={issues} title="Not undone." />}
      <ul className="mt-2">
        {list.map(({ id, at, kind, file, rows, isUndone }) => (
          <li key={id} className="flex flex-wrap items-center justify-between gap-x-4 border-b border-line py-2">
            <span className="min-w-0">
              <b className="wrap-anywhere">{file}</b>
              <span className="text-muted block text-sm">
                {`${at} · ${BRINGABLE_WORDS[kind].name.toLowerCase()}, ${rows} ${rows === 1 ? 'row' : 'rows'}${isUndone ? ' · undone' : ''}`}
              </span>
            </span>
            {!isUndone && (
              <AskFirst
                trigger={
                  <Button kind="plain" aria-label={`Undo ${file}`}>
                    Undo …
                  </Button>
                }
                title={`Take ${file} out again?`}
                body={`${rows} ${rows === 1 ? 'row goes' : 'rows go'} out of your book, and what they took the place of comes back. What was entered since stays.`}
                yes="Take it out"
                onYes={() => void undo(id)}
              />
            )}
          </li>
        ))}
      </ul>
    </section>
  );
}
