import { type Day, dayOfWeek, formatDay, monthAndDate } from '../../core/calendar/day';
import { weekdayWords } from '../../core/calendar/words';
import { type Axis, axisDays, isLong, isWeekend } from './axis';

const WEEKDAY_LETTERS = ['S', 'M', 'T', 'W', 'T', 'F', 'S'];
const MONDAY = 1;

/** What the ruler says of single days: how many checks have their best day there. */
export type DueByDay = ReadonlyMap<Day, number>;

/**
 * The days that everything below it stands under: the last seven, today, the next twenty-one. Weekends tinted, a dot for each check
 * (three at most). On a phone only Mondays and today are numbered.
 */
export function DayRuler({ axis, due }: { axis: Axis; due?: DueByDay }) {
  return (
    <ol
      className="grid h-full min-h-14 list-none"
      style={{ gridTemplateColumns: `repeat(${axis.days}, 1fr)` }}
      aria-label="Days"
    >
      {axisDays(axis).map((day) => {
        const isToday = day === axis.today;
        const dots = due?.get(day) ?? 0;
        const numbered = isToday || (dayOfWeek(day) === MONDAY && Math.abs(day - axis.today) > (isLong(axis) ? 2 : 1));
        const onDesk = isLong(axis) ? 'hidden' : 'hidden wide:inline';
        return (
          <li
            key={day}
            title={`${weekdayWords(day)} (${formatDay(day)})`}
            aria-current={isToday ? 'date' : undefined}
            className={`flex flex-col items-center pt-1 ${isWeekend(day) ? 'bg-tint' : ''}`}
          >
            <span
              className={`text-muted hidden text-xs leading-4 ${isLong(axis) ? '' : 'wide:block'}`}
              aria-hidden="true"
            >
              {WEEKDAY_LETTERS[dayOfWeek(day)]}
            </span>
            <span
              className={`text-sm leading-5 ${isToday ? 'font-display text-willow scale-125 font-extrabold' : 'font-semibold'} ${numbered ? '' : onDesk}`}
            >
              {monthAndDate(day).date}
            </span>
            <span className="mt-auto mb-1 flex h-2 gap-px" aria-hidden="true">
              {[1, 2, 3].slice(0, dots).map((dot) => (
                <i
                  key={dot}
                  className={`size-1.5 rounded-full ${day < axis.today ? 'bg-propolis' : isToday ? 'bg-willow' : 'bg-larch'}`}
                />
              ))}
            </span>
            {dots > 0 && <span className="sr-only">{`${dots} due`}</span>}
          </li>
        );
      })}
    </ol>
  );
}
