'use client';

import type { Span } from '../../core/settings/free-time';
import { TimeField } from '../controls/TimeField';

/** What a new span of hours begins with: an evening. */
export const NEW_SPAN: Span = { from: 17 * 60, to: 19 * 60 };

/** From when to when, by the clock; a time that is none is not a number. */
export function Hours({ name, span, onChange }: { name: string; span: Span; onChange: (span: Span) => void }) {
  const field = (key: 'from' | 'to') => (
    <TimeField
      className="min-h-11 w-20 border-2 border-ink bg-paper px-2"
      aria-label={`${name}, ${key}`}
      value={span[key]}
      onChange={(minutes) => onChange({ from: span.from, to: span.to, [key]: minutes ?? Number.NaN })}
    />
  );
  return (
    <span className="flex min-w-0 flex-wrap items-center gap-2">
      {field('from')} to {field('to')}
    </span>
  );
}
