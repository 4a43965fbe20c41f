import 'server-only';
import { and, eq, isNull } from 'drizzle-orm';
import type { StandFact, YardMarkFact } from '../../core/facts/yard';
import type { Db } from '../open';
import { stands, yardMarks } from '../schema/tables';

/** The stands of an apiary that are there, by name. */
export const loadStands = (db: Db, apiaryId: string): readonly StandFact[] =>
  db
    .select()
    .from(stands)
    .where(and(eq(stands.apiaryId, apiaryId), isNull(stands.deletedAt)))
    .orderBy(stands.name)
    .all()
    .map(({ deletedAt: _, ...stand }) => stand);

/** What else is there. */
export const loadYardMarks = (db: Db, apiaryId: string): readonly YardMarkFact[] =>
  db
    .select()
    .from(yardMarks)
    .where(and(eq(yardMarks.apiaryId, apiaryId), isNull(yardMarks.deletedAt)))
    .orderBy(yardMarks.id)
    .all()
    .map(({ deletedAt: _, ...mark }) => mark);
