import type { Day } from '../calendar/day';
import type { ColonyState } from './fold';

/** Everything that is ever entered or follows from it lies within so many days of 1970: from 1890 to 2210. */
const OUTERMOST = { first: -29_220, last: 87_660 } as const;

const isDay = (day: Day): boolean => Number.isInteger(day) && day >= OUTERMOST.first && day <= OUTERMOST.last;

/**
 * Whether a state can be what a colony stands at: its days are days, and none of its windows ends before it begins. A state that is not
 * comes of a fault in the reckoning, never of what was entered, and nothing of it is to be said.
 */
export function isSound({ schedule, knownSince, inspections, queen }: ColonyState): boolean {
  const { checks, leaveShut, emergence, eggsBy } = schedule;
  return (
    isDay(knownSince) &&
    typeof queen === 'object' &&
    inspections.every(({ inspection }) => isDay(inspection.on)) &&
    checks.every(
      ({ window: { earliest, ideal, latest }, plannedFor }) =>
        [earliest, ideal, latest, plannedFor ?? ideal].every(isDay) && earliest <= ideal && ideal <= latest,
    ) &&
    leaveShut.every(({ from, to }) => isDay(from) && isDay(to)) &&
    (emergence === null || (isDay(emergence.earliest) && isDay(emergence.latest))) &&
    (eggsBy === null || (isDay(eggsBy.earliest) && isDay(eggsBy.latest)))
  );
}
