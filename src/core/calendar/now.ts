import { type Day, formatDay } from './day';

/** The moment a question is asked, handed to the core and never taken by it. */
export interface Now {
  readonly today: Day;
  /** Local minute, `YYYY-MM-DDTHH:mm`. */
  readonly minute: string;
  /** UTC instant, for the history of corrections. */
  readonly instant: string;
}

/** The last minute of a day. */
export function endOfDay(today: Day): string {
  return `${formatDay(today)}T23:59`;
}
