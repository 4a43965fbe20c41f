import 'server-only';
import { and, eq, inArray, isNull } from 'drizzle-orm';
import type { Db } from '../open';
import { queenEvents } from '../schema/tables';

/** Swarms and casts that left a colony on a day (`YYYY-MM-DD`), as they stand in the records. */
export const swarmsOn = (db: Db, colonyId: string, on: string): readonly (typeof queenEvents.$inferSelect)[] =>
  db
    .select()
    .from(queenEvents)
    .where(
      and(
        eq(queenEvents.colonyId, colonyId),
        eq(queenEvents.on, on),
        inArray(queenEvents.kind, ['swarmed', 'cast-left']),
        isNull(queenEvents.deletedAt),
      ),
    )
    .all();
