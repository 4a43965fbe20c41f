'use client';

import type { StartView } from '../../views/start-view';
import type { IssueInWords } from '../../words/issues';
import { Choice } from '../controls/Choice';
import { StartFields } from '../start/StartFields';
import type { StartDraft } from '../start/start-draft';

interface Props {
  readonly view: StartView;
  readonly draft: StartDraft;
  readonly isBegun: boolean;
  readonly issues: readonly IssueInWords[];
  readonly onIsBegun: (isBegun: boolean) => void;
  readonly onChange: (fields: Partial<StartDraft>) => void;
}

/** Whether working the list off carries a method out, and what that asks for. */
export function WhatItBegins({ view, draft, isBegun, issues, onIsBegun, onChange }: Props) {
  const { title } = view.words;
  return (
    <section aria-label="What it starts" className="mt-4">
      <h2 className="border-t-2 border-ink pt-1 text-lg">What it starts</h2>
      <Choice<'begins' | 'moves'>
        legend="Once the list is ticked off"
        options={[
          { value: 'begins', name: `${title} is started`, hint: 'that day, with all its checks' },
          { value: 'moves', name: 'frames are moved', hint: 'and nothing more' },
        ]}
        value={isBegun ? 'begins' : 'moves'}
        onChange={(value) => onIsBegun(value === 'begins')}
      />
      {isBegun && <StartFields view={view} draft={draft} issues={issues} onChange={onChange} />}
    </section>
  );
}
