'use client';

import { useState } from 'react';
import { LIMITS } from '../../core/facts/limits';
import type { QueenFact } from '../../core/facts/queen';
import { QUEEN_ORIGINS, type QueenOrigin } from '../../core/queens/origin';
import { QUEEN_ORIGIN_NAMES } from '../../words/queens';
import { Button } from '../controls/Button';
import { Check } from '../controls/Check';
import { DayField } from '../controls/DayField';
import { Field, problemOf } from '../controls/Field';
import { useSend } from '../controls/useSend';
import { IssueList } from '../entry/IssueList';
import { useBook } from '../frame/BookContext';

interface Props {
  readonly queen: QueenFact;
  readonly others: readonly { readonly id: string; readonly name: string }[];
}

/** What is known of a queen, to be put right. */
export function CorrectQueen({ queen, others }: Props) {
  const isReader = useBook()?.isReader === true;
  const { issues, isSending, sendTo } = useSend();
  const [said, setSaid] = useState(queen);
  if (isReader) return null;
  const change = (over: Partial<QueenFact>) => setSaid({ ...said, ...over });
  const day = (name: string, of: 'emergedFrom' | 'emergedTo') => (
    <Field name={name} problem={problemOf(issues, of)}>
      {(props) => <DayField {...props} value={said[of] ?? ''} onChange={(text) => change({ [of]: text || null })} />}
    </Field>
  );
  return (
    <section aria-label="Put right" className="mt-4">
      <h2 className="text-lg">Put right what is known of her</h2>
      <Field name="Where she is from" problem={problemOf(issues, 'origin')}>
        {(props) => (
          <select
            {...props}
            value={said.origin}
            onChange={({ target }) => change({ origin: target.value as QueenOrigin })}
          >
            {QUEEN_ORIGINS.map((origin) => (
              <option key={origin} value={origin}>
                {QUEEN_ORIGIN_NAMES[origin]}
              </option>
            ))}
          </select>
        )}
      </Field>
      <div className="grid grid-cols-2 gap-x-3">
        {day('Emerged, first day', 'emergedFrom')}
        {day('Last day', 'emergedTo')}
      </div>
      <Field name="Her mother" problem={problemOf(issues, 'motherQueenId')}>
        {(props) => (
          <select
            {...props}
            value={said.motherQueenId ?? ''}
            onChange={({ target }) => change({ motherQueenId: target.value || null })}
          >
            <option value="">not known</option>
            {others.map(({ id, name }) => (
              <option key={id} value={id}>
                {name}
              </option>
            ))}
          </select>
        )}
      </Field>
      <Check
        name="To breed from"
        hint="You want daughters of her: she stands on the list of those to breed from."
        value={said.isToBreedFrom}
        onChange={(isToBreedFrom) => change({ isToBreedFrom })}
      />
      <Field name="Note" problem={problemOf(issues, 'note')}>
        {(props) => (
          <textarea
            {...props}
            rows={2}
            maxLength={LIMITS.note}
            value={said.note}
            onChange={({ target }) => change({ note: target.value })}
          />
        )}
      </Field>
      <IssueList issues={issues} />
      <Button kind="act" className="mt-3" disabled={isSending} onClick={() => void sendTo('/api/queens', said)}>
        Save
      </Button>
    </section>
  );
}
