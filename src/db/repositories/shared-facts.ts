import 'server-only';
import { inArray, isNull } from 'drizzle-orm';
import { day, dayOfMinute } from '../../core/calendar/day';
import type { SharedFacts } from '../../core/colony/assemble';
import type { Db } from '../open';
import { cellMoves, cells, checkAnswers, checkChanges, keptCells, programmes, programmeUnits } from '../schema/tables';

/** All programmes that stand, what was answered and changed, and the cells that went from one colony to another. */
export function loadSharedFacts(db: Db): SharedFacts {
  const rows = db.select().from(programmes).where(isNull(programmes.deletedAt)).orderBy(programmes.on).all();
  const ids = rows.map(({ id }) => id);
  const units = db.select().from(programmeUnits).where(inArray(programmeUnits.programmeId, ids)).all();
  const kept = db.select().from(keptCells).where(inArray(keptCells.programmeId, ids)).all();
  const answers = db.select().from(checkAnswers).where(inArray(checkAnswers.programmeId, ids)).all();
  return {
    programmes: rows.map(({ deletedAt: _, note: __, ...row }) => ({
      ...row,
      on: day(row.on),
      to: row.to === null ? null : day(row.to),
      endedOn: row.endedOn === null ? null : day(row.endedOn),
      units: units
        .filter(({ programmeId }) => programmeId === row.id)
        .map(({ unit, colonyId }) => ({ unit, colonyId })),
      keptCellIds: kept.filter(({ programmeId }) => programmeId === row.id).map(({ cellId }) => cellId),
    })),
    answers: answers.map(({ note: _, ...row }) => ({ ...row, on: dayOfMinute(row.at) })),
    changes: db
      .select()
      .from(checkChanges)
      .all()
      .map((row) => ({ ...row, on: dayOfMinute(row.at), to: row.to === null ? null : day(row.to) })),
    cellMoves: db
      .select()
      .from(cellMoves)
      .all()
      .map((row) => ({ ...row, on: day(row.on) })),
  };
}

/** The colonies whose facts bear on one another: those that share a programme or a cell with `id`, and `id` itself. */
export function relatedColonies(db: Db, id: string, shared: SharedFacts): readonly string[] {
  const related = new Set([id]);
  for (const { colonyId, units } of shared.programmes) {
    const all = [colonyId, ...units.map((unit) => unit.colonyId)];
    if (all.includes(id)) for (const other of all) related.add(other);
  }
  const movedHere = shared.cellMoves.filter(({ toColonyId }) => toColonyId === id).map(({ cellId }) => cellId);
  const givers = db.select({ id: cells.colonyId }).from(cells).where(inArray(cells.id, movedHere)).all();
  for (const giver of givers) related.add(giver.id);
  return [...related];
}
