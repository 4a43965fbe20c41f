'use client';

import { type Day, formatDay } from '../../core/calendar/day';
import { springOf } from '../../core/year/beekeeping-year';
import { placeYear, type SwarmMonths } from '../../core/year/place-year';
import { dayWords } from '../../words/days';
import type { IssueInWords } from '../../words/issues';
import { Choice } from '../controls/Choice';
import { DayField } from '../controls/DayField';
import { Field, problemOf } from '../controls/Field';

export type Since = 'spring' | 'today' | 'day';

interface Props {
  readonly today: Day;
  readonly swarmMonths: SwarmMonths;
  readonly since: Since;
  /** The day named, `YYYY-MM-DD`, where it is one. */
  readonly on: string;
  readonly issues: readonly IssueInWords[];
  readonly onChange: (since: Since, on: string) => void;
}

/** Since when the book is to know its hives: this spring is enough, and an earlier entry widens it. */
export function KnownSince({ today, swarmMonths, since, on, issues, onChange }: Props) {
  const spring = springOf(today, placeYear(swarmMonths, null));
  return (
    <>
      <Choice<Since>
        legend="When should your records begin?"
        stacked
        options={[
          { value: 'today', name: 'today' },
          { value: 'spring', name: 'this spring', hint: `since ${dayWords(spring)}` },
          { value: 'day', name: 'on another day' },
        ]}
        value={since}
        onChange={(chosen) => onChange(chosen, on)}
        problem={since === 'day' ? null : problemOf(issues, 'knownSince')}
      />
      {since === 'day' && (
        <Field name="That day" problem={problemOf(issues, 'knownSince')}>
          {(props) => (
            <DayField {...props} max={formatDay(today)} value={on} onChange={(value) => onChange('day', value)} />
          )}
        </Field>
      )}
      <p className="text-muted mt-1 text-sm">An earlier inspection can be entered all the same.</p>
    </>
  );
}

/** The day that was chosen, `YYYY-MM-DD`. */
export function sinceDay(since: Since, on: string, today: Day, swarmMonths: SwarmMonths): string {
  if (since === 'day') return on;
  return formatDay(since === 'spring' ? springOf(today, placeYear(swarmMonths, null)) : today);
}
