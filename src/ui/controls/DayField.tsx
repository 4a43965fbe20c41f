'use client';

import { CalendarDays } from 'lucide-react';
import dynamic from 'next/dynamic';
import { useId, useRef, useState } from 'react';
import { addDays, type Day, formatDay, parseDay } from '../../core/calendar/day';
import { readDay, writtenDay } from '../../words/read-day';
import { useBook } from '../frame/BookContext';
import { FIELD } from './styles';

/** The month is drawn when somebody asks for it, and its script comes then. */
const DayPopover = dynamic(() => import('./DayPopover').then((module) => module.DayPopover), { ssr: false });

interface Props {
  /** `YYYY-MM-DD`; empty: none. */
  readonly value: string;
  readonly onChange: (value: string) => void;
  /** Days that can be chosen, `YYYY-MM-DD`, both included. */
  readonly min?: string | undefined;
  readonly max?: string | undefined;
  /** The first of the days that are meant, where this is the last of them. */
  readonly since?: string | undefined;
  /** Today and the days before it are offered with one tap on a phone. */
  readonly hasChips?: boolean;
  readonly id?: string;
  readonly className?: string;
  readonly 'aria-label'?: string;
  readonly 'aria-invalid'?: boolean;
  readonly 'aria-describedby'?: string | undefined;
}

const CHIPS = [
  { name: 'Today', back: 0 },
  { name: 'Yesterday', back: 1 },
  { name: '2 days ago', back: 2 },
] as const;

/**
 * A day, written as people write one or picked from a month. What cannot be read stays as it was typed, is said, and counts as no day:
 * nothing else is taken in its place.
 */
export function DayField({ value, onChange, min, max, since, hasChips = false, className = FIELD, ...field }: Props) {
  const today = useBook()?.today ?? parseDay(max ?? value) ?? (0 as Day);
  const [typed, setTyped] = useState<string | null>(null);
  const [isOpen, setOpen] = useState(false);
  const button = useRef<HTMLButtonElement>(null);
  const monthId = useId();
  const day = parseDay(value);
  const bounds = { earliest: parseDay(min ?? '') ?? undefined, latest: parseDay(max ?? '') ?? undefined };
  const isUnread = typed !== null && typed.trim() !== '' && readDay(typed, today, bounds) === null;
  const type = (text: string) => {
    setTyped(text);
    const read = readDay(text, today, bounds);
    onChange(read === null ? '' : formatDay(read));
  };
  const pick = (picked: Day) => {
    setTyped(null);
    onChange(formatDay(picked));
    setOpen(false);
  };
  return (
    <div>
      <div className="flex">
        <input
          {...field}
          type="text"
          autoComplete="off"
          spellCheck={false}
          className={`${className} min-w-0 flex-1`}
          aria-invalid={field['aria-invalid'] === true || isUnread}
          value={typed ?? (day === null ? value : writtenDay(day, today))}
          onChange={(event) => type(event.target.value)}
          onBlur={() => !isUnread && setTyped(null)}
        />
        <button
          ref={button}
          type="button"
          className="min-h-11 min-w-11 border-2 border-l-0 border-ink bg-paper px-2 hover:bg-tint"
          aria-label="Pick the day from a month"
          aria-haspopup="dialog"
          aria-expanded={isOpen}
          aria-controls={isOpen ? monthId : undefined}
          onClick={() => setOpen(!isOpen)}
        >
          <CalendarDays aria-hidden="true" size={20} className="mx-auto" />
        </button>
      </div>
      {isOpen && (
        <DayPopover
          button={button}
          id={monthId}
          day={day}
          today={today}
          since={parseDay(since ?? '')}
          bounds={bounds}
          onPick={pick}
          onClose={() => setOpen(false)}
        />
      )}
      {isUnread && (
        <p role="alert" className="text-propolis mt-1 text-sm font-bold">
          Not a day. Write 15 May, yesterday or sun.
        </p>
      )}
      {hasChips && (
        <div className="mt-1.5 flex gap-2 wide:hidden">
          {CHIPS.map(({ name, back }) => {
            const chip = addDays(today, -back);
            const isOff = bounds.earliest !== undefined && chip < bounds.earliest;
            return (
              <button
                key={name}
                type="button"
                disabled={isOff}
                aria-pressed={day === chip}
                className="min-h-11 flex-1 border-2 border-line bg-paper px-2 text-sm font-bold aria-pressed:border-ink aria-pressed:bg-tint"
                onClick={() => pick(chip)}
              >
                {name}
              </button>
            );
          })}
        </div>
      )}
    </div>
  );
}
