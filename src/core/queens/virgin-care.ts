import { LAST_QUEENABLE_AGE, QUEEN_EMERGES } from '../biology/development';
import { emergesAfterPrime } from '../biology/emerges-after';
import { figure } from '../biology/figure';
import {
  CAST_LAYS,
  EMERGE_AFTER_PRIME,
  FIRST_EGGS,
  LOOK_FOR_EGGS,
  NUC_SETTLES,
  PRIME_SWARM_LAYS,
  RELEASED_QUEEN_LAYS,
} from '../biology/mating';
import { addDays, type Day, earliestOf, latestOf } from '../calendar/day';
import type { CheckWindow, DayRange, Window } from '../calendar/window';
import { windowFromLaying } from '../cells/windows';
import type { ColonyFacts } from '../colony/facts';
import type { FollowUpState } from '../programmes/follow-up-state';
import type { LeaveShut } from '../schedule/check';
import type { Settings } from '../settings/settings';
import { arrivedOn, cagedOn, lostIn, raises, requeeningIdOf, swarmedIn } from './queen-questions';
import type { QueenState } from './queen-state';

/** Emergency cells are searched for from the day no new one can be started, and before the first virgin can be out. */
const FIND_CELLS_SPAN = figure('days-in-which-to-find-emergency-cells', 2, 'days', 'derived');

/**
 * Emergence of cells that a colony raises after losing its queen: from eggs laid in the six days before. Where the day is not certain
 * the first virgin counts from the first, the last from the last.
 */
export function emergencyEmergence(removed: Day | DayRange): Window {
  const { from, to } = typeof removed === 'number' ? { from: removed, to: removed } : removed;
  return windowFromLaying({ from: addDays(from, -LAST_QUEENABLE_AGE.value), to }, QUEEN_EMERGES);
}

/** When the virgins emerge that a colony raises of which no cell is known, by the day it lost its queen; null: it raises none. */
export function emergenceRaised(queen: QueenState): Window | null {
  if (queen.is === 'either-half') return emergencyEmergence(queen.since);
  if (!raises(queen)) return null;
  const [lost, swarmed] = [lostIn(queen), swarmedIn(queen)];
  if (lost !== null) return emergencyEmergence(lost);
  return swarmed === null ? null : emergesAfterPrime(swarmed, EMERGE_AFTER_PRIME);
}

/**
 * The first day on which patience is over with a queen who came from elsewhere and was looked for without eggs: the last of the days
 * on which she is looked for; a nuc's from the second time on. Null where no such queen is waited for.
 */
export function patienceWith(
  queen: QueenState,
  { origin, startedOn }: Pick<ColonyFacts, 'origin' | 'startedOn'>,
  followUps: readonly FollowUpState[],
): Day | null {
  const asked = followUps.find(
    ({ status, code, answer }) =>
      status === 'due' && (code === 'laying-check' || (code === 'nuc-settled' && answer?.again !== undefined)),
  );
  if (asked) return asked.code === 'laying-check' ? asked.window.latest : asked.window.earliest;
  if (followUps.some(({ status, code }) => status === 'due' && code === 'nuc-settled')) return NEVER;
  if (origin === 'cast' && requeeningIdOf(queen) === 'start') return addDays(startedOn, CAST_LAYS.value.late);
  const arrived = arrivedOn(queen);
  if (arrived !== null) {
    return addDays(arrived, origin === 'nuc' ? NUC_SETTLES.value.late : PRIME_SWARM_LAYS.value.late);
  }
  const caged = cagedOn(queen);
  return caged === null ? null : addDays(caged, RELEASED_QUEEN_LAYS.value.late);
}

/** A day that no fact reaches. */
const NEVER = Number.MAX_SAFE_INTEGER as Day;

/** The hive with the virgin is not opened from her earliest emergence until some days after the latest. */
export function leaveShutSpan(emergence: Window, { leaveShutDays }: Settings): LeaveShut {
  return { from: emergence.earliest, to: addDays(emergence.latest, leaveShutDays) };
}

/** When the young queen may first lay; for planning, {@link eggsWindow} is patient beyond it. */
export function firstEggsWindow(emergence: Window): Window {
  const { early, typical, late } = FIRST_EGGS.value;
  return {
    earliest: addDays(emergence.earliest, early),
    likelyFrom: addDays(emergence.likelyFrom, typical),
    likelyTo: addDays(emergence.likelyTo, typical),
    latest: addDays(emergence.latest, late),
  };
}

/** When to look for the young queen's eggs; never while the hive is to be left shut. */
export function eggsWindow(emergence: Window, settings: Settings): CheckWindow & { readonly failedOn: Day } {
  const { early, typical, late } = LOOK_FOR_EGGS.value;
  const shutUntil = leaveShutSpan(emergence, settings).to;
  const earliest = latestOf(addDays(emergence.latest, early), addDays(shutUntil, 1));
  const ideal = latestOf(addDays(emergence.latest, typical), earliest);
  return {
    earliest,
    ideal,
    latest: latestOf(addDays(emergence.latest, late), ideal),
    failedOn: addDays(emergence.latest, settings.matingFailedDays),
  };
}

/**
 * The one visit that finds every emergency cell: six to eight days after the queen was removed, and before the first virgin
 * of cells already known can be out. When such a cell is due sooner than that, the day before it, but not the day of removal.
 */
export function findCellsWindow(removed: Day | DayRange, known: Window | null): CheckWindow {
  const days = typeof removed === 'number' ? { from: removed, to: removed } : removed;
  // No cell can be started later; where the day is not certain, after the last of them, and the first virgin counts from the first.
  const from = addDays(days.to, LAST_QUEENABLE_AGE.value);
  const to = addDays(days.from, LAST_QUEENABLE_AGE.value + FIND_CELLS_SPAN.value);
  const dayBefore = known ? addDays(known.earliest, -1) : to;
  if (earliestOf(dayBefore, to) < from) {
    const only = latestOf(earliestOf(dayBefore, to), addDays(days.to, 1));
    return { earliest: only, ideal: only, latest: only };
  }
  const latest = earliestOf(to, dayBefore);
  return { earliest: from, ideal: earliestOf(addDays(from, 1), latest), latest };
}
