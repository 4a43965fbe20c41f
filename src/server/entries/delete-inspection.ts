import 'server-only';
import { eq } from 'drizzle-orm';
import type { Now } from '../../core/calendar/now';
import { comparable } from '../../core/facts/comparable-entry';
import { failure, type Result, success } from '../../core/problems/issue';
import { say } from '../../core/problems/says';
import type { Db } from '../../db/open';
import { findEntry } from '../../db/repositories/inspection-entry';
import { addRevision } from '../../db/repositories/revisions';
import { inspections } from '../../db/schema/tables';
import { saveInspection } from './save-inspection';

/** Takes an inspection out of the reckoning. Nothing is lost: {@link restoreInspection} puts it back. */
export function deleteInspection(db: Db, id: string, now: Now): Result<{ id: string }> {
  return db.transaction((tx) => {
    const stored = findEntry(tx, id);
    if (!stored) return notThere();
    if (stored.deletedAt === null) {
      addRevision(tx, { entity: 'inspection', entityId: id, action: 'deleted', before: comparable(stored.entry) }, now);
      tx.update(inspections).set({ deletedAt: now.instant }).where(eq(inspections.id, id)).run();
    }
    return success({ id });
  });
}

/** Puts a deleted inspection back, unless it now contradicts what was entered since. */
export function restoreInspection(db: Db, id: string, now: Now): Result<{ id: string }> {
  const stored = findEntry(db, id);
  if (!stored) return notThere();
  return stored.deletedAt === null ? success({ id }) : saveInspection(db, stored.entry, now, 'restore');
}

const notThere = () => failure({ path: ['id'], code: 'not-found', message: say('no-such-inspection') });
