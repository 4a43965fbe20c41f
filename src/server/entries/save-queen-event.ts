import 'server-only';
import { eq } from 'drizzle-orm';
import type { Now } from '../../core/calendar/now';
import { timeIssue } from '../../core/colony/time-of-fact';
import type { QueenEntry } from '../../core/facts/queen';
import { sameValue } from '../../core/facts/same-value';
import { failure, type Issue, type Result, success } from '../../core/problems/issue';
import { say } from '../../core/problems/says';
import type { Db } from '../../db/open';
import { lifetimeOf } from '../../db/repositories/lifetime';
import { addRevision } from '../../db/repositories/revisions';
import { standingColony } from '../../db/repositories/standing-colony';
import { queenEvents, queens } from '../../db/schema/tables';

/**
 * Stores an event of a queen's life, and the queen when she is new. Sent again it lands once; changed, it corrects what stands under
 * its id, and what stood there goes to its history.
 */
export function saveQueenEvent(db: Db, { event, newQueen }: QueenEntry, now: Now): Result<{ id: string }> {
  return db.transaction((tx) => {
    const issues = queenIssues(tx, { event, newQueen }, now);
    if (issues.length > 0) return failure(...issues);
    if (newQueen) tx.insert(queens).values(newQueen).onConflictDoNothing().run();
    const stored = tx.select().from(queenEvents).where(eq(queenEvents.id, event.id)).get();
    if (!stored) {
      tx.insert(queenEvents)
        .values({ ...event, deletedAt: null })
        .run();
      return success({ id: event.id });
    }
    const { deletedAt: _, ...before } = stored;
    if (sameValue(before, event)) return success({ id: event.id });
    addRevision(tx, { entity: 'queen-event', entityId: event.id, action: 'corrected', before: stored }, now);
    tx.update(queenEvents).set(event).where(eq(queenEvents.id, event.id)).run();
    return success({ id: event.id });
  });
}

function queenIssues(db: Db, { event, newQueen }: QueenEntry, now: Now): Issue[] {
  const colony = standingColony(db, event.colonyId);
  if (!colony) {
    return [{ path: ['event', 'colonyId'], code: 'unknown-reference', message: say('choose-a-colony') }];
  }
  const fields = { at: ['event', 'on'], to: ['event', 'to'] };
  const wrong = timeIssue({ at: event.on, to: event.to }, lifetimeOf(db, colony), now, fields);
  if (wrong) return [wrong];
  if (newQueen) {
    const { id, emergedFrom, emergedTo, motherQueenId } = newQueen;
    const isMotherKnown = motherQueenId === null || db.select().from(queens).where(eq(queens.id, motherQueenId)).get();
    if (!isMotherKnown || motherQueenId === id) {
      const message = say('choose-her-mother');
      return [{ path: ['newQueen', 'motherQueenId'], code: 'unknown-reference', message }];
    }
    if (emergedFrom !== null && emergedTo !== null && emergedTo < emergedFrom) {
      const message = say('emerged-by-before-from');
      return [{ path: ['newQueen', 'emergedTo'], code: 'contradiction', message }];
    }
  }
  const known = newQueen?.id === event.queenId || db.select().from(queens).where(eq(queens.id, event.queenId)).get();
  if (!known) {
    return [{ path: ['event', 'queenId'], code: 'unknown-reference', message: say('choose-a-queen') }];
  }
  if (event.hivedAsId !== null && !standingColony(db, event.hivedAsId)) {
    const message = say('choose-where-hived');
    return [{ path: ['event', 'hivedAsId'], code: 'unknown-reference', message }];
  }
  const elsewhere = db.select().from(queenEvents).where(eq(queenEvents.id, event.id)).get();
  if (elsewhere && elsewhere.colonyId !== event.colonyId) {
    const message = say('entry-of-another-colony');
    return [{ path: ['event', 'colonyId'], code: 'duplicate-id', message }];
  }
  return [];
}

const GONE: Issue = { path: ['id'], code: 'not-found', message: say('entry-gone') };

/** Takes an event of a queen's life out of the records; it can be put back. */
export function deleteQueenEvent(db: Db, id: string, now: Now): Result<{ id: string }> {
  return setDeleted(db, id, now, now.instant);
}

/** Puts an event that was taken out back. */
export function restoreQueenEvent(db: Db, id: string, now: Now): Result<{ id: string }> {
  return setDeleted(db, id, now, null);
}

function setDeleted(db: Db, id: string, now: Now, deletedAt: string | null): Result<{ id: string }> {
  return db.transaction((tx) => {
    const stored = tx.select().from(queenEvents).where(eq(queenEvents.id, id)).get();
    if (!stored) return failure(GONE);
    if ((stored.deletedAt === null) === (deletedAt === null)) return success({ id });
    const action = deletedAt === null ? 'restored' : 'deleted';
    addRevision(tx, { entity: 'queen-event', entityId: id, action, before: stored }, now);
    tx.update(queenEvents).set({ deletedAt }).where(eq(queenEvents.id, id)).run();
    return success({ id });
  });
}
