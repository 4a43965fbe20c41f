import { type Day, dayOfWeek, monthAndDate } from '../../core/calendar/day';
import { type Axis, isLong } from './axis';

const WEEKDAY_LETTERS = ['S', 'M', 'T', 'W', 'T', 'F', 'S'];
const MONDAY = 1;

/** The letter and the figure of a day on a ruler. On a phone only Mondays and today have theirs. */
export function DayFace({ day, axis }: { readonly day: Day; readonly axis: Axis }) {
  const isToday = day === axis.today;
  const isNumbered = isToday || (dayOfWeek(day) === MONDAY && Math.abs(day - axis.today) > (isLong(axis) ? 2 : 1));
  // Only where a day is wide enough for two figures.
  const onDesk = isLong(axis) ? 'hidden' : 'hidden min-[72rem]:inline';
  return (
    <>
      <span className={`text-muted hidden text-xs leading-4 ${isLong(axis) ? '' : 'min-[72rem]:block'}`}>
        {WEEKDAY_LETTERS[dayOfWeek(day)]}
      </span>
      <span
        className={`h-5 text-sm leading-5 ${isToday ? 'font-display text-willow scale-125 font-extrabold' : 'font-semibold'}`}
      >
        <span className={isNumbered ? '' : onDesk}>{monthAndDate(day).date}</span>
      </span>
    </>
  );
}
