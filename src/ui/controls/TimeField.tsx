'use client';

import { useState } from 'react';
import { clockText } from '../../core/calendar/minute';
import { readTime } from '../../words/read-time';
import { FIELD } from './styles';

interface Props {
  /** Minutes since midnight; null: not noted. */
  readonly value: number | null;
  /** Null: it was emptied; not a number: what stands there is no time. */
  readonly onChange: (minutes: number | null) => void;
  readonly 'aria-label'?: string;
  readonly id?: string;
  readonly className?: string;
}

/** A time by the clock of 24 hours, typed as one likes; what is no time stays to be put right, and is never taken for none. */
export function TimeField({ value, onChange, className = FIELD, ...field }: Props) {
  // What is being typed stays as it was typed.
  const [typed, setTyped] = useState<string | null>(null);
  const isWrong = typed !== null && typed !== '' && readTime(typed) === null;
  return (
    <input
      {...field}
      type="text"
      inputMode="text"
      autoComplete="off"
      placeholder="14:30"
      className={className}
      aria-invalid={isWrong || undefined}
      value={typed ?? (value === null || Number.isNaN(value) ? '' : clockText(value))}
      onChange={({ target: { value: text } }) => {
        setTyped(text);
        onChange(text.trim() === '' ? null : (readTime(text) ?? Number.NaN));
      }}
      onBlur={() => !isWrong && setTyped(null)}
    />
  );
}
