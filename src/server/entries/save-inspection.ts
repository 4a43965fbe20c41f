import 'server-only';
import { eq } from 'drizzle-orm';
import type { Now } from '../../core/calendar/now';
import { checkEntry } from '../../core/colony/check-entry';
import { comparable } from '../../core/facts/comparable-entry';
import type { InspectionEntry } from '../../core/facts/entry';
import { failure, type Result, success } from '../../core/problems/issue';
import { say } from '../../core/problems/says';
import type { Db } from '../../db/open';
import { loadColonyFacts } from '../../db/repositories/colony-facts';
import { findEntry, writeEntry } from '../../db/repositories/inspection-entry';
import { lifetimeOf } from '../../db/repositories/lifetime';
import { addRevision } from '../../db/repositories/revisions';
import { standingColony } from '../../db/repositories/standing-colony';
import { cellObservations, cells } from '../../db/schema/tables';
import { changedMeanwhile, noteReceipt, takenInto } from './resend';

/**
 * Stores an inspection whole, or says why not and stores nothing. Sent again it changes nothing, whatever became of it meanwhile;
 * meant to replace the version that stands, it corrects that, and what stood goes to its history.
 *
 * @param over the versions that it is meant to replace; `restore`: it is put back as it was
 */
export function saveInspection(
  db: Db,
  entry: InspectionEntry,
  now: Now,
  over: readonly string[] | 'restore' = [],
): Result<{ id: string }> {
  return db.transaction(
    (tx) => {
      const stored = findEntry(tx, entry.id);
      if (stored && stored.entry.colonyId !== entry.colonyId) {
        const message = say('inspection-moved');
        return failure({ path: ['colonyId'], code: 'duplicate-id', message });
      }
      const sent = { id: entry.id, content: comparable(entry), over: over === 'restore' ? [] : over };
      const standing = stored && { content: comparable(stored.entry), isDeleted: stored.deletedAt !== null };
      const taken = over === 'restore' ? 'write' : takenInto(tx, sent, standing);
      if (taken === 'nothing') return success({ id: entry.id });
      if (taken === 'ask') return changedMeanwhile(standing?.isDeleted ?? false);
      const facts = loadColonyFacts(tx, { colonyIds: [entry.colonyId] }).get(entry.colonyId);
      const colony = standingColony(tx, entry.colonyId);
      if (!facts || !colony) {
        const message = say('no-such-colony');
        return failure({ path: ['colonyId'], code: 'unknown-reference', message });
      }
      const known = { ...facts, ...lifetimeOf(tx, colony), cells: cellsOf(tx, entry.colonyId) };
      // Two devices may have entered the same hive in the same minute, each without a signal: both land.
      const issues = checkEntry(entry, known, now.minute).filter(({ code }) => code !== 'duplicate-minute');
      if (issues.length > 0) return failure(...issues);

      const ids = entry.cells.map(({ observationId }) => observationId);
      const twice = ids.findIndex((id, i) => ids.indexOf(id) !== i);
      if (twice >= 0) {
        const message = say('sight-twice');
        return failure({ path: ['cells', twice, 'observationId'], code: 'duplicate-id', message });
      }
      const foreign = entry.cells.findIndex(({ cellId, observationId }) =>
        takenElsewhere(tx, entry, cellId, observationId),
      );
      if (foreign >= 0) {
        const message = say('cell-of-another-entry');
        return failure({ path: ['cells', foreign, 'cellId'], code: 'duplicate-id', message });
      }
      if (stored) {
        const action = stored.deletedAt === null ? 'corrected' : 'restored';
        addRevision(tx, { entity: 'inspection', entityId: entry.id, action, before: comparable(stored.entry) }, now);
      }
      writeEntry(tx, entry);
      noteReceipt(tx, sent, now);
      return success({ id: entry.id });
    },
    { behavior: 'immediate' },
  );
}

/** All cells of the colony, also those that only a deleted inspection names. */
function cellsOf(db: Db, colonyId: string) {
  return db.select().from(cells).where(eq(cells.colonyId, colonyId)).all();
}

function takenElsewhere(db: Db, entry: InspectionEntry, cellId: string, observationId: string): boolean {
  const cell = db.select().from(cells).where(eq(cells.id, cellId)).get();
  const observation = db.select().from(cellObservations).where(eq(cellObservations.id, observationId)).get();
  return (
    (cell !== undefined && cell.colonyId !== entry.colonyId) ||
    (observation !== undefined && observation.inspectionId !== entry.id)
  );
}
