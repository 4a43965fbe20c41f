import { figure } from '../biology/figure';
import { addDays, type Day, daysBetween } from '../calendar/day';
import { liftsBrood } from '../methods/lifts-brood';
import { checkKey } from '../programmes/check-key';
import { lays } from '../queens/queen-questions';
import { sentences } from '../says/together';
import { EGGS_ARE_NEW } from '../space/above-excluder';
import { ROOM_AT_MOST } from '../space/laying-room';
import { aCheck, type Check } from './check';
import { say } from './says';
import type { ScheduleFrom } from './schedule-part';

const LOOK_WITHIN = figure('look-above-an-excluder-for-eggs-within', 7, 'days', 'caution');
const FIND_WITHIN = figure('a-queen-above-an-excluder-is-found-within', 3, 'days', 'caution');

/**
 * Where an excluder went on without the queen being seen below it, or brood was found in a super above one: is she up there? Eggs found
 * above one that had stood say so at once; otherwise it is seen once the eggs of before have hatched. Over when she or her eggs are seen
 * below since, when the frames are told anew, and after three weeks. A method that lifts brood above an excluder asks by itself.
 */
export function excluderCheck({ frames, queen, parts, look, today }: ScheduleFrom): Check | null {
  const above = frames?.above;
  if (!frames || !above || !lays(queen)) return null;
  const { on, id } = above.from;
  if (daysBetween(on, today) > ROOM_AT_MOST.value || parts.some(searchesAbove)) return null;
  const newSince = addDays(on, EGGS_ARE_NEW);
  const isSeenBelow = (from: Day) =>
    look !== null &&
    look.inspection.on >= from &&
    (look.inspection.queen === 'seen' || look.inspection.eggs === 'seen');
  const key = checkKey('act', `excluder:${id}`);
  if (above.hasEggs && !above.isNew && !above.isQueenBelow) {
    if (isSeenBelow(newSince)) return null;
    return aCheck({
      key,
      code: 'act',
      order: say('find-her-above'),
      window: { earliest: on, ideal: on, latest: addDays(on, FIND_WITHIN.value) },
      why: sentences(say('eggs-above', { on }), say('drones-out')),
    });
  }
  const isUnseen = above.isNew && !above.isQueenBelow;
  if (!(isUnseen || above.hasBroodInSuper) || isSeenBelow(newSince)) return null;
  return aCheck({
    key,
    code: 'act',
    order: say('look-for-eggs-above'),
    window: { earliest: newSince, ideal: newSince, latest: addDays(on, LOOK_WITHIN.value) },
    why: sentences(
      say(isUnseen ? 'excluder-went-on' : 'brood-in-a-super', { on }),
      say('eggs-above-are-new', { from: newSince }),
      above.hasBrood && say('drones-out'),
    ),
  });
}

const searchesAbove = ({ programme: { method, endedOn } }: ScheduleFrom['parts'][number]): boolean =>
  endedOn === null && liftsBrood(method);
