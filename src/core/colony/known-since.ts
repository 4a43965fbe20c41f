import { type Day, latestOf } from '../calendar/day';
import type { ColonyFacts, ColonyOrigin } from './facts';

/**
 * The day on which a colony began, before which nothing can have happened in it. Null for an established one: it was there before the
 * first entry, its first day only says since when the book knew it, and what is entered of earlier days widens that.
 */
export const firstDayOf = <D extends Day | string>(colony: {
  readonly origin: ColonyOrigin;
  readonly startedOn: D;
}): D | null => (colony.origin === 'established' ? null : colony.startedOn);

/**
 * Whether a day lies before a colony began.
 *
 * @param on and `startedOn`: both days, or both `YYYY-MM-DD`
 */
export function isBeforeColony<D extends Day | string>(
  colony: { readonly origin: ColonyOrigin; readonly startedOn: D },
  on: D,
): boolean {
  const first = firstDayOf(colony);
  return first !== null && on < first;
}

/** Since when the book knows a colony: its first day, or that of the earliest entry of an established one. */
export function knownSince(facts: ColonyFacts): Day {
  const { startedOn, origin, inspections, queenEvents, surveys, parts, arrivals } = facts;
  if (origin !== 'established') return startedOn;
  let since = startedOn;
  // One by one: this is asked of every colony at every page, and some have thousands of entries.
  for (const entries of [inspections, queenEvents, surveys, arrivals]) {
    for (const { on } of entries) if (on < since) since = on;
  }
  for (const { programme } of parts) if (programme.on < since) since = programme.on;
  return since;
}

/** From which day the first look counts: the day on which the colony was entered, or its first where that was not noted or is later. */
export function firstLookFrom(facts: ColonyFacts): Day {
  const since = knownSince(facts);
  return latestOf(since, facts.enteredOn ?? since);
}
