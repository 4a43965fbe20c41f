import { type Day, day } from '../calendar/day';
import { isToCome, type Now } from '../calendar/now';
import type { Issue } from '../problems/issue';
import { say } from '../problems/says';
import type { ColonyOrigin } from './facts';
import { isBeforeColony } from './known-since';

/** When something was seen or done. */
export interface TimeOfFact {
  /** The minute, `YYYY-MM-DDTHH:mm`, or the day, `YYYY-MM-DD`; the first of them where the day is not certain. */
  readonly at: string;
  /** The last day on which it may have been, `YYYY-MM-DD`; null or absent: the day is certain. */
  readonly to?: string | null;
}

/** From when to when a colony was there; days as days or as `YYYY-MM-DD`. */
export interface Lifetime {
  readonly origin: ColonyOrigin;
  readonly startedOn: Day | string;
  /** Null or absent: it is there still. */
  readonly endedOn?: Day | string | null;
}

/** The names under which the fact that is checked has its times. */
export interface TimeFields {
  readonly at: Issue['path'];
  readonly to: Issue['path'];
}

const asDay = (on: Day | string): Day => (typeof on === 'string' ? day(on) : on);

/**
 * What about the time of a fact of a colony cannot be, by whatever way it comes in: a time to come, a last day before the first, a time
 * before its colony began or after it ended. The day of its beginning and that of its end are inside.
 *
 * @param colony null: of no colony, or of one that may be over, such as its honey
 * @param now null: it is not held against a clock
 * @example of a colony that ended on 1 June what was seen on 1 June is taken, what was seen on 2 June is not
 */
export function timeIssue(
  { at, to = null }: TimeOfFact,
  colony: Lifetime | null,
  now: Pick<Now, 'today' | 'minute'> | null,
  fields: TimeFields = { at: ['at'], to: ['to'] },
): Issue | null {
  const on = day(at.slice(0, 10));
  if (now !== null && (at.length > 10 ? isToCome(at, now.minute) : on > now.today)) {
    const message = at.length > 10 ? say('in-the-future', { now: now.minute }) : say('in-the-future-today');
    return { path: fields.at, code: 'in-the-future', message };
  }
  if (to !== null && day(to) < on) {
    return { path: fields.to, code: 'out-of-range', message: say('last-day-before-first') };
  }
  if (to !== null && now !== null && day(to) > now.today) {
    return { path: fields.to, code: 'in-the-future', message: say('in-the-future-today') };
  }
  if (!colony) return null;
  const startedOn = asDay(colony.startedOn);
  if (isBeforeColony({ origin: colony.origin, startedOn }, on)) {
    return { path: fields.at, code: 'before-colony', message: say('colony-began-later', { startedOn }) };
  }
  const endedOn = colony.endedOn == null ? null : asDay(colony.endedOn);
  return endedOn !== null && on > endedOn
    ? { path: fields.at, code: 'after-colony-ended', message: say('colony-had-ended', { endedOn }) }
    : null;
}
