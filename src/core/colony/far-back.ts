import { type Day, daysBetween } from '../calendar/day';
import type { ColonyFacts } from './facts';
import { knownSince } from './known-since';

/** A day further back than that is oftener a slip of the finger than an old notebook, days. */
export const FAR_BACK_DAYS = 60;

/**
 * Why a day on which something is said to have been seen is asked about once before it is stored: it lies long ago, or before anything
 * that is known of the colony. Null: it does not.
 *
 * @example 60 days back is not asked about, 61 are
 */
export function farBack(on: Day, facts: ColonyFacts, today: Day): 'long-ago' | 'before-records' | null {
  if (on < knownSince(facts)) return 'before-records';
  return daysBetween(on, today) > FAR_BACK_DAYS ? 'long-ago' : null;
}
