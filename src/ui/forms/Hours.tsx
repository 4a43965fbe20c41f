'use client';

import { clockText } from '../../core/calendar/minute';
import type { Span } from '../../core/settings/free-time';

const LAST_MINUTE = 1439;

const minutesOfClock = (clock: string) => Number(clock.slice(0, 2)) * 60 + Number(clock.slice(3, 5));

/** What a new span of hours begins with: an evening. */
export const NEW_SPAN: Span = { from: 17 * 60, to: 19 * 60 };

/** From when to when, by the clock. */
export function Hours({ name, span, onChange }: { name: string; span: Span; onChange: (span: Span) => void }) {
  const field = (key: 'from' | 'to', label: string) => (
    <input
      type="time"
      className="min-h-11 min-w-0 border-2 border-ink bg-paper px-2"
      aria-label={`${name}, ${label}`}
      value={Number.isNaN(span[key]) ? '' : clockText(Math.min(span[key], LAST_MINUTE))}
      onChange={({ target: { value } }) => onChange({ from: span.from, to: span.to, [key]: minutesOfClock(value) })}
    />
  );
  return (
    <span className="flex min-w-0 flex-wrap items-center gap-2">
      {field('from', 'from')} to {field('to', 'to')}
    </span>
  );
}
