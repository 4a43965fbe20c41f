import { timeIssue } from '../../core/colony/time-of-fact';
import 'server-only';
import { desc, eq } from 'drizzle-orm';
import { v7 as newId } from 'uuid';
import { type Day, day, formatDay } from '../../core/calendar/day';
import type { Now } from '../../core/calendar/now';
import type { ColonyFact } from '../../core/facts/colony';
import type { Issue } from '../../core/problems/issue';
import { say } from '../../core/problems/says';
import type { Said } from '../../core/says/said';
import type { Db } from '../../db/open';
import { formerPlaces } from '../../db/schema/tables';

type Place = Pick<ColonyFact, 'name' | 'apiaryId' | 'stand'>;

const isSame = (a: Place, b: Place) => a.name === b.name && a.apiaryId === b.apiaryId && a.stand === b.stand;

const lastOf = (db: Db, colonyId: string) =>
  db
    .select()
    .from(formerPlaces)
    .where(eq(formerPlaces.colonyId, colonyId))
    .orderBy(desc(formerPlaces.until), desc(formerPlaces.id))
    .get();

/** A colony is moved in its life, no later than today, and after it was moved the last time. */
export function movingIssues(
  db: Db,
  { id, startedOn, origin }: Pick<ColonyFact, 'id' | 'startedOn' | 'origin'>,
  since: string | null,
  now: Now,
): Issue[] {
  if (since === null) return [];
  const issue = (code: Issue['code'], message: Said): Issue[] => [{ path: ['since'], code, message }];
  const wrong = timeIssue({ at: since }, { origin, startedOn }, now, { at: ['since'], to: ['since'] });
  if (wrong) return [wrong];
  const last = lastOf(db, id);
  if (last && since < last.until) {
    const message = say('moved-or-renamed-later', { on: day(last.until) });
    return issue('contradiction', message);
  }
  return [];
}

/**
 * Keeps what a colony was called and where it stood until a day. A second change of one day, or one
 * of before the last, only changes what it is now.
 */
export function keepFormerPlace(db: Db, before: Place & Pick<ColonyFact, 'id'>, after: Place, on: Day): void {
  if (isSame(before, after)) return;
  const until = formatDay(on);
  const last = lastOf(db, before.id);
  if (last && last.until >= until) {
    const isBack = isSame(last, after);
    if (isBack) db.delete(formerPlaces).where(eq(formerPlaces.id, last.id)).run();
    return;
  }
  const { id: colonyId, name, apiaryId, stand } = before;
  db.insert(formerPlaces).values({ id: newId(), colonyId, until, name, apiaryId, stand }).run();
}
