import 'server-only';
import { and, eq, isNull, ne, or } from 'drizzle-orm';
import type { Now } from '../../core/calendar/now';
import { failure, type Result, success } from '../../core/problems/issue';
import { say } from '../../core/problems/says';
import type { Db } from '../../db/open';
import { addRevision } from '../../db/repositories/revisions';
import { type ColonyRow, standingColony } from '../../db/repositories/standing-colony';
import { cellMoves, cells, colonies, programmes, programmeUnits } from '../../db/schema/tables';
import { endMovesFrom } from '../yard/end-moves';

/**
 * Takes a colony that was entered by mistake out of the book, with all that was entered for it. Nothing is lost: {@link restoreColony}
 * puts it back. One that others hang on stays, since their dates follow from it: it is given a last day instead.
 */
export function deleteColony(db: Db, id: string, now: Now): Result<{ id: string }> {
  return db.transaction((tx) => {
    const stored = rowOf(tx, id);
    if (!stored) return notThere();
    if (stored.deletedAt !== null) return success({ id });
    const [other] = hangingOn(tx, id);
    if (other) {
      const message = say('others-hang-on-it', { name: stored.name, other });
      return failure({ path: [], code: 'contradiction', message });
    }
    addRevision(tx, { entity: 'colony', entityId: id, action: 'deleted', before: stored }, now);
    endMovesFrom(tx, stored, now);
    tx.update(colonies).set({ deletedAt: now.instant }).where(eq(colonies.id, id)).run();
    return success({ id });
  });
}

/** Puts a colony back that was taken out, unless another goes by its name by now. */
export function restoreColony(db: Db, id: string, now: Now): Result<{ id: string }> {
  return db.transaction((tx) => {
    const stored = rowOf(tx, id);
    if (!stored) return notThere();
    if (stored.deletedAt === null) return success({ id });
    const { name } = stored;
    const namesake = tx
      .select()
      .from(colonies)
      .where(and(eq(colonies.name, name), ne(colonies.id, id), isNull(colonies.endedOn), isNull(colonies.deletedAt)))
      .get();
    if (namesake && stored.endedOn === null) {
      return failure({ path: [], code: 'duplicate-id', message: say('colony-name-taken', { name }) });
    }
    addRevision(tx, { entity: 'colony', entityId: id, action: 'restored', before: stored }, now);
    tx.update(colonies).set({ deletedAt: null }).where(eq(colonies.id, id)).run();
    return success({ id });
  });
}

const rowOf = (db: Db, id: string): ColonyRow | undefined =>
  db.select().from(colonies).where(eq(colonies.id, id)).get();

const notThere = () => failure({ path: ['id'], code: 'not-found', message: say('no-such-colony') });

/** Names of the colonies that came of it, share a programme with it, or have a cell from it or gave it one. */
function hangingOn(db: Db, id: string): readonly string[] {
  const children = db.select().from(colonies).where(eq(colonies.parentColonyId, id)).all();
  const shared = db
    .select({ programmeId: programmeUnits.programmeId })
    .from(programmeUnits)
    .innerJoin(programmes, eq(programmeUnits.programmeId, programmes.id))
    .where(and(or(eq(programmeUnits.colonyId, id), eq(programmes.colonyId, id)), isNull(programmes.deletedAt)))
    .all()
    .flatMap(({ programmeId }) =>
      db.select().from(programmeUnits).where(eq(programmeUnits.programmeId, programmeId)).all(),
    );
  const moves = db
    .select({ giver: cells.colonyId, taker: cellMoves.toColonyId })
    .from(cellMoves)
    .innerJoin(cells, eq(cellMoves.cellId, cells.id))
    .where(or(eq(cells.colonyId, id), eq(cellMoves.toColonyId, id)))
    .all();
  const ids = [
    ...children.map((child) => child.id),
    ...shared.map(({ colonyId }) => colonyId),
    ...moves.flatMap(({ giver, taker }) => [giver, taker]),
  ];
  return [...new Set(ids)].filter((other) => other !== id).flatMap((other) => standingColony(db, other)?.name ?? []);
}
