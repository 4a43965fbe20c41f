import { LAST_QUEENABLE_AGE } from '../biology/development';
import { EMERGE_AFTER_PRIME } from '../biology/mating';
import { addDays, type Day, earliestOf, latestOf } from '../calendar/day';
import type { DayRange, Window } from '../calendar/window';
import { isFullSearch } from '../cells/thoroughness';
import { say as sayOfMethod } from '../methods/says';
import { programmeOf, swarmedIn } from '../queens/queen-questions';
import { findCellsWindow } from '../queens/virgin-care';
import { sentences } from '../says/together';
import type { Check } from './check';
import { answered, inCycle } from './in-cycle';
import { say } from './says';
import type { ScheduleFrom } from './schedule-part';

/** A swarm was seen to leave, and nobody has searched it since: its cells are found, or thinned, before the first cast. */
export function afterPrime(from: ScheduleFrom, emergence: Window): readonly Check[] {
  const { look, queen } = from;
  const swarmedOn = swarmedIn(queen);
  if (swarmedOn === null || programmeOf(queen)) return [];
  const isLooked = look !== null && look.inspection.on > swarmedOn.to && isFullSearch(look.inspection.thoroughness);
  if (isLooked) return [];
  const latest = latestOf(swarmedOn.to, addDays(emergence.earliest, -1));
  const ideal = earliestOf(addDays(swarmedOn.to, 1), latest);
  return [
    inCycle(from, {
      code: from.liveCells.length > 0 ? 'thin-cells' : 'find-cells',
      window: { earliest: swarmedOn.to, ideal, latest },
      why: say('swarm-left', {
        on: swarmedOn.from,
        virginFrom: addDays(swarmedOn.from, EMERGE_AFTER_PRIME.value.early),
      }),
    }),
  ];
}

/** The first day on which a look finds every cell: none can be started after it, or the day forced by a cell that is nearly ripe. */
function searchFrom(removed: DayRange, known: Window | null): Day {
  return earliestOf(addDays(removed.to, LAST_QUEENABLE_AGE.value), findCellsWindow(removed, known).earliest);
}

/**
 * The visit that finds every cell of a colony without its queen, thins them and, where the method says so, moves it. Empty once it
 * was made, or where the keeper chose not to thin again.
 */
export function cellSearch(from: ScheduleFrom, removed: DayRange, known: Window | null): readonly Check[] {
  const { look, queen } = from;
  const programme = programmeOf(queen);
  const window = findCellsWindow(removed, known);
  const since = searchFrom(removed, known);
  const on = look && isFullSearch(look.inspection.thoroughness) ? look.inspection.on : null;
  const looked = on !== null && on >= since && on > removed.to;
  const risk =
    known &&
    window.latest < addDays(removed.to, LAST_QUEENABLE_AGE.value) &&
    sayOfMethod('kept-cell-may-open', { from: known.earliest });
  const list: Check[] = [];
  // Once her eggs were looked for, cells are no longer the question.
  const isOver = queen.overdue !== null;
  const isDone = looked || isOver || (programme !== null && answered(from, 'thin-cells', since) !== null);
  if (!isDone && programme?.isThinned) {
    const why = sentences(sayOfMethod('thin-again'), risk);
    list.push(inCycle(from, { code: 'thin-cells', window, why }));
  }
  if (!isDone && !programme) {
    const why = say('one-inspection-finds-all', { goneSince: removed.from });
    list.push(inCycle(from, { code: 'find-cells', window, why }));
  }
  if (programme?.isMoved && !isOver && !answered(from, 'move-parent', removed.from)) {
    const why = sentences(sayOfMethod('move-to-the-other-side'), risk);
    list.push(inCycle(from, { code: 'move-parent', window, why }));
  }
  return list;
}
