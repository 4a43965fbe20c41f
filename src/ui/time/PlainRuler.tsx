import { formatDay } from '../../core/calendar/day';
import { weekdayWords } from '../../words/days';
import { type Axis, axisDays, isWeekend } from './axis';
import { DayFace } from './DayFace';

/** The days of a season that is not the book's: nothing of the book is marked on them, and they lead nowhere. */
export function PlainRuler({ axis }: { readonly axis: Axis }) {
  return (
    <ol
      className="grid h-full min-h-14 list-none"
      style={{ gridTemplateColumns: `repeat(${axis.days}, minmax(0, 1fr))` }}
      aria-label="Days"
    >
      {axisDays(axis).map((day) => (
        <li
          key={day}
          className={`flex flex-col items-center pt-1 ${isWeekend(day) ? 'bg-tint' : ''}`}
          title={`${weekdayWords(day)} (${formatDay(day)})`}
          aria-current={day === axis.today ? 'date' : undefined}
        >
          <DayFace day={day} axis={axis} />
        </li>
      ))}
    </ol>
  );
}
