import 'server-only';
import { and, asc, eq, isNull } from 'drizzle-orm';
import { joinedBefore } from '../../core/facts/queen';
import { emergedInYear } from '../../core/queens/age';
import type { Db } from '../../db/open';
import { colonies, programmes, programmeUnits, queenEvents, queens, revisions } from '../../db/schema/tables';
import type { JoinedQueen, QueenRecords } from '../../views/queens-view';

type Looks = QueenRecords['looksOf'];

/** Every queen of the book, what happened to each and where, and which methods were done with her. @param looksOf what inspections noted of a colony's bees */
export function queenRecords(db: Db, looksOf: Looks = () => []): QueenRecords {
  const events = db
    .select({ event: queenEvents, colony: colonies.name })
    .from(queenEvents)
    .innerJoin(colonies, eq(colonies.id, queenEvents.colonyId))
    .orderBy(asc(queenEvents.on), asc(queenEvents.id))
    .all();
  const rows = (isDeleted: boolean) =>
    events
      .filter(({ event }) => (event.deletedAt !== null) === isDeleted)
      .map(({ event: { deletedAt: _, ...event }, colony }) => ({ ...event, colony }));
  return {
    queens: db.select().from(queens).orderBy(asc(queens.emergedFrom), asc(queens.id)).all(),
    events: rows(false),
    deleted: rows(true),
    joined: joinedQueens(db),
    looksOf,
    moves: db
      .select({
        queenId: programmes.queenId,
        method: programmes.method,
        on: programmes.on,
        unit: programmeUnits.unit,
        colonyId: programmeUnits.colonyId,
        colony: colonies.name,
      })
      .from(programmes)
      .innerJoin(programmeUnits, eq(programmeUnits.programmeId, programmes.id))
      .innerJoin(colonies, eq(colonies.id, programmeUnits.colonyId))
      .where(isNull(programmes.deletedAt))
      .orderBy(asc(programmes.on))
      .all()
      .flatMap(({ queenId, ...move }) => (queenId === null ? [] : [{ queenId, ...move }])),
  };
}

/** Queens who were made one with another, and are still. */
export function joinedQueens(db: Db): readonly JoinedQueen[] {
  const there = new Set(
    db
      .select({ id: queens.id })
      .from(queens)
      .all()
      .map(({ id }) => id),
  );
  return db
    .select()
    .from(revisions)
    .where(and(eq(revisions.entity, 'queen'), eq(revisions.action, 'deleted')))
    .orderBy(asc(revisions.id))
    .all()
    .flatMap(({ entityId, revisedAt, before }): JoinedQueen[] => {
      const joined = joinedBefore.safeParse(before);
      if (!joined.success || there.has(entityId)) return [];
      const { queen, intoId } = joined.data;
      return [{ id: entityId, intoId, origin: queen.origin, year: emergedInYear(queen), at: revisedAt }];
    });
}
