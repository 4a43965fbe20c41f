import 'server-only';
import { and, eq, isNotNull } from 'drizzle-orm';
import type { Db } from '../../db/open';
import { programmes } from '../../db/schema/tables';
import { methodTitle } from '../../words/methods/methods';

/** Starts of methods on a colony that were taken back and can be put back. */
export function takenBackOf(db: Db, colonyId: string) {
  return db
    .select({ id: programmes.id, method: programmes.method, on: programmes.on })
    .from(programmes)
    .where(and(eq(programmes.colonyId, colonyId), isNotNull(programmes.deletedAt)))
    .all()
    .map(({ id, method, on }) => ({ id, title: methodTitle(method), on }));
}
