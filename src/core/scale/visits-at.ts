import { addDays, dayOfMinute, formatDay } from '../calendar/day';
import { VISIT_MIN } from './scale-figures';
import { minutesOf, type ScaleVisit } from './scale-of';

const MINUTES_A_DAY = 1440;
const two = (value: number) => String(value).padStart(2, '0');

/** Visits to a hive, from the minutes that are noted of what was seen and done there. */
export const visitsAt = (minutes: readonly string[]): readonly ScaleVisit[] =>
  minutes.map((from) => {
    const end = minutesOf(from) + VISIT_MIN;
    const over = end - dayOfMinute(from) * MINUTES_A_DAY;
    const on = addDays(dayOfMinute(from), Math.floor(over / MINUTES_A_DAY));
    const of = over % MINUTES_A_DAY;
    return { from, to: `${formatDay(on)}T${two(Math.floor(of / 60))}:${two(of % 60)}` };
  });
