import { addDays, type Day } from '../calendar/day';
import { joined } from '../calendar/window';
import { emergenceOf } from '../colony/track-cells';
import { WHICH_HALF_FOLLOW_UP } from '../methods/follow-ups';
import { checkKey } from '../programmes/check-key';
import { EGGS_TELL } from '../programmes/which-half';
import { noEggsOn, programmeOf, requeeningIdOf } from '../queens/queen-questions';
import { eggsWindow, emergencyEmergence, leaveShutSpan } from '../queens/virgin-care';
import { sentences } from '../says/together';
import { aCheck, type Check } from './check';
import { giveTestComb, matingMayBeLate } from './queen-checks';
import { say } from './says';
import type { ScheduleFrom, SchedulePart } from './schedule-part';

/**
 * Nobody knows yet which half of a split has the queen. It is asked for while eggs can still tell; from the day on which a virgin could
 * be out both halves are treated as hers: left shut, and looked into for eggs, which settle it at the latest.
 */
export function eitherHalf(from: ScheduleFrom, since: Day): SchedulePart {
  const { settings, liveCells, queen } = from;
  const emergency = emergencyEmergence(since);
  const known = emergenceOf(liveCells);
  const emergence = known ? joined(known, emergency) : emergency;
  const leaveShut = [leaveShutSpan(emergence, settings)];
  const eggsBy = eggsWindow(emergence, settings);
  const { failedOn, ...window } = eggsBy;
  const late = matingMayBeLate(from, emergence);
  const split = programmeOf(queen);
  const programme = split && { id: split.id, unit: 'both' };
  const eggs = aCheck({
    key: checkKey('eggs', requeeningIdOf(queen) ?? 'half'),
    code: 'eggs',
    window,
    why: sentences(say('look-in-both-halves', { latest: window.latest, failedOn }), late),
    programme,
  });
  const emptyOn = noEggsOn(queen);
  const comb = emptyOn !== null && emptyOn >= window.earliest ? giveTestComb(from, emptyOn, late) : null;
  const stillOpen = emptyOn === null || emptyOn < window.latest;
  const list = [whichHalfCheck(from, since), stillOpen ? eggs : null, comb];
  return { checks: list.filter((check) => check !== null), leaveShut, emergence, eggsBy };
}

/** Null once eggs no longer tell, or when the split was given up. */
function whichHalfCheck({ queen, parts, today }: ScheduleFrom, since: Day): Check | null {
  const part = parts.findLast(({ programme }) => programme.id === programmeOf(queen)?.id);
  const isGivenUp = part !== undefined && part.programme.endedOn !== null;
  if (!part || isGivenUp || today > addDays(since, EGGS_TELL.to)) return null;
  const { from, ideal = from, to, why, code } = WHICH_HALF_FOLLOW_UP;
  const shutFrom = addDays(since, to + 2);
  const isShut = today >= shutFrom;
  return aCheck({
    key: checkKey(code, part.programme.id),
    code,
    window: { earliest: addDays(since, from), ideal: addDays(since, ideal), latest: addDays(since, to) },
    why: isShut ? say('leave-both-shut', { eggsTellTo: addDays(since, EGGS_TELL.to) }) : why,
    ...(isShut ? { order: say('open-one-half') } : {}),
    programme: { id: part.programme.id, unit: 'both' },
    forced: say('open-one-only'),
  });
}
