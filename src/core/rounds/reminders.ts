import { MINUTES_A_DAY, MINUTES_AN_HOUR } from '../calendar/minute';
import type { Span } from '../settings/free-time';

/** In the evening before a round, when there is still time to look for what is missing; minutes since midnight. */
export const EVENING_BEFORE = 19 * MINUTES_AN_HOUR;
/** So long before it begins, to load the car; minutes. */
export const BEFORE_IT_BEGINS = 2 * MINUTES_AN_HOUR;

/**
 * How many minutes before a round it is reminded of, counted from its first minute; of one without hours from the midnight with which its
 * day begins.
 *
 * @example of a round from 16:00 on: 21 hours before, at 19:00 of the evening before, and 2 hours before
 */
export const remindersOf = (hours: Span | null): readonly number[] =>
  hours === null ? [MINUTES_A_DAY - EVENING_BEFORE] : [hours.from + MINUTES_A_DAY - EVENING_BEFORE, BEFORE_IT_BEGINS];
