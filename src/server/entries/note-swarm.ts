import 'server-only';
import { eq } from 'drizzle-orm';
import { v7 as newId } from 'uuid';
import type { Now } from '../../core/calendar/now';
import type { ColonyFact } from '../../core/facts/colony';
import type { Db } from '../../db/open';
import { addRevision, revisionsOf } from '../../db/repositories/revisions';
import { swarmsOn } from '../../db/repositories/swarms-on';
import { queenEvents, queens } from '../../db/schema/tables';

type SwarmRow = typeof queenEvents.$inferSelect;

/**
 * A swarm that is hived as a colony left another, where that is known: a fact of the colony that it came from. It follows what is
 * written of the hived colony, its day, its kind and where it came from. Was it noted by itself before, by hand or from the scale,
 * that is the swarm which was hived, and it stays should the colony turn out to be another.
 */
export function noteSwarmOf(db: Db, colony: ColonyFact, now: Now): void {
  const left = leftOf(colony);
  const stored = db.select().from(queenEvents).where(eq(queenEvents.hivedAsId, colony.id)).get();
  if (stored && left && isOf(stored, left)) return;
  const follows = stored !== undefined && !wasNotedByItself(db, stored);
  const seen = left && swarmsOn(db, left.colonyId, left.on).find((one) => one.hivedAsId === null && isOf(one, left));
  if (stored && follows && left && !seen) {
    change(db, stored, left, now);
    return;
  }
  if (stored && follows) db.delete(queenEvents).where(eq(queenEvents.id, stored.id)).run();
  else if (stored) change(db, stored, { went: 'not-known', hivedAsId: null }, now);
  if (seen) change(db, seen, { went: 'hived', hivedAsId: colony.id }, now);
  else if (left) addSwarm(db, left, colony.id);
}

type Left = Pick<SwarmRow, 'colonyId' | 'on'> & { readonly kind: 'swarmed' | 'cast-left' };

/** The swarm that a colony was, as its mother colony knows it; null: it was none, or nobody knows whose. */
function leftOf({ origin, parentColonyId, startedOn }: ColonyFact): Left | null {
  const kind = origin === 'prime-swarm' ? 'swarmed' : origin === 'cast' ? 'cast-left' : null;
  return kind && parentColonyId !== null ? { colonyId: parentColonyId, on: startedOn, kind } : null;
}

const isOf = (swarm: SwarmRow, { colonyId, on, kind }: Left) =>
  swarm.colonyId === colonyId && swarm.on === on && swarm.kind === kind;

/** It stood in the records before it was hived. */
const wasNotedByItself = (db: Db, { id }: SwarmRow): boolean =>
  revisionsOf(db, id).some(({ before }) => (before as SwarmRow).hivedAsId === null);

function change(db: Db, before: SwarmRow, to: Partial<SwarmRow>, now: Now): void {
  addRevision(db, { entity: 'queen-event', entityId: before.id, action: 'corrected', before }, now);
  db.update(queenEvents).set(to).where(eq(queenEvents.id, before.id)).run();
}

function addSwarm(db: Db, left: Left, hivedAsId: string): void {
  const queenId = newId();
  db.insert(queens)
    .values({ id: queenId, motherQueenId: null, origin: 'unknown', emergedFrom: null, emergedTo: null, note: '' })
    .run();
  db.insert(queenEvents)
    .values({ ...left, id: newId(), queenId, at: null, to: null, went: 'hived', hivedAsId, note: '', deletedAt: null })
    .run();
}
