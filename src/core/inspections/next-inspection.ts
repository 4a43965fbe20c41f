import { QUEEN_CELL_SEALED, QUEEN_EMERGES } from '../biology/development';
import { figure } from '../biology/figure';
import { addDays, type Day, earliestOf } from '../calendar/day';
import { hiddenAgeOf, type Thoroughness } from '../cells/thoroughness';

/** After cells are broken down the bees start again from a larva about a day old. */
export const RESTART_AGE = figure(
  'after-cells-are-broken-down-new-ones-start-from-a-larva-aged',
  4,
  'days-since-laid',
  'queenRearing',
);

/** A look that finds nothing certain is to be followed up after this many days. */
export const TIP_UP_DAYS = figure('look-again-after-tipping-up', 2, 'days', 'caution');

/** With a clipped queen the colony is lost only with the first virgin: a day is kept in hand before she can be out. */
const DAYS_TO_FIRST_VIRGIN = QUEEN_EMERGES.value.early - 1;

export interface LookedAt {
  readonly on: Day;
  readonly thoroughness: Thoroughness;
  /** Cells were broken down and the colony was left otherwise as it was. */
  readonly cellsRemoved: boolean;
  readonly clipped: boolean;
  /** A day by which it was to be looked at anyway. Only a tip-up heeds it: such a look never pushes a date back. */
  readonly alreadyDue: Day | null;
}

export interface NextInspection {
  readonly ideal: Day;
  readonly latest: Day;
  /** The oldest age at which a cell may have been overlooked; null: unknown. */
  readonly hiddenAge: number | null;
}

/**
 * When to be back, from the worst cell that this look could have missed: latest = D + 7 - h, or D + 14 - h with a
 * clipped queen, where h is the oldest age that may have been overlooked. Ideal is the day before.
 *
 * @example a cleared look on 1 May: latest 8 May; with the bees left on: 5 May; with cells broken down: 4 May.
 */
export function nextInspection({ on, thoroughness, cellsRemoved, clipped, alreadyDue }: LookedAt): NextInspection {
  const overlooked = hiddenAgeOf(thoroughness);
  if (overlooked === null) {
    const soon = addDays(on, TIP_UP_DAYS.value);
    const latest = alreadyDue === null ? soon : earliestOf(soon, alreadyDue);
    return { ideal: addDays(latest, -1), latest, hiddenAge: null };
  }
  const hiddenAge = cellsRemoved ? Math.max(overlooked, RESTART_AGE.value) : overlooked;
  const lostAt = clipped ? DAYS_TO_FIRST_VIRGIN : QUEEN_CELL_SEALED.value.early;
  const latest = addDays(on, lostAt - hiddenAge);
  return { ideal: addDays(latest, -1), latest, hiddenAge };
}
