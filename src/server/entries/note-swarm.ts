import 'server-only';
import { eq } from 'drizzle-orm';
import { v7 as newId } from 'uuid';
import type { Now } from '../../core/calendar/now';
import type { ColonyFact } from '../../core/facts/colony';
import type { Db } from '../../db/open';
import { addRevision } from '../../db/repositories/revisions';
import { queenEvents, queens } from '../../db/schema/tables';

/**
 * A swarm that is hived as a colony left another, where that is known: a fact of the colony that it came from. It follows what is
 * written of the hived colony, its day, its kind and where it came from.
 */
export function noteSwarmOf(db: Db, { id, origin, parentColonyId, startedOn }: ColonyFact, now: Now): void {
  const kind = origin === 'prime-swarm' ? 'swarmed' : origin === 'cast' ? 'cast-left' : null;
  const stored = db.select().from(queenEvents).where(eq(queenEvents.hivedAsId, id)).get();
  if (kind === null || parentColonyId === null) {
    if (stored) db.delete(queenEvents).where(eq(queenEvents.id, stored.id)).run();
    return;
  }
  const said = { colonyId: parentColonyId, on: startedOn, kind } as const;
  if (stored) {
    const isSame = stored.colonyId === parentColonyId && stored.on === startedOn && stored.kind === kind;
    if (isSame) return;
    addRevision(db, { entity: 'queen-event', entityId: stored.id, action: 'corrected', before: stored }, now);
    db.update(queenEvents).set(said).where(eq(queenEvents.id, stored.id)).run();
    return;
  }
  const queenId = newId();
  db.insert(queens)
    .values({ id: queenId, motherQueenId: null, origin: 'unknown', emergedFrom: null, emergedTo: null, note: '' })
    .run();
  db.insert(queenEvents)
    .values({
      ...said,
      id: newId(),
      queenId,
      at: null,
      to: null,
      went: 'hived',
      hivedAsId: id,
      note: '',
      deletedAt: null,
    })
    .run();
}
