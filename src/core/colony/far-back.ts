import { type Day, daysBetween } from '../calendar/day';
import type { ColonyFacts } from './facts';
import { knownSince } from './known-since';

/** A day further back than that is oftener a slip of the finger than an old notebook, days. */
export const FAR_BACK_DAYS = 60;

/** A colony's past is written down from the old notebook in the days after it was entered, days. */
const FILLED_IN_DAYS = 14;

/**
 * Why a day on which something is said to have been seen is asked about once before it is stored: it lies long ago, or before anything
 * that is known of the colony, whose past is not just being filled in. Null: it does not.
 *
 * @example 60 days back is not asked about, 61 are
 */
export function farBack(on: Day, facts: ColonyFacts, today: Day): 'long-ago' | 'before-records' | null {
  const isPastBeingFilledIn = facts.enteredOn != null && daysBetween(facts.enteredOn, today) <= FILLED_IN_DAYS;
  if (on < knownSince(facts) && !isPastBeingFilledIn) return 'before-records';
  return daysBetween(on, today) > FAR_BACK_DAYS ? 'long-ago' : null;
}
