'use client';

import { ChevronLeft, ChevronRight, Minus, Plus } from 'lucide-react';
import './season.css';
import { type ReactNode, useMemo, useRef } from 'react';
import type { Day } from '../../core/calendar/day';
import type { SeasonView } from '../../views/season-view';
import { SeasonGround } from './SeasonGround';
import { SeasonHead } from './SeasonHead';
import { useScale } from './useScale';
import { useSheetGestures } from './useSheetGestures';

const WEEK = 7;

/** Whether the key moved anything. */
function moveByKey(key: string, scale: ReturnType<typeof useScale>): boolean {
  switch (key) {
    case 'ArrowLeft':
      scale.pan(-WEEK);
      return true;
    case 'ArrowRight':
      scale.pan(WEEK);
      return true;
    case '+':
      scale.zoom(1);
      return true;
    case '-':
      scale.zoom(-1);
      return true;
    case '0':
      scale.toToday();
      return true;
    default:
      return false;
  }
}

/** The days that a sheet shows, with those of the swarm season. */
export type SheetDays = Pick<SeasonView, 'first' | 'last' | 'swarmSeason'>;

interface Props {
  readonly days: SheetDays;
  readonly today: Day;
  /** How it is moved, and what on it. */
  readonly hint: string;
  readonly className?: string;
  /** The lanes. */
  readonly children: (scale: { readonly daysOf: (px: number) => number }) => ReactNode;
}

/** A sheet of days under one ruler, to be moved by drag, wheel, keys and buttons. */
export function Sheet({ days, today, hint, className = '', children }: Props) {
  const sheet = useRef<HTMLElement>(null);
  const strip = useRef<HTMLDivElement>(null);
  const { first, last } = days;
  const scale = useScale(
    sheet,
    strip,
    useMemo(() => ({ first, last, today }), [first, last, today]),
  );
  useSheetGestures(sheet, strip, scale);

  const onKeyDown = (event: React.KeyboardEvent) => {
    if (event.shiftKey || event.altKey || event.metaKey || event.ctrlKey) return;
    if (!moveByKey(event.key, scale)) return;
    event.preventDefault();
  };
  const control = 'min-h-11 min-w-11 border-2 border-ink bg-paper px-3 font-bold hover:bg-tint';
  return (
    <>
      <div role="toolbar" aria-label="Move through the season" className="mt-2 flex flex-wrap items-center gap-2">
        <button type="button" className={control} aria-label="A week back" onClick={() => scale.pan(-WEEK)}>
          <ChevronLeft aria-hidden="true" className="inline size-5" strokeWidth={3} />
        </button>
        <button type="button" className={control} onClick={() => scale.toToday()}>
          Today
        </button>
        <button type="button" className={control} aria-label="A week on" onClick={() => scale.pan(WEEK)}>
          <ChevronRight aria-hidden="true" className="inline size-5" strokeWidth={3} />
        </button>
        <button type="button" className={control} aria-label="Zoom out" onClick={() => scale.zoom(-1)}>
          <Minus aria-hidden="true" className="inline size-5" strokeWidth={3} />
        </button>
        <button type="button" className={control} aria-label="Zoom in" onClick={() => scale.zoom(1)}>
          <Plus aria-hidden="true" className="inline size-5" strokeWidth={3} />
        </button>
        <span className="text-muted text-sm">{hint}</span>
      </div>
      <section
        ref={sheet}
        aria-label="The season"
        // biome-ignore lint/a11y/noNoninteractiveTabindex: it scrolls by keys
        tabIndex={0}
        className={`season mt-2 ${className}`}
        style={{ '--origin': first } as React.CSSProperties}
        onKeyDown={onKeyDown}
      >
        <SeasonHead days={days} today={today} strip={strip} />
        <SeasonGround days={days} today={today} />
        {children({ daysOf: scale.daysOf })}
      </section>
    </>
  );
}
