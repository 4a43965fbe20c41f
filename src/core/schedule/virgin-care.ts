import { LAST_QUEENABLE_AGE, QUEEN_EMERGES } from '../biology/development';
import { figure } from '../biology/figure';
import { FIRST_EGGS, LOOK_FOR_EGGS } from '../biology/mating';
import { SOURCES } from '../biology/sources';
import { addDays, type Day, earliestOf, latestOf } from '../calendar/day';
import type { CheckWindow, Window } from '../calendar/window';
import { windowFromLaying } from '../cells/windows';
import type { Settings } from '../settings/settings';
import type { LeaveShut } from './check';

/** Emergency cells are searched for from the day no new one can be started, and before the first virgin can be out. */
const FIND_CELLS_SPAN = figure('Days in which to find emergency cells', 2, 'days', SOURCES.derived);

/** Emergence of cells that a colony raises after losing its queen on `removedOn`: from eggs laid in the six days before. */
export function emergencyEmergence(removedOn: Day): Window {
  return windowFromLaying({ from: addDays(removedOn, -LAST_QUEENABLE_AGE.value), to: removedOn }, QUEEN_EMERGES);
}

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
export function findCellsWindow(removedOn: Day, known: Window | null): CheckWindow {
  const from = addDays(removedOn, LAST_QUEENABLE_AGE.value);
  const to = addDays(from, FIND_CELLS_SPAN.value);
  const dayBefore = known ? addDays(known.earliest, -1) : to;
  if (dayBefore < from) {
    const only = latestOf(dayBefore, addDays(removedOn, 1));
    return { earliest: only, ideal: only, latest: only };
  }
  const latest = earliestOf(to, dayBefore);
  return { earliest: from, ideal: earliestOf(addDays(from, 1), latest), latest };
}
