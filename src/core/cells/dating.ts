import { LAST_QUEENABLE_AGE } from '../biology/development';
import { addDays, type Day } from '../calendar/day';
import type { DayRange, Window } from '../calendar/window';
import { type CellStage, isLive, STAGES } from './stage';
import { hiddenAgeOf, type Thoroughness } from './thoroughness';
import { emergenceWindow, sealingWindow } from './windows';

/** One sight of one cell. `index` is the place of this sight in the list it came from and is what a conflict names. */
export interface CellSight {
  readonly on: Day;
  /** The last day on which it may have been, where the day is not certain; else `on`. */
  readonly to?: Day;
  readonly stage: CellStage;
  readonly index: number;
}

/** An inspection on which the brood frames were searched for cells. */
export interface CellCheck {
  readonly on: Day;
  /** The last day on which it may have been, where the day is not certain; else `on`. */
  readonly to?: Day;
  readonly thoroughness: Thoroughness;
  /** Cells were broken down at it: the bees begin again with larvae that they have. */
  readonly cellsRemoved?: boolean;
}

export type CellStatus = 'live' | 'emerged' | 'destroyed' | 'removed' | 'dry';

/** The days on which the egg was laid, inclusive. `from` null: any day up to `to`. */
export interface LaidRange {
  readonly from: Day | null;
  readonly to: Day;
}

/** Stands for an inspection or for the queen's removal where a conflict would otherwise name a sight. */
export const NOT_A_SIGHT = -1;

/** Two things that cannot both be true. Indexes of sights, or {@link NOT_A_SIGHT}. */
export interface Conflict {
  readonly between: readonly [number, number];
  /** `no-day`: no laying day satisfies both. `went-back`: the later sight is of an earlier stage. */
  readonly kind: 'no-day' | 'went-back';
}

export interface CellDates {
  readonly status: CellStatus;
  readonly laid: LaidRange | null;
  readonly sealing: Window | null;
  readonly emergence: Window | null;
  readonly conflict: Conflict | null;
}

export interface DatingEvidence {
  /** In order of date; sights of one day in order of entry. At least one. */
  readonly sights: readonly CellSight[];
  /** Of the same colony. Only those before the first sight of the cell count. */
  readonly checks: readonly CellCheck[];
  /** The day on which the colony lost its queen, or the days between which it did, where the cell may be an emergency cell. */
  readonly queenRemoved: Day | DayRange | null;
}

interface Bound {
  readonly on: Day;
  readonly index: number;
}

const later = (a: Bound | null, b: Bound): Bound => (a === null || b.on > a.on ? b : a);
const sooner = (a: Bound | null, b: Bound): Bound => (a === null || b.on < a.on ? b : a);

/**
 * Dates one cell by cutting all that is known of its laying day together.
 *
 * - A stage seen on day D at ages f..t: laid D-t .. D-f. A dry cup on D: laid on D or later.
 * - A check on P before the first sight that held no cell: laid on P or later (bees shaken or brushed off),
 *   on P-3 or later (bees left on), no bound (boxes tipped up). Checks on or after the first sight say nothing.
 * - First seen after the queen was removed on R: laid R-6 .. R, since a worker larva can be raised as a queen until age 6.
 *   A cup that never held anything is left out of this.
 * - Such a cell, and one first seen after cells were broken down, is drawn out over an egg or larva that was there already: a check
 *   on P then says only that it was laid on P-6 or later (bees left on: P-9).
 * - Where a day is not certain its early end bounds from below and its late end from above.
 * - When no day is left, or a later sight is of an earlier stage, the contradiction is returned and nothing is dated:
 *   for `no-day` the latest lower and the earliest upper bound, sights before checks where both bind alike.
 * - Without an upper bound `laid` is null; without a lower one `laid.from` and both windows are.
 *
 * @example a `larva-large` on 10 May and `sealed-fresh` on 13 May after a cleared check on 3 May: laid 3..5 May.
 */
export function dateCell({ sights, checks, queenRemoved }: DatingEvidence): CellDates {
  const first = sights[0];
  const last = sights.at(-1);
  if (!first || !last) throw new Error('A cell cannot be dated without a sight of it');
  const status = statusOf(last.stage);
  const undated = { status, laid: null, sealing: null, emergence: null } as const;

  const lower = lowerBound(sights, checks, queenRemoved);
  const upper = upperBound(sights, queenRemoved);
  if (lower && upper && lower.on > upper.on) {
    return { ...undated, conflict: { between: [lower.index, upper.index], kind: 'no-day' } };
  }
  const backwards = firstStepBack(sights);
  if (backwards) return { ...undated, conflict: { between: backwards, kind: 'went-back' } };
  if (!upper) return { ...undated, conflict: null };

  const laid = { from: lower?.on ?? null, to: upper.on };
  if (laid.from === null) return { ...undated, laid, conflict: null };
  const range = { from: laid.from, to: laid.to };
  return {
    status,
    laid,
    sealing: sealingWindow(range, sights),
    emergence: emergenceWindow(range, sights),
    conflict: null,
  };
}

const rangeOf = (days: Day | DayRange): DayRange => (typeof days === 'number' ? { from: days, to: days } : days);

function lowerBound(
  sights: readonly CellSight[],
  checks: readonly CellCheck[],
  queenRemoved: Day | DayRange | null,
): Bound | null {
  let bound: Bound | null = null;
  for (const { on, stage, index } of sights) {
    const ages = STAGES[stage].ages;
    if (stage === 'cup-dry') bound = later(bound, { on, index });
    else if (ages && ages.to !== null) bound = later(bound, { on: addDays(on, -ages.to), index });
  }
  const first = sights[0] as CellSight;
  const isEmergency = bindsAsEmergency(sights, queenRemoved);
  const before = checks.filter((check) => (check.to ?? check.on) < first.on);
  const isDrawnOver = isEmergency || before.some(({ cellsRemoved }) => cellsRemoved === true);
  for (const check of before) {
    const on = notThereBefore(check, isDrawnOver);
    if (on !== null) bound = later(bound, { on, index: NOT_A_SIGHT });
  }
  if (isEmergency) {
    const { from } = rangeOf(queenRemoved);
    bound = later(bound, { on: addDays(from, -LAST_QUEENABLE_AGE.value), index: NOT_A_SIGHT });
  }
  return bound;
}

function upperBound(sights: readonly CellSight[], queenRemoved: Day | DayRange | null): Bound | null {
  let bound: Bound | null = null;
  for (const { on, to = on, stage, index } of sights) {
    const ages = STAGES[stage].ages;
    if (ages) bound = sooner(bound, { on: addDays(to, -ages.from), index });
  }
  if (bindsAsEmergency(sights, queenRemoved)) {
    bound = sooner(bound, { on: rangeOf(queenRemoved).to, index: NOT_A_SIGHT });
  }
  return bound;
}

/**
 * The first day on which the egg of a cell that a check did not find may have been laid; null when the check says nothing.
 *
 * @param isDrawnOver the cell is drawn out over an egg or larva that may have been there, in the comb, at the check
 * @example a cleared look on 10 May: 10 May; for an emergency cell 4 May; with the bees left on 7 May and 1 May.
 */
export function notThereBefore({ on, thoroughness }: CellCheck, isDrawnOver: boolean): Day | null {
  const overlooked = hiddenAgeOf(thoroughness);
  if (overlooked === null) return null;
  return addDays(on, -overlooked - (isDrawnOver ? LAST_QUEENABLE_AGE.value : 0));
}

/**
 * Of several checks, in order of time, those before `first` that bound the laying day: the one that bounds it most closely from
 * below, and the last at which cells were broken down, which decides how it bounds. Dating by them gives the same as dating by all.
 */
export function closestChecks(checks: readonly CellCheck[], first: Day): readonly CellCheck[] {
  let closest: { check: CellCheck; bound: number } | null = null;
  let removal: CellCheck | null = null;
  for (let i = checks.length - 1; i >= 0; i--) {
    const check = checks[i] as CellCheck;
    if ((check.to ?? check.on) >= first) continue;
    const bound = notThereBefore(check, false);
    if (bound !== null && (!closest || bound > closest.bound)) closest = { check, bound };
    if (!removal && check.cellsRemoved) removal = check;
  }
  return [...(closest ? [closest.check] : []), ...(removal && removal !== closest?.check ? [removal] : [])];
}

function bindsAsEmergency(
  sights: readonly CellSight[],
  queenRemoved: Day | DayRange | null,
): queenRemoved is Day | DayRange {
  if (queenRemoved === null || (sights[0] as CellSight).on <= rangeOf(queenRemoved).to) return false;
  const neverHeldAnything =
    sights.some(({ stage }) => stage === 'cup-dry') &&
    sights.every(({ stage }) => stage === 'cup-dry' || stage === 'removed');
  return !neverHeldAnything;
}

function firstStepBack(sights: readonly CellSight[]): readonly [number, number] | null {
  let furthest: { rank: number; index: number } | null = null;
  for (const { stage, index } of sights) {
    const { rank } = STAGES[stage];
    if (rank === null) continue;
    if (furthest && rank < furthest.rank) return [furthest.index, index];
    if (!furthest || rank > furthest.rank) furthest = { rank, index };
  }
  return null;
}

/** What became of a cell that was last seen in a stage. */
export function statusOf(stage: CellStage): CellStatus {
  if (isLive(stage)) return 'live';
  if (stage === 'cup-dry') return 'dry';
  if (stage === 'emerged') return 'emerged';
  return stage === 'torn-down' ? 'destroyed' : 'removed';
}
