import { type Day, formatDay } from './day';
import { minutesOf } from './minute';

/** The moment a question is asked, handed to the core and never taken by it. */
export interface Now {
  readonly today: Day;
  /** Local minute, `YYYY-MM-DDTHH:mm`. */
  readonly minute: string;
  /** UTC instant, for the history of corrections. */
  readonly instant: string;
}

/** So far two clocks may differ, in minutes, before what was said by one lies in the future of the other. */
const CLOCKS_DIFFER_BY = 10;

/** A local minute is still to come, and not only by a phone's clock that goes a little fast. */
export function isToCome(minute: string, now: string): boolean {
  return minutesOf(minute) - minutesOf(now) > CLOCKS_DIFFER_BY;
}

/** The last minute of a day. */
export function endOfDay(today: Day): string {
  return `${formatDay(today)}T23:59`;
}
