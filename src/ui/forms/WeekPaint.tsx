'use client';

import { type KeyboardEvent, type PointerEvent, useRef, useState } from 'react';
import { clockText, hourText } from '../../core/calendar/minute';
import { type FreeTime, isFreeIn, painted, type Span } from '../../core/settings/free-time';
import { weekdayName } from '../../words/days';
import { weekPaintPhrases } from '../../words/pages/week-paint';
import './week-paint.css';

/** Monday first, as weeks are told. */
export const WEEK = [1, 2, 3, 4, 5, 6, 0] as const;
/** Minutes that one square stands for. */
const STEP = 30;
/** The hours that can be painted; others are typed. */
const FIRST = 6 * 60;
const LAST = 22 * 60;
const SQUARES = (LAST - FIRST) / STEP;
const SQUARE_NUMBERS = Array.from({ length: SQUARES }, (_, i) => i);
/** Every third hour is named. */
const NAMED = 3 * 60;

interface Props {
  readonly week: FreeTime['freeWeek'];
  readonly onChange: (week: FreeTime['freeWeek']) => void;
}

interface At {
  readonly row: number;
  readonly square: number;
}

const spanOf = (square: number): Span => ({ from: FIRST + square * STEP, to: FIRST + (square + 1) * STEP });
const between = (one: number, other: number): Span => ({
  from: spanOf(Math.min(one, other)).from,
  to: spanOf(Math.max(one, other)).to,
});
const clamp = (value: number, last: number) => Math.max(0, Math.min(last, value));

/**
 * The week as a grid of half hours: slid over with a finger or the pointer, hours are made free, or taken out where the stroke began on a
 * free one. By keys: arrows walk, the space bar or Enter paints, with shift while walking.
 */
export function WeekPaint({ week, onChange }: Props) {
  const grid = useRef<HTMLFieldSetElement>(null);
  const stroke = useRef<{ readonly at: At; readonly isFree: boolean; readonly before: Props['week'] } | null>(null);
  const [focus, setFocus] = useState<At>({ row: 0, square: 22 });
  const freeAt = ({ row, square }: At) => isFreeIn(week[WEEK[row] ?? 0] ?? [], spanOf(square));
  const paint = (from: Props['week'], row: number, over: Span, isFree: boolean) =>
    onChange(from.map((spans, weekday) => (weekday === WEEK[row] ? painted(spans, over, isFree) : spans)));

  const begin = (event: PointerEvent) => {
    const at = atOf(event);
    if (!at || event.button !== 0) return;
    stroke.current = { at, isFree: !freeAt(at), before: week };
    grid.current?.setPointerCapture(event.pointerId);
    paint(week, at.row, spanOf(at.square), !freeAt(at));
  };
  const slide = (event: PointerEvent) => {
    const begun = stroke.current;
    if (!begun || !grid.current) return;
    const squares = grid.current.querySelector('[data-squares]')?.getBoundingClientRect();
    if (!squares) return;
    const square = clamp(Math.floor(((event.clientX - squares.left) / squares.width) * SQUARES), SQUARES - 1);
    paint(begun.before, begun.at.row, between(begun.at.square, square), begun.isFree);
  };
  const end = () => {
    stroke.current = null;
  };
  // The finger was scrolling after all.
  const cancel = () => {
    if (stroke.current) onChange(stroke.current.before);
    end();
  };

  const walk = (event: KeyboardEvent) => {
    const [down, right] =
      { ArrowUp: [-1, 0], ArrowDown: [1, 0], ArrowLeft: [0, -1], ArrowRight: [0, 1] }[event.key] ?? [];
    if (down === undefined || right === undefined) return;
    event.preventDefault();
    const to = { row: clamp(focus.row + down, WEEK.length - 1), square: clamp(focus.square + right, SQUARES - 1) };
    if (event.shiftKey && down === 0) paint(week, to.row, between(focus.square, to.square), freeAt(focus));
    setFocus(to);
    grid.current?.querySelector<HTMLElement>(`[data-at="${to.row} ${to.square}"]`)?.focus();
  };

  return (
    <fieldset
      ref={grid}
      aria-label={weekPaintPhrases.name}
      className="week-paint"
      onPointerDown={begin}
      onPointerMove={slide}
      onPointerUp={end}
      onPointerCancel={cancel}
      onKeyDown={walk}
    >
      <div className="week-paint-head" aria-hidden="true">
        {Array.from({ length: (LAST - FIRST) / NAMED + 1 }, (_, i) => FIRST + i * NAMED).map((minutes) => (
          <span key={minutes} style={{ left: `${((minutes - FIRST) / (LAST - FIRST)) * 100}%` }}>
            {hourText(minutes / 60)}
          </span>
        ))}
      </div>
      {WEEK.map((weekday, row) => (
        <div key={weekday} className="week-paint-row">
          <b>{weekdayName(weekday).slice(0, 3)}</b>
          <div data-squares="" className="week-paint-squares">
            {SQUARE_NUMBERS.map((square) => {
              const isFree = freeAt({ row, square });
              const isFocus = focus.row === row && focus.square === square;
              return (
                <button
                  key={square}
                  type="button"
                  tabIndex={isFocus ? 0 : -1}
                  aria-pressed={isFree}
                  data-at={`${row} ${square}`}
                  aria-label={weekPaintPhrases.square(weekdayName(weekday), spanOf(square))}
                  // By keys, or by whatever reads the page aloud; a stroke of the pointer has painted already.
                  onClick={({ detail }) => detail === 0 && paint(week, row, spanOf(square), !isFree)}
                  onFocus={() => !isFocus && setFocus({ row, square })}
                />
              );
            })}
          </div>
          <span className="week-paint-sum">{sumOf(week[weekday] ?? [])}</span>
        </div>
      ))}
    </fieldset>
  );
}

/** `17:00 to 20:00`, of each. */
const sumOf = (spans: readonly Span[]): string =>
  spans
    .filter(({ from, to }) => from < to)
    .map(({ from, to }) => `${clockText(from)} to ${clockText(to)}`)
    .join(', ') || weekPaintPhrases.none;

/** Which square was touched; null: none. */
function atOf({ target }: PointerEvent): At | null {
  const at = (target as HTMLElement).dataset?.at;
  if (at === undefined) return null;
  const [row = 0, square = 0] = at.split(' ').map(Number);
  return { row, square };
}
