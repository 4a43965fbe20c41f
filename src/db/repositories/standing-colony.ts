import 'server-only';
import { and, eq, isNull } from 'drizzle-orm';
import type { ColonyFact } from '../../core/facts/colony';
import type { Db } from '../open';
import { colonies } from '../schema/tables';

export type ColonyRow = typeof colonies.$inferSelect;

/** A colony as it was entered, without what the book notes itself. */
export const colonyEntryOf = ({ enteredOn: _, deletedAt: __, ...entry }: ColonyRow): ColonyFact => entry;

/** A colony of the book by its id; undefined: there is none, or it was taken out of it. */
export function standingColony(db: Db, id: string): ColonyRow | undefined {
  return db
    .select()
    .from(colonies)
    .where(and(eq(colonies.id, id), isNull(colonies.deletedAt)))
    .get();
}
