import 'server-only';
import { and, eq, inArray, isNull, lt } from 'drizzle-orm';
import { z } from 'zod';
import { day } from '../../core/calendar/day';
import type { Now } from '../../core/calendar/now';
import { timeIssue } from '../../core/colony/time-of-fact';
import { isoDayField } from '../../core/facts/day-field';
import { idField, noteField } from '../../core/facts/fields';
import { failure, type Issue, type Result, success } from '../../core/problems/issue';
import { say } from '../../core/problems/says';
import type { Db } from '../../db/open';
import { daysEntered } from '../../db/repositories/days-entered';
import { lifetimeOf } from '../../db/repositories/lifetime';
import { addRevision } from '../../db/repositories/revisions';
import { standingColony } from '../../db/repositories/standing-colony';
import { cellMoves, checkAnswers, colonies, keptCells, programmes, programmeUnits } from '../../db/schema/tables';

/** The day on which a method was done, put right: every date follows. */
export const programmeCorrection = z.strictObject({
  id: idField,
  on: isoDayField,
  /** The last day on which it may have been done; null: the day is certain. */
  to: isoDayField.nullable(),
  note: noteField,
});

type Correction = z.infer<typeof programmeCorrection>;
type Stored = typeof programmes.$inferSelect;

/**
 * Corrects the day of a start. The colony that came of it, and the cells that went with it or to it, move with the day. What stood
 * there goes to its history.
 */
export function correctProgramme(db: Db, correction: Correction, now: Now): Result<{ id: string }> {
  return db.transaction((tx) => {
    const stored = tx
      .select()
      .from(programmes)
      .where(and(eq(programmes.id, correction.id), isNull(programmes.deletedAt)))
      .get();
    if (!stored) {
      const message = say('no-such-programme');
      return failure({ path: ['id'], code: 'not-found', message });
    }
    const children = childrenOf(tx, stored);
    const issues = correctionIssues(tx, stored, correction, children, now);
    if (issues.length > 0) return failure(...issues);
    const { id, on, to, note } = correction;
    if (stored.on === on && stored.to === to && stored.note === note) return success({ id });
    addRevision(tx, { entity: 'programme', entityId: id, action: 'corrected', before: stored }, now);
    // On another day nobody knows at what minute.
    tx.update(programmes)
      .set({ on, to, note, at: stored.on === on ? stored.at : null })
      .where(eq(programmes.id, id))
      .run();
    for (const child of children) {
      addRevision(tx, { entity: 'colony', entityId: child.id, action: 'corrected', before: child }, now);
      tx.update(colonies).set({ startedOn: on }).where(eq(colonies.id, child.id)).run();
    }
    const kept = tx.select().from(keptCells).where(eq(keptCells.programmeId, id)).all();
    const ids = kept.map(({ cellId }) => cellId);
    tx.update(cellMoves)
      .set({ on, at: null })
      .where(and(inArray(cellMoves.cellId, ids), eq(cellMoves.on, stored.on)))
      .run();
    return success({ id });
  });
}

/** The colonies that came of it and began on its day. */
function childrenOf(db: Db, { id, colonyId, on }: Stored) {
  const units = db.select().from(programmeUnits).where(eq(programmeUnits.programmeId, id)).all();
  return db
    .select()
    .from(colonies)
    .where(
      inArray(
        colonies.id,
        units.map((unit) => unit.colonyId),
      ),
    )
    .all()
    .filter((colony) => colony.parentColonyId === colonyId && colony.startedOn === on);
}

function correctionIssues(
  db: Db,
  stored: Stored,
  { on, to }: Correction,
  children: readonly (typeof colonies.$inferSelect)[],
  now: Now,
): Issue[] {
  const colony = standingColony(db, stored.colonyId);
  const lived = colony ? lifetimeOf(db, colony, stored.id) : null;
  const wrong = timeIssue({ at: on, to }, lived, now, { at: ['on'], to: ['to'] });
  if (wrong) return [wrong];
  const answer = db
    .select()
    .from(checkAnswers)
    .where(and(eq(checkAnswers.programmeId, stored.id), lt(checkAnswers.at, on)))
    .get();
  if (answer) {
    const message = say('answered-before', { on: day(answer.at.slice(0, 10)) });
    return [{ path: ['on'], code: 'contradiction', message }];
  }
  const early = children.map(({ id }) => daysEntered(db, id)?.first ?? on).find((first) => first < on);
  if (early) {
    const message = say('child-entered-before', { on: day(early) });
    return [{ path: ['on'], code: 'contradiction', message }];
  }
  return [];
}
