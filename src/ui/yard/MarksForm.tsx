'use client';

import { useState } from 'react';
import { v7 as newId } from 'uuid';
import { LIMITS } from '../../core/facts/limits';
import { YARD_MARKS, type YardMarkFact, type YardSaid } from '../../core/facts/yard';
import { METRIC, toUnit, type Units } from '../../core/units/units';
import { YARD_MARK_WORDS } from '../../words/yard';
import { Button } from '../controls/Button';
import { Field } from '../controls/Field';
import { useBook } from '../frame/BookContext';
import { toCm } from './drawn-yard';
import { LengthField } from './LengthField';

interface Props {
  readonly apiaryId: string;
  readonly marks: readonly YardMarkFact[];
  readonly isSending: boolean;
  readonly onSave: (said: Partial<YardSaid>) => Promise<boolean>;
}

/** `Hedge, -2/2 to 11/2`: in the units of the book. */
function told({ kind, x1, y1, x2, y2 }: Omit<YardMarkFact, 'id' | 'apiaryId'>, unit: Units['length']): string {
  const at = (x: number, y: number) => `${toCm(toUnit(x, unit))}/${toCm(toUnit(y, unit))}`;
  const from = `${YARD_MARK_WORDS[kind]}, ${at(x1, y1)}`;
  return x1 === x2 && y1 === y2 ? from : `${from} to ${at(x2, y2)}`;
}

/** Paths, hedges and what else is there, by the metres of their two ends. */
export function MarksForm({ apiaryId, marks, isSending, onSave }: Props) {
  const [kind, setKind] = useState<YardMarkFact['kind']>('hedge');
  const unit = (useBook()?.units ?? METRIC).length;
  const [ends, setEnds] = useState({ x1: -2, y1: 2, x2: 6, y2: 2 });
  const fields = [
    ['x1', 'From east'],
    ['y1', 'From north'],
    ['x2', 'To east'],
    ['y2', 'To north'],
  ] as const;
  return (
    <details className="mt-6 border-t-2 border-ink pt-1">
      <summary className="min-h-11 cursor-pointer py-2 font-bold">Paths, hedges and neighbours</summary>
      <ul>
        {marks.map(({ id, kind: of, ...ends }) => (
          <li key={id} className="flex items-baseline justify-between gap-x-3 border-b border-line text-sm">
            {`${told({ kind: of, ...ends }, unit)}`}
            <Button
              kind="quiet"
              className="min-h-11"
              disabled={isSending}
              aria-label={`Take away: ${told({ kind: of, ...ends }, unit)}`}
              onClick={() => void onSave({ gone: [id] })}
            >
              Take away
            </Button>
          </li>
        ))}
      </ul>
      <Field name="What" problem={null}>
        {(props) => (
          <select {...props} value={kind} onChange={({ target }) => setKind(target.value as YardMarkFact['kind'])}>
            {YARD_MARKS.map((one) => (
              <option key={one} value={one}>
                {YARD_MARK_WORDS[one]}
              </option>
            ))}
          </select>
        )}
      </Field>
      <div className="grid grid-cols-2 gap-x-3">
        {fields.map(([field, name]) => (
          <LengthField
            key={field}
            name={name}
            value={ends[field]}
            step={0.5}
            min={-LIMITS.yardMetres}
            max={LIMITS.yardMetres}
            onChange={(metres) => setEnds({ ...ends, [field]: metres })}
          />
        ))}
      </div>
      <p className="mt-3">
        <Button
          kind="plain"
          disabled={isSending}
          onClick={() => void onSave({ marks: [{ id: newId(), apiaryId, kind, ...ends }] })}
        >
          Put it on the map
        </Button>
      </p>
    </details>
  );
}
