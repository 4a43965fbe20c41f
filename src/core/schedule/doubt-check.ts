import { figure } from '../biology/figure';
import { CAGE_CHECK } from '../biology/mating';
import { SOURCES } from '../biology/sources';
import { addDays, type Day } from '../calendar/day';
import type { CheckWindow } from '../calendar/window';
import { type DoubtCode, doubtWords } from '../colony/queen-doubt';
import { aCheck, type Check, checkKey } from './check';
import type { ScheduleFrom } from './schedule-part';

const SEARCH_WITHIN = figure('Search for a queen who should not be there within', 3, 'days', SOURCES.caution);

/** What a doubt about the queens asks for; null: what stands already settles it. */
const ORDERS: { readonly [D in DoubtCode]: string | null } = {
  'old-queen-not-found': 'Search for the old queen',
  'old-queen-there': 'Search for the old queen',
  'eggs-of-before': null,
  'eggs-too-early': null,
  'eggs-unexplained': 'Find the queen and look at her mark',
  'another-queen': 'Find the queen and look at her mark',
  'unmarked-queen': null,
};

/** It is not known which queen is in there: the search that would settle it. */
export function doubtCheck({ queen }: ScheduleFrom): Check | null {
  const { doubt } = queen;
  const order = doubt && ORDERS[doubt.code];
  if (!doubt || !order) return null;
  const { says, next } = doubtWords(doubt);
  return aCheck({
    key: checkKey('act', `${doubt.code}:${doubt.id}`),
    code: 'act',
    order,
    window: searchWindow(doubt.code, doubt.on, queen.cagedOn),
    why: `${says} ${next}`,
  });
}

/** A hive with a queen newly caged in is left alone until she is looked for anyway. */
function searchWindow(code: DoubtCode, on: Day, cagedOn: Day | null): CheckWindow {
  if (code === 'old-queen-not-found' && cagedOn !== null) {
    const { early, late } = CAGE_CHECK.value;
    return { earliest: addDays(cagedOn, early), ideal: addDays(cagedOn, early), latest: addDays(cagedOn, late) };
  }
  return { earliest: on, ideal: on, latest: addDays(on, SEARCH_WITHIN.value) };
}
