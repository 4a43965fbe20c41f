'use client';

import type { IssueInWords } from '../../words/issues';
import { DayField } from './DayField';
import { Field, problemOf } from './Field';

interface Props {
  readonly name: string;
  /** First and last day, `YYYY-MM-DD`; `to` empty: the day is certain. */
  readonly on: string;
  readonly to: string;
  readonly earliest?: string;
  readonly latest: string;
  readonly issues: readonly IssueInWords[];
  readonly onChange: (days: { readonly on?: string; readonly to?: string }) => void;
}

/** A day, or the days between which it was: what is remembered is not always certain. */
export function DaySpan({ name, on, to, earliest, latest, issues, onChange }: Props) {
  return (
    <>
      <Field name={name} problem={problemOf(issues, 'on')}>
        {(props) => (
          <DayField {...props} min={earliest} max={latest} value={on} onChange={(value) => onChange({ on: value })} />
        )}
      </Field>
      <details className="mt-1" open={to !== ''}>
        <summary className="cursor-pointer py-1.5 text-sm font-bold underline">Not sure which day</summary>
        <Field
          name="It may have been as late as"
          hint="The dates then count the danger from the first of these days, and the patience from the last."
          problem={problemOf(issues, 'to')}
        >
          {(props) => (
            <DayField
              {...props}
              min={on}
              max={latest}
              since={on}
              value={to}
              onChange={(value) => onChange({ to: value })}
            />
          )}
        </Field>
      </details>
    </>
  );
}
