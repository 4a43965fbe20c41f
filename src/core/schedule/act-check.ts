import { addDays, latestOf } from '../calendar/day';
import type { ReadingName } from '../inspections/reading';
import { READING_WORDS } from '../inspections/reading-words';
import { methodNamed } from '../methods/methods';
import { type Check, checkKey } from './check';
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

/** Acting on a reading: from the day it was seen, best a day before it is too late. Null when there is no need, or it was done. */
export function actCheck(from: ScheduleFrom): Check | null {
  const { look } = from;
  if (!look || look.reading.actBy === null || isActedOn(from)) return null;
  const { on, id } = look.inspection;
  const { reading, actBy } = look.reading;
  return {
    key: checkKey('act', id),
    code: 'act',
    window: { earliest: on, ideal: latestOf(on, addDays(actBy, -1)), latest: actBy },
    why: READING_WORDS[reading].advice,
    order: READING_WORDS[reading].order,
    programme: null,
    plannedFor: null,
  };
}
