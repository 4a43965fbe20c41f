import { dayOfMinute } from '../calendar/day';
import { minuteAt, minuteOfDay } from '../calendar/minute';
import { VISIT_MIN } from './scale-figures';
import type { ScaleVisit } from './scale-of';

/** When a hive was seen to, as it is noted: its end too, or not. */
export interface NotedVisit {
  readonly from: string;
  readonly to: string | null;
}

/** Visits to a hive. One of which no end is noted is taken for {@link VISIT_MIN} minutes. */
export const visitsAt = (noted: readonly NotedVisit[]): readonly ScaleVisit[] =>
  noted.map(({ from, to }) => ({ from, to: to ?? minuteAt(dayOfMinute(from), minuteOfDay(from) + VISIT_MIN) }));
