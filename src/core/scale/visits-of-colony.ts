import { figure } from '../biology/figure';
import { addDays, dayOfMinute, formatDay } from '../calendar/day';
import { minutesOf, type ScaleVisit } from './scale-of';

/** How long a hive is open from the minute that is noted. */
const VISIT_TAKES = figure('a-visit-to-a-hive-takes', 30, 'minutes', 'practice');
const MINUTES_A_DAY = 1440;
const two = (value: number) => String(value).padStart(2, '0');

/** Visits to a hive, from the minutes that are noted of what was seen and done there. */
export const visitsAt = (minutes: readonly string[]): readonly ScaleVisit[] =>
  minutes.map((from) => {
    const end = minutesOf(from) + VISIT_TAKES.value;
    const over = end - dayOfMinute(from) * MINUTES_A_DAY;
    const on = addDays(dayOfMinute(from), Math.floor(over / MINUTES_A_DAY));
    const of = over % MINUTES_A_DAY;
    return { from, to: `${formatDay(on)}T${two(Math.floor(of / 60))}:${two(of % 60)}` };
  });
