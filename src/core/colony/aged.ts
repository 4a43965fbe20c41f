import { figure } from '../biology/figure';
import { addDays, type Day, earliestOf, latestOf } from '../calendar/day';
import type { ReadingName } from '../inspections/reading';
import { isReplacing } from '../inspections/replacing';
import { isTakenToLay } from '../queens/queen-questions';
import type { QueenState } from '../queens/queen-state';
import { eggsWindow } from '../queens/virgin-care';
import type { Settings } from '../settings/settings';
import { isActedOn } from './acted-on';
import { asGone } from './after-reading';
import { isBelow, type Known, lastKnownLive } from './known';
import { emergenceOf, sealingOf } from './track-cells';

/**
 * What a reading has become with time, where nobody has looked, done or noted anything since: a swarm may go any day; it may have gone,
 * with a virgin loose; of a colony that has swarmed a virgin may be out, of one with casts to come the last is; eggs that were waited for
 * are overdue; laying workers, or a queen after all; want of room may have led to cells; or what it said is simply old.
 */
export const AGED = [
  'swarm-may-go',
  'may-have-swarmed',
  'virgin-may-be-out',
  'virgin-out',
  'eggs-overdue',
  'workers-may-lay',
  'may-have-cells',
  'old',
] as const;
export type AgedAs = (typeof AGED)[number];

export interface Aged {
  readonly as: AgedAs;
  /** From that day on it reads so. */
  readonly since: Day;
  /** The day on which it was looked into last, and what was read then. */
  readonly seenOn: Day;
  readonly read: ReadingName;
}

/** Laying workers start about so long after the last open brood. */
const WORKERS_LAY_AFTER = figure('laying-workers-may-start-after-a-look-without-eggs', 21, 'days', 'caution');
/** A nest that has run out of room may hold charged cells so long after. */
const CELLS_AFTER_ROOM = figure('cells-may-be-begun-after-room-ran-out', 4, 'days', 'caution');
/** A reading is old so long after the look that was to follow it. */
export const OLD_AFTER_ROUTINE = figure('a-reading-is-old-after-the-look-that-was-due', 7, 'days', 'caution');

/** While no virgin can fly yet, and every cell left can still take a cast with it. */
export const ONE_LOOK_WITHIN = figure('one-look-at-cells-after-the-first-may-have-emerged', 4, 'days', 'caution');

/** Readings of a queen expected to lay, over cells that can take a swarm. */
const BEFORE_SWARM: ReadonlySet<ReadingName> = new Set(['early-preparing', 'preparing', 'swarm-imminent']);

type LookedInto = Pick<Known, 'lastLook' | 'queen' | 'cells' | 'cellsKnownOn' | 'parts'>;

/**
 * What the last reading has become by a day, from the days on which its cells seal and let their queens out; null: it still stands, or
 * something was done or noted since that leads.
 *
 * @example charged cells seen on 7 May: from 8 May a swarm may go, from 13 May it may have gone
 */
export function agedBy(known: LookedInto, on: Day, settings: Settings): Aged | null {
  const { lastLook, queen, parts } = known;
  if (!lastLook) return null;
  const { inspection, reading } = lastLook;
  const read = reading.reading;
  // What was noted of her since leads; of cells that are over by now nothing is asked all the same.
  if (lastLook.queenAfter !== queen) return overtaken(known, on, read);
  if (isReplacing(reading) || isActedOn({ on: inspection.on, reading: read }, parts)) return null;
  const next = becomes(known, on, read, settings);
  if (!next) return null;
  // On the day of the look it is as it was seen.
  const since = latestOf(next.since, addDays(inspection.on, 1));
  return since <= on ? { as: next.as, since, seenOn: inspection.on, read } : null;
}

/** She, or a virgin, was noted to be there after the look: the cells that were seen then are over. */
function overtaken(known: LookedInto, on: Day, read: ReadingName): Aged | null {
  const { queen, lastLook } = known;
  if (!lastLook || !BEFORE_SWARM.has(read) || !(isTakenToLay(queen) || queen.is === 'virgin')) return null;
  const emergence = emergenceOf(lastKnownLive(known).filter(isBelow));
  if (!emergence || on <= emergence.latest) return null;
  return { as: 'old', since: addDays(emergence.latest, 1), seenOn: lastLook.inspection.on, read };
}

/** What a reading becomes next, and on which day. */
function becomes(known: LookedInto, on: Day, read: ReadingName, settings: Settings): Pick<Aged, 'as' | 'since'> | null {
  const { queen, lastLook } = known;
  const looked = lastLook?.inspection.on as Day;
  const live = lastKnownLive(known).filter(isBelow);
  const emergence = emergenceOf(live);
  const sealing = sealingOf(live);
  if (BEFORE_SWARM.has(read)) {
    if (!emergence) return null;
    // Of a colony that does not swarm with its queen they ask nothing once they are over.
    if (!isTakenToLay(queen)) return { as: 'old', since: addDays(emergence.latest, 1) };
    if (on >= emergence.earliest && on > looked) return { as: 'may-have-swarmed', since: emergence.earliest };
    return sealing && read !== 'swarm-imminent' ? { as: 'swarm-may-go', since: sealing.earliest } : null;
  }
  switch (read) {
    case 'swarmed': {
      if (!emergence || queen.is === 'caged') return null;
      const eggsBy = eggsWindow(emergence, settings).latest;
      return on > eggsBy
        ? { as: 'eggs-overdue', since: addDays(eggsBy, 1) }
        : { as: 'virgin-may-be-out', since: emergence.earliest };
    }
    case 'cast-risk':
      // She may fly from then on, and is not to be lost for the cells that are left.
      return {
        as: 'virgin-out',
        since: earliestOf(addDays(emergence?.latest ?? looked, 1), addDays(looked, ONE_LOOK_WITHIN.value + 1)),
      };
    case 'virgin-loose':
    case 'awaiting-eggs':
      return queen.is === 'virgin' && queen.overdue === null
        ? { as: 'eggs-overdue', since: addDays(eggsWindow(queen.emerged, settings).latest, 1) }
        : null;
    case 'queen-missing':
      return { as: 'workers-may-lay', since: addDays(looked, WORKERS_LAY_AFTER.value) };
    case 'congested': {
      const room = lastLook?.inspection.layingRoomDays ?? null;
      if (room === null) return null;
      return { as: 'may-have-cells', since: addDays(looked, room + CELLS_AFTER_ROOM.value) };
    }
    default:
      return null;
  }
}

/** What time has made of the last look is said first; that it is merely old is not, where a virgin was noted since. */
export const isSaidFirst = (aged: Aged | null, { is }: QueenState): aged is Aged =>
  aged !== null && !(aged.as === 'old' && is === 'virgin');

/** What is known by a day: a colony that may have swarmed is not said to have a laying queen. */
export function withTimePassed<K extends LookedInto>(known: K, aged: Aged | null): K {
  const { queen, lastLook } = known;
  if (aged?.as !== 'may-have-swarmed' || !lastLook || !isTakenToLay(queen)) return known;
  return { ...known, queen: asGone(queen, lastLook.inspection.id) };
}

/** As what a colony is to be treated today: its last reading, or what that has become. */
const READ_AS: { readonly [A in AgedAs]: ReadingName | null } = {
  'swarm-may-go': 'swarm-imminent',
  'may-have-swarmed': 'swarmed',
  'virgin-may-be-out': 'cast-risk',
  'virgin-out': 'virgin-loose',
  'eggs-overdue': null,
  'workers-may-lay': 'queen-missing',
  'may-have-cells': null,
  old: null,
};

/** The reading of today; null: nobody has looked into it yet. */
export const readingToday = ({
  aged,
  lastInspection,
}: {
  readonly aged: Aged | null;
  readonly lastInspection: { readonly reading: { readonly reading: ReadingName } } | null;
}): ReadingName | null => (aged && READ_AS[aged.as]) ?? lastInspection?.reading.reading ?? null;
