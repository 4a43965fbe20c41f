import { addDays, type Day } from '../calendar/day';
import { isFullSearch } from '../cells/thoroughness';
import type { InspectionRead } from '../colony/inspection-known';
import { methodNamed } from '../methods/methods';
import { checkKey } from '../programmes/check-key';
import { isClipped } from '../queens/queen-questions';
import { sentences } from '../says/together';
import { aCheck, type Check } from './check';
import { routineLook } from './routine';
import { say } from './says';
import type { ScheduleFrom } from './schedule-part';

/** The day of the last programme begun since a look for which every frame was searched; null when there is none. */
function searchedOn({ parts }: ScheduleFrom, since: Day): Day | null {
  const days = parts
    .filter(({ programme }) => programme.on >= since && methodNamed(programme.method).clearsCells)
    .map(({ programme }) => programme.on);
  return days.length === 0 ? null : (Math.max(...days) as Day);
}

/** The routine look that follows from the last one, or from the day on which a method had every frame searched. */
export function routineAfter(from: ScheduleFrom, look: InspectionRead): Check {
  const { queen, settings, liveCells } = from;
  const { inspection, takenDown, reading } = look;
  const wereGiven = look.liveCells.length > 0 && liveCells.length === 0;
  const searched = searchedOn(from, inspection.on);
  const { on, thoroughness, id } = inspection;
  const datesStand = reading.reading === 'not-enough-seen';
  const last =
    searched === null
      ? { on, thoroughness, cellsRemoved: takenDown > 0 || wereGiven, datesStand }
      : { on: searched, thoroughness: 'cleared' as const, cellsRemoved: false, datesStand: false };
  // Asked only where it counts: it hangs on the schedule of the look before.
  const alreadyDue = datesStand || !isFullSearch(last.thoroughness) ? from.alreadyDue() : null;
  const routine = routineLook({ ...last, clipped: isClipped(queen), alreadyDue }, settings);
  const check = aCheck({ key: checkKey('look', id), code: 'look', ...routine });
  const until = nestAloneUntil(from);
  return until !== null && check.window.ideal < until && liveCells.length === 0 ? intoBoxAbove(check, until) : check;
}

/** The day until which a nest is left alone for the frames that were put into it, exclusive; null: it is not. */
function nestAloneUntil({ parts }: ScheduleFrom): Day | null {
  const days = parts.flatMap(({ programme: { method, on, endedOn } }) => {
    const { nestAlone, followUps } = methodNamed(method);
    const [first] = followUps;
    return nestAlone && first && endedOn === null ? [addDays(on, first.from)] : [];
  });
  return days.length === 0 ? null : (Math.max(...days) as Day);
}

/** Swarm cells do not wait for new frames to be drawn: the look has its day, and the nest its own. */
const intoBoxAbove = (check: Check, until: Day): Check => ({
  ...check,
  order: say('box-above-only'),
  why: sentences(say('leave-the-nest-alone', { until }), check.why),
});
