import 'server-only';
import { and, asc, eq, getTableColumns, isNull } from 'drizzle-orm';
import type { StandFact, StandMoveFact, YardMarkFact } from '../../core/facts/yard';
import type { Db } from '../open';
import { standMoves, stands, yardMarks } from '../schema/tables';

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

/** The hives of an apiary that are on their way by steps. */
export const loadStandMoves = (db: Db, apiaryId: string): readonly StandMoveFact[] =>
  db
    .select(getTableColumns(standMoves))
    .from(standMoves)
    .innerJoin(stands, eq(stands.id, standMoves.standId))
    .where(and(eq(stands.apiaryId, apiaryId), isNull(stands.deletedAt), isNull(standMoves.endedOn)))
    .orderBy(asc(standMoves.id))
    .all();

/** The stands of an apiary, with what of them is on its way, and before which there is a way-mark. */
export const loadYard = (db: Db, apiaryId: string) => ({
  stands: loadStands(db, apiaryId),
  moves: loadStandMoves(db, apiaryId),
  wayMarks: loadYardMarks(db, apiaryId)
    .filter(({ kind }) => kind === 'way-mark')
    .map(({ x1, y1 }) => ({ x: x1, y: y1 })),
});
