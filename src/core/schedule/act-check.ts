import { addDays, type Day, latestOf } from '../calendar/day';
import { isActedOn } from '../colony/acted-on';
import type { Aged } from '../colony/aged';
import type { ReadingName } from '../inspections/reading';
import { isReplacing } from '../inspections/replacing';
import { checkKey } from '../programmes/check-key';
import { noEggsOn } from '../queens/queen-questions';
import { aCheck, type Check } from './check';
import { say } from './says';
import type { ScheduleFrom } from './schedule-part';

/** Readings that are of the cells which were there: once none is left, they are over. */
const OF_CELLS: ReadonlySet<ReadingName> = new Set(['swarm-imminent', 'preparing', 'early-preparing', 'cast-risk']);

/** Its cells were all given away or kept elsewhere since. */
function isWithoutCells({ look, liveCells }: ScheduleFrom): boolean {
  return look !== null && OF_CELLS.has(look.reading.reading) && look.liveCells.length > 0 && liveCells.length === 0;
}

/** A queen who came from elsewhere is given her time: what asks whether she lays asks again by itself. */
function isGivenTime({ look, queen, patientUntil }: ScheduleFrom): boolean {
  if (!look || patientUntil === null || noEggsOn(queen) !== null) return false;
  const { reading } = look.reading;
  return (reading === 'queen-missing' || reading === 'not-laying') && look.inspection.on < patientUntil;
}

/** Acting on a reading: from the day it was seen, best a day before it is too late. Null when there is no need, or it was done. */
export function actCheck(from: ScheduleFrom): Check | null {
  const { look } = from;
  if (!look || look.reading.actBy === null) return null;
  const { on, id } = look.inspection;
  const { reading, actBy } = look.reading;
  if (isActedOn({ on, reading }, from.parts) || isWithoutCells(from) || isGivenTime(from)) return null;
  // Whether room was made or cells were begun is to be seen.
  if (from.aged?.as === 'may-have-cells' || from.aged?.as === 'old') return null;
  if (from.aged?.as === 'swarm-may-go') return byAge(from.aged, { id, on, actBy });
  if (from.aged?.as === 'workers-may-lay') return lookWithComb(from.aged, { id, on, actBy });
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

interface ActedBy {
  readonly id: string;
  readonly on: Day;
  readonly actBy: Day;
}

const windowOf = ({ on, actBy }: ActedBy) => ({ earliest: on, ideal: latestOf(on, addDays(actBy, -1)), latest: actBy });

/** The oldest cell may be sealed by now: the swarm may go on any fine day. */
const byAge = ({ since, seenOn }: Aged, look: ActedBy): Check =>
  aCheck({
    key: checkKey('act', look.id),
    code: 'act',
    window: windowOf(look),
    why: say('sealed-by-now', { since, seenOn }),
    order: say('act-on', { reading: 'swarm-imminent', isReplacing: false }),
    reading: 'swarm-imminent',
  });

/** So long without open brood workers may lay; or there is a queen after all. */
const lookWithComb = ({ seenOn }: Aged, look: ActedBy): Check =>
  aCheck({
    key: checkKey('act', look.id),
    code: 'act',
    window: windowOf(look),
    why: say('long-without-eggs', { seenOn }),
    order: say('look-with-a-test-comb'),
    reading: 'queen-missing',
  });
