'use client';

import Link from 'next/link';
import { useRef } from 'react';
import { addDays, type Day, formatDay } from '../../core/calendar/day';
import type { DayFit } from '../../core/weather/weather-of';
import { skyOver } from '../../views/sky';
import { weekdayWords } from '../../words/days';
import { LID_WORDS } from '../../words/weather';
import { useBook } from '../frame/BookContext';
import { type Axis, axisDays, isLong, isOn, isWeekend } from './axis';
import { DayFace } from './DayFace';
import { LidGlyph } from './LidGlyph';

interface Props {
  readonly axis: Axis;
  /** Where the weather is from: an apiary, or that of a colony. Neither: the least that it allows at any. */
  readonly apiaryId?: string | undefined;
  readonly colonyId?: string | undefined;
}

/**
 * The days that everything below it stands under. Weekends tinted, a dot for each check (three at most), hatched where a hive is to
 * be left shut, the lid of a hive up, ajar or down by the weather. On a phone only Mondays and today are numbered. A day opens its rounds; the arrow keys walk from day to day.
 */
export function DayRuler({ axis, apiaryId, colonyId }: Props) {
  const book = useBook();
  const list = useRef<HTMLOListElement>(null);
  const due = new Map(book?.due ?? []);
  const shut = new Set(book?.shut ?? []);
  const sky = skyOver(book?.sky ?? [], apiaryId ?? book?.colonies.find(({ id }) => id === colonyId)?.apiaryId);
  const walk = (event: React.KeyboardEvent, day: Day) => {
    const step = { ArrowLeft: -1, ArrowRight: 1, ArrowUp: -7, ArrowDown: 7 }[event.key];
    if (step === undefined) return;
    event.preventDefault();
    list.current?.querySelector<HTMLAnchorElement>(`[data-day="${formatDay(addDays(day, step))}"]`)?.focus();
  };
  return (
    <ol
      ref={list}
      className="grid h-full min-h-14 list-none wide:min-h-19"
      style={{ gridTemplateColumns: `repeat(${axis.days}, minmax(0, 1fr))` }}
      aria-label="Days"
    >
      {axisDays(axis).map((day) => (
        <li key={day} className={isWeekend(day) ? 'bg-tint' : ''}>
          <DayLink
            day={day}
            axis={axis}
            dots={due.get(day) ?? 0}
            isShut={shut.has(day)}
            fit={sky.get(day) ?? 'unknown'}
            onKeyDown={(event) => walk(event, day)}
          />
        </li>
      ))}
    </ol>
  );
}

const MOST_DOTS = 3;

interface DayProps {
  readonly day: Day;
  readonly axis: Axis;
  readonly dots: number;
  readonly isShut: boolean;
  readonly fit: DayFit;
  readonly onKeyDown: (event: React.KeyboardEvent) => void;
}

function DayLink({ day, axis, dots, isShut, fit, onKeyDown }: DayProps) {
  const isToday = day === axis.today;
  const stop = isOn(axis, axis.today) ? axis.today : axis.first;
  const said = [
    weekdayWords(day),
    dots > 0 ? `${dots} due` : null,
    isShut ? 'a hive to leave shut' : null,
    fit === 'unknown' ? null : LID_WORDS[fit],
  ];
  return (
    <Link
      prefetch={false}
      href={`/days/${formatDay(day)}`}
      data-day={formatDay(day)}
      title={`${weekdayWords(day)} (${formatDay(day)})${fit === 'unknown' ? '' : `, ${LID_WORDS[fit]}`}`}
      aria-label={said.filter(Boolean).join(', ')}
      aria-current={isToday ? 'date' : undefined}
      // One stop for the Tab key; the arrows go on from there.
      tabIndex={day === stop ? 0 : -1}
      onKeyDown={onKeyDown}
      className="flex h-full flex-col items-center pt-1 no-underline hover:bg-line focus-visible:z-10"
    >
      <DayFace day={day} axis={axis} />
      <LidGlyph fit={fit} className={`text-muted ${isLong(axis) ? 'hidden w-3 wide:block' : 'max-wide:w-3'}`} />
      <span
        className={`day-foot ${isShut ? 'hatch-shut' : ''} ${day < axis.today ? 'text-propolis' : isToday ? 'text-willow' : 'text-larch'}`}
        data-dots={Math.min(dots, MOST_DOTS)}
      />
    </Link>
  );
}
