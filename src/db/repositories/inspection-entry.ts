import 'server-only';
import { eq, inArray } from 'drizzle-orm';
import { cellLabels } from '../../core/cells/cell-labels';
import type { InspectionEntry } from '../../core/facts/entry';
import type { Db } from '../open';
import { cellMoves, cellObservations, cells, inspections } from '../schema/tables';

export interface StoredEntry {
  readonly entry: InspectionEntry;
  readonly deletedAt: string | null;
}

/** An inspection with everything found at it, or null. `newCell` is given for cells that no other inspection names. */
export function findEntry(db: Db, id: string): StoredEntry | null {
  const row = db.select().from(inspections).where(eq(inspections.id, id)).get();
  if (!row) return null;
  const { deletedAt, ...inspection } = row;
  const found = db
    .select({ observation: cellObservations, cell: cells })
    .from(cellObservations)
    .innerJoin(cells, eq(cellObservations.cellId, cells.id))
    .where(eq(cellObservations.inspectionId, id))
    .orderBy(cellObservations.id)
    .all();
  const cellIds = found.map(({ cell }) => cell.id);
  const elsewhere = new Set(
    db
      .select({ cellId: cellObservations.cellId, inspectionId: cellObservations.inspectionId })
      .from(cellObservations)
      .where(inArray(cellObservations.cellId, cellIds))
      .all()
      .filter(({ inspectionId }) => inspectionId !== id)
      .map(({ cellId }) => cellId),
  );
  return {
    deletedAt,
    entry: {
      ...inspection,
      cells: found.map(({ observation, cell }) => ({
        observationId: observation.id,
        cellId: cell.id,
        found: observation.found,
        takenDown: observation.takenDown,
        newCell:
          elsewhere.has(cell.id) || cell.colonyId !== inspection.colonyId
            ? null
            : { place: cell.place, box: cell.box, frame: cell.frame, part: cell.part },
      })),
    },
  };
}

/** The letters that no cell of a colony goes by yet, one after the other. */
export function freeLabels(db: Db, colonyId: string): () => string {
  const labels = cellLabels({
    cells: db.select().from(cells).where(eq(cells.colonyId, colonyId)).all(),
    cellMoves: db.select().from(cellMoves).where(eq(cellMoves.toColonyId, colonyId)).all(),
  });
  return () => labels(colonyId, null);
}

/** Writes the entry as it is given, over whatever stood under its id. Call it inside a transaction. */
export function writeEntry(db: Db, entry: InspectionEntry): void {
  const { cells: entryCells, ...inspection } = entry;
  db.insert(inspections)
    .values({ ...inspection, deletedAt: null })
    .onConflictDoUpdate({ target: inspections.id, set: { ...inspection, deletedAt: null } })
    .run();
  const freeLabel = freeLabels(db, entry.colonyId);
  for (const { cellId, newCell } of entryCells) {
    if (!newCell) continue;
    const known = db.select({ id: cells.id }).from(cells).where(eq(cells.id, cellId)).get();
    if (known) {
      db.update(cells).set(newCell).where(eq(cells.id, cellId)).run();
      continue;
    }
    const label = freeLabel();
    db.insert(cells)
      .values({ id: cellId, colonyId: entry.colonyId, label, ...newCell })
      .run();
  }
  db.delete(cellObservations).where(eq(cellObservations.inspectionId, entry.id)).run();
  for (const { observationId, cellId, found, takenDown } of entryCells) {
    db.insert(cellObservations).values({ id: observationId, inspectionId: entry.id, cellId, found, takenDown }).run();
  }
}
