import { dayOfMinute } from '../calendar/day';
import { minuteAt, minuteOfDay } from '../calendar/minute';
import { VISIT_MIN } from './scale-figures';
import type { ScaleVisit } from './scale-of';

/** Visits to a hive, from the minutes that are noted of what was seen and done there. */
export const visitsAt = (minutes: readonly string[]): readonly ScaleVisit[] =>
  minutes.map((from) => ({ from, to: minuteAt(dayOfMinute(from), minuteOfDay(from) + VISIT_MIN) }));
