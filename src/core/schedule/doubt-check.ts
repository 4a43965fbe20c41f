import { figure } from '../biology/figure';
import { CAGE_CHECK } from '../biology/mating';
import { addDays, type Day, daysBetween } from '../calendar/day';
import type { CheckWindow } from '../calendar/window';
import { type DoubtCode, doubtNext, doubtSaid } from '../colony/queen-doubt';
import { methodNamed } from '../methods/methods';
import { checkKey } from '../programmes/check-key';
import { EGGS_TELL } from '../programmes/which-half';
import { cagedOn } from '../queens/queen-questions';
import type { Said } from '../says/said';
import { sentences } from '../says/together';
import { aCheck, type Check } from './check';
import { say } from './says';
import type { ScheduleFrom } from './schedule-part';

const SEARCH_WITHIN = figure('search-for-a-queen-who-should-not-be-there-within', 3, 'days', 'caution');

/** What a doubt about the queens asks for; null: what stands already settles it. */
const ORDERS: { readonly [D in DoubtCode]: Said | null } = {
  'old-queen-not-found': say('search-for-the-old-queen'),
  'old-queen-there': say('search-for-the-old-queen'),
  'eggs-of-before': null,
  'eggs-too-early': null,
  'eggs-unexplained': say('look-at-her-mark'),
  'another-queen': say('look-at-her-mark'),
  'unmarked-queen': null,
};

/** It is not known which queen is in there: the search that would settle it. */
export function doubtCheck({ queen, parts }: ScheduleFrom): Check | null {
  const { doubt } = queen;
  const order = doubt && ORDERS[doubt.code];
  if (!doubt || !order) return null;
  const split = alikeSplit(parts, doubt.on);
  if (split) {
    return aCheck({
      key: checkKey('which-half', split.programme.id),
      code: 'which-half',
      window: searchWindow(doubt.code, doubt.on, cagedOn(queen)),
      why: sentences(doubtSaid(doubt), say('boxes-may-change-parts')),
      programme: { id: split.programme.id, unit: split.units[0] ?? 'hive' },
    });
  }
  return aCheck({
    key: checkKey('act', `${doubt.code}:${doubt.id}`),
    code: 'act',
    order,
    window: searchWindow(doubt.code, doubt.on, cagedOn(queen)),
    why: sentences(doubtSaid(doubt), doubtNext(doubt)),
  });
}

/** The running split into two alike boxes of which the old queen, seen on a day, may be in the other one; null: there is none. */
function alikeSplit(parts: ScheduleFrom['parts'], seenOn: Day): ScheduleFrom['parts'][number] | null {
  const may = ({ programme: { method, on, endedOn } }: ScheduleFrom['parts'][number]) =>
    methodNamed(method).unitsMayChange && endedOn === null && daysBetween(on, seenOn) <= EGGS_TELL.to;
  return parts.findLast(may) ?? null;
}

/** A hive with a queen newly caged in is left alone until she is looked for anyway. */
function searchWindow(code: DoubtCode, on: Day, caged: Day | null): CheckWindow {
  if (code === 'old-queen-not-found' && caged !== null) {
    const { early, late } = CAGE_CHECK.value;
    return { earliest: addDays(caged, early), ideal: addDays(caged, early), latest: addDays(caged, late) };
  }
  return { earliest: on, ideal: on, latest: addDays(on, SEARCH_WITHIN.value) };
}
