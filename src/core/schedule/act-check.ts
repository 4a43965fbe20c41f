import { addDays, latestOf } from '../calendar/day';
import type { ReadingName } from '../inspections/reading';
import { isReplacing } from '../inspections/replacing';
import { methodNamed } from '../methods/methods';
import { checkKey } from '../programmes/check-key';
import { aCheck, type Check } from './check';
import { say } from './says';
import type { ScheduleFrom } from './schedule-part';

/** Readings that more room is an answer to. */
const ROOM_ANSWERS: ReadonlySet<ReadingName> = new Set(['congested', 'cups-only', 'settled']);

/** A programme begun since the last look is what was done about it. */
function isActedOn({ look, parts }: ScheduleFrom): boolean {
  if (!look) return false;
  const { reading } = look.reading;
  return parts.some(({ programme, queen }) => {
    if (programme.on < look.inspection.on || queen === 'ends') return false;
    const { kind } = methodNamed(programme.method);
    if (kind === 'increase') return queen !== 'unchanged';
    return kind !== 'room' || ROOM_ANSWERS.has(reading);
  });
}

/** Readings that are of the cells which were there: once none is left, they are over. */
const OF_CELLS: ReadonlySet<ReadingName> = new Set(['swarm-imminent', 'preparing', 'early-preparing', 'cast-risk']);

/** Its cells were all given away or kept elsewhere since. */
function isWithoutCells({ look, liveCells }: ScheduleFrom): boolean {
  return look !== null && OF_CELLS.has(look.reading.reading) && look.liveCells.length > 0 && liveCells.length === 0;
}

/** A queen who came from elsewhere is given her time: what asks whether she lays asks again by itself. */
function isGivenTime({ look, queen, patientUntil }: ScheduleFrom): boolean {
  if (!look || patientUntil === null || queen.noEggsOn !== null) return false;
  const { reading } = look.reading;
  return (reading === 'queen-missing' || reading === 'not-laying') && look.inspection.on < patientUntil;
}

/** Acting on a reading: from the day it was seen, best a day before it is too late. Null when there is no need, or it was done. */
export function actCheck(from: ScheduleFrom): Check | null {
  const { look } = from;
  if (!look || look.reading.actBy === null) return null;
  if (isActedOn(from) || isWithoutCells(from) || isGivenTime(from)) return null;
  const { on, id } = look.inspection;
  const { reading, actBy } = look.reading;
  const isBeingReplaced = isReplacing(look.reading);
  return aCheck({
    key: checkKey('act', id),
    code: 'act',
    window: { earliest: on, ideal: latestOf(on, addDays(actBy, -1)), latest: actBy },
    why: say('advice', { reading, isReplacing: isBeingReplaced }),
    order: say('act-on', { reading, isReplacing: isBeingReplaced }),
    reading,
  });
}
