import { type Day, parseDay } from '../core/calendar/day';
import type { Draft } from './draft';

/** The day of an entry; today while it is half typed. */
export function dayOfDraft({ at }: Pick<Draft, 'at'>, today: Day): Day {
  return parseDay(at.slice(0, 10)) ?? today;
}
