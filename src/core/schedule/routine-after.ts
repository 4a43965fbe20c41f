import type { Day } from '../calendar/day';
import type { LookRead } from '../colony/look';
import { methodNamed } from '../methods/methods';
import { aCheck, type Check, checkKey } from './check';
import { routineLook } from './routine';
import type { ScheduleFrom } from './schedule-part';

/** The day of the last programme begun since a look for which every frame was searched; null when there is none. */
function searchedOn({ parts }: ScheduleFrom, since: Day): Day | null {
  const days = parts
    .filter(({ programme }) => programme.on >= since && methodNamed(programme.method).clearsCells)
    .map(({ programme }) => programme.on);
  return days.length === 0 ? null : (Math.max(...days) as Day);
}

/** The routine look that follows from the last one, or from the day on which a method had every frame searched. */
export function routineAfter(from: ScheduleFrom, look: LookRead): Check {
  const { queen, alreadyDue, settings, liveCells } = from;
  const { inspection, takenDown, reading } = look;
  const wereGiven = look.liveCells.length > 0 && liveCells.length === 0;
  const searched = searchedOn(from, inspection.on);
  const { on, thoroughness, id } = inspection;
  const datesStand = reading.reading === 'not-enough-seen';
  const last =
    searched === null
      ? { on, thoroughness, cellsRemoved: takenDown > 0 || wereGiven, datesStand }
      : { on: searched, thoroughness: 'cleared' as const, cellsRemoved: false, datesStand: false };
  const routine = routineLook({ ...last, clipped: queen.clipped, alreadyDue }, settings);
  return aCheck({ key: checkKey('look', id), code: 'look', ...routine });
}
