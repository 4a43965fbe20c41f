import 'server-only';
import { and, eq, inArray, isNull } from 'drizzle-orm';
import { formatDay } from '../../core/calendar/day';
import type { Now } from '../../core/calendar/now';
import type { ColonyFact } from '../../core/facts/colony';
import type { Db } from '../../db/open';
import { standMoves, stands } from '../../db/schema/tables';

/** A stand that is carried elsewhere or taken away is not on its way any more; nor is a hive that was to go onto it. */
export function endMovesOf(db: Db, standId: string, { today }: Now): void {
  const endedOn = formatDay(today);
  for (const column of [standMoves.standId, standMoves.ontoId])
    db.update(standMoves)
      .set({ endedOn })
      .where(and(eq(column, standId), isNull(standMoves.endedOn)))
      .run();
}

/** A colony that stands there no more, whichever way that was told, is not on its way from there; another one that comes there is not either. */
export function endMovesFrom(
  db: Db,
  { apiaryId, stand }: Pick<ColonyFact, 'apiaryId' | 'stand'>,
  { today }: Now,
): void {
  const there = db
    .select({ id: stands.id })
    .from(stands)
    .where(and(eq(stands.apiaryId, apiaryId), eq(stands.name, stand)));
  db.update(standMoves)
    .set({ endedOn: formatDay(today) })
    .where(and(inArray(standMoves.standId, there), isNull(standMoves.endedOn)))
    .run();
}
