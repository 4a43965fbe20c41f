import 'server-only';
import { asc, eq, isNull } from 'drizzle-orm';
import type { Db } from '../../db/open';
import { colonies, programmes, programmeUnits, queenEvents, queens } from '../../db/schema/tables';
import type { QueenRecords } from '../../views/queens-view';

/** Every queen of the book, what happened to each and where, and which methods were done with her. */
export function queenRecords(db: Db): QueenRecords {
  return {
    queens: db.select().from(queens).orderBy(asc(queens.emergedFrom), asc(queens.id)).all(),
    events: db
      .select({ event: queenEvents, colony: colonies.name })
      .from(queenEvents)
      .innerJoin(colonies, eq(colonies.id, queenEvents.colonyId))
      .where(isNull(queenEvents.deletedAt))
      .orderBy(asc(queenEvents.on), asc(queenEvents.id))
      .all()
      .map(({ event: { deletedAt: _, ...event }, colony }) => ({ ...event, colony })),
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
