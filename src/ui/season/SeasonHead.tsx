import type { RefObject } from 'react';
import { type Day, dayOfWeek, formatDay, monthAndDate } from '../../core/calendar/day';
import { skyOver } from '../../views/sky';
import { monthName, weekdayWords } from '../../words/days';
import { useBook } from '../frame/BookContext';
import { LidGlyph } from '../time/LidGlyph';
import { spanStyle } from './place';
import type { SheetDays } from './Sheet';

const MONDAY = 1;

const daysOf = ({ first, last }: SheetDays) => Array.from({ length: last - first + 1 }, (_, i) => (first + i) as Day);

/** The days along the top: months, and the numbers of Mondays, or of every day where there is room. */
export function SeasonHead({
  days,
  today,
  strip,
}: {
  days: SheetDays;
  today: Day;
  strip: RefObject<HTMLDivElement | null>;
}) {
  const { first } = days;
  const sky = skyOver(useBook()?.sky ?? [], undefined);
  return (
    <div className="season-row season-head">
      <span />
      <div ref={strip} className="season-strip" aria-hidden="true">
        <div className="season-time">
          {daysOf(days).map((day) => {
            const { month, date } = monthAndDate(day);
            // A Monday next to today leaves its number to it.
            const isMonday = dayOfWeek(day) === MONDAY && (day === today || Math.abs(day - today) > 1);
            return (
              <span
                key={day}
                title={`${weekdayWords(day)} (${formatDay(day)})`}
                className={`season-day ${day === today ? 'season-today' : ''} ${isMonday ? 'season-monday' : ''}`}
                style={spanStyle(first, day, day)}
              >
                {date === 1 && <b className="season-month">{monthName(month)}</b>}
                <span>{date}</span>
                <LidGlyph fit={sky.get(day) ?? 'unknown'} className="season-lid text-muted" />
              </span>
            );
          })}
        </div>
      </div>
    </div>
  );
}
