import { minutesOf } from '../core/calendar/minute';

/** Saved sooner than this after it was opened, an entry was written down afterwards and tells nothing of how long it took; later than the other, too. */
const AT_THE_HIVE_MIN = { least: 2, most: 180 } as const;

/**
 * The minute at which a hive was shut again, of an entry that is made while it is open: the one in which it is saved. Null where it was begun
 * too short or too long ago, or on another day: then it was written down some other time.
 *
 * @param at when the entry was begun, local minute
 * @param now when it is saved, local minute
 */
export function shutAgainAt(at: string, now: string): string | null {
  const took = minutesOf(now) - minutesOf(at);
  const isOneDay = at.slice(0, 10) === now.slice(0, 10);
  return isOneDay && took >= AT_THE_HIVE_MIN.least && took <= AT_THE_HIVE_MIN.most ? now : null;
}
