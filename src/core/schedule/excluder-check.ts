import { figure } from '../biology/figure';
import { SOURCES } from '../biology/sources';
import { addDays, type Day, daysBetween } from '../calendar/day';
import { dayWords } from '../calendar/words';
import { lays } from '../colony/queen-state';
import { methodNamed } from '../methods/methods';
import { EGGS_ARE_NEW } from '../space/above-excluder';
import { ROOM_AT_MOST } from '../space/laying-room';
import { aCheck, type Check, checkKey } from './check';
import type { ScheduleFrom } from './schedule-part';

const LOOK_WITHIN = figure('Look above an excluder for eggs within', 7, 'days', SOURCES.caution);
const FIND_WITHIN = figure('A queen above an excluder is found within', 3, 'days', SOURCES.caution);

const DRONES_OUT =
  'Drones that emerge up there cannot get through it: give them a way out above until the brood is gone.';

/**
 * Where an excluder went on without the queen being seen below it, or brood was found in a super above one: is she up there? Eggs found
 * above one that had stood say so at once; otherwise it is seen once the eggs of before have hatched. Over when she or her eggs are seen
 * below since, when the frames are told anew, and after three weeks. A method that lifts brood above an excluder asks by itself.
 */
export function excluderCheck({ frames, queen, parts, look, today }: ScheduleFrom): Check | null {
  const above = frames?.above;
  if (!frames || !above || !lays(queen)) return null;
  const { on, id } = above.from;
  if (daysBetween(on, today) > ROOM_AT_MOST.value || parts.some(liftsBrood)) return null;
  const newSince = addDays(on, EGGS_ARE_NEW);
  const isSeenBelow = (from: Day) =>
    look !== null &&
    look.inspection.on >= from &&
    (look.inspection.queen === 'seen' || look.inspection.eggs === 'seen');
  const key = checkKey('act', `excluder:${id}`);
  const found = dayWords(on);
  if (above.hasEggs && !above.isNew && !above.isQueenBelow) {
    if (isSeenBelow(newSince)) return null;
    return aCheck({
      key,
      code: 'act',
      order: 'Find the queen above the excluder',
      window: { earliest: on, ideal: on, latest: addDays(on, FIND_WITHIN.value) },
      why: `Eggs above the excluder on ${found}: the queen is up there, or was within three days. Find her and put her below. ${DRONES_OUT}`,
    });
  }
  const isUnseen = above.isNew && !above.isQueenBelow;
  if (!(isUnseen || above.hasBroodInSuper) || isSeenBelow(newSince)) return null;
  const reasons = [
    ...(isUnseen
      ? [`The excluder went on by ${found}, and the queen was not seen below it`]
      : [`Brood in a super above the excluder on ${found}`]),
    `By ${dayWords(newSince)} all earlier eggs have hatched: eggs up there then are new, and she is above`,
  ];
  return aCheck({
    key,
    code: 'act',
    order: 'Look for eggs above the excluder',
    window: { earliest: newSince, ideal: newSince, latest: addDays(on, LOOK_WITHIN.value) },
    why: `${reasons.join('. ')}.${above.hasBrood ? ` ${DRONES_OUT}` : ''}`,
  });
}

/** A method that puts brood above an excluder has its own search there. */
const liftsBrood = ({ programme: { method, endedOn } }: ScheduleFrom['parts'][number]): boolean =>
  endedOn === null && methodNamed(method).followUps.some(({ code }) => code === 'clear-top-cells');
