import 'server-only';
import { desc, eq } from 'drizzle-orm';
import { v7 as newId } from 'uuid';
import type { Now } from '../../core/calendar/now';
import type { Db } from '../open';
import { revisions } from '../schema/tables';

type RevisionRow = typeof revisions.$inferSelect;

/** Keeps what an entry said before it was changed. */
export function addRevision(
  db: Db,
  revision: Pick<RevisionRow, 'entity' | 'entityId' | 'action' | 'before'>,
  now: Now,
): void {
  db.insert(revisions)
    .values({ id: newId(), revisedAt: now.instant, ...revision })
    .run();
}

/** What an entry said before, newest first. */
export function revisionsOf(db: Db, entityId: string): readonly RevisionRow[] {
  return db.select().from(revisions).where(eq(revisions.entityId, entityId)).orderBy(desc(revisions.id)).all();
}
