'use client';

import type { Away } from '../../core/settings/free-time';
import { Button } from '../controls/Button';
import { DayField } from '../controls/DayField';
import { FieldProblem } from '../controls/Field';
import { FIELD } from '../controls/styles';

interface Props {
  readonly away: readonly Away[];
  /** `YYYY-MM-DD` */
  readonly today: string;
  readonly problem: string | null;
  readonly onChange: (away: readonly Away[]) => void;
}

/** Days on which the keeper is not there. */
export function AwayDays({ away, today, problem, onChange }: Props) {
  const change = (i: number, fields: Partial<Away>) =>
    onChange(away.map((one, at) => (at === i ? { ...one, ...fields } : one)));
  return (
    <>
      <h2 className="mt-6 text-xl">Days away</h2>
      <ul className="grid gap-3">
        {away.map((one, i) => (
          // biome-ignore lint/suspicious/noArrayIndexKey: rows have no name of their own, and are never re-ordered
          <li key={i} className="grid grid-cols-2 items-end gap-2 border-b border-line pb-2">
            <DayField
              aria-label="Away from"
              value={one.from}
              onChange={(from) => change(i, from > one.to ? { from, to: from } : { from })}
            />
            <DayField
              aria-label="Away until and including"
              value={one.to}
              min={one.from}
              since={one.from}
              onChange={(to) => change(i, { to })}
            />
            <input
              aria-label="Why"
              placeholder="why, if you like"
              className={FIELD}
              value={one.why}
              onChange={({ target: { value: why } }) => change(i, { why })}
            />
            <Button
              kind="quiet"
              className="min-h-11 text-left"
              onClick={() => onChange(away.filter((_, at) => at !== i))}
            >
              Remove
            </Button>
          </li>
        ))}
      </ul>
      <FieldProblem text={problem} />
      <Button kind="plain" className="mt-2" onClick={() => onChange([...away, { from: today, to: today, why: '' }])}>
        Add days away
      </Button>
    </>
  );
}
