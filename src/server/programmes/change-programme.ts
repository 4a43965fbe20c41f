import 'server-only';
import { and, eq, isNull } from 'drizzle-orm';
import { z } from 'zod';
import { day, dayOfMinute, formatDay } from '../../core/calendar/day';
import type { Now } from '../../core/calendar/now';
import { idField } from '../../core/facts/fields';
import { checkAnswerFact, checkChangeFact, stepDoneFact } from '../../core/facts/programme';
import { isoDayField } from '../../core/formats/day-field';
import { methodNamed } from '../../core/methods/methods';
import { failure, type Issue, type Result, success } from '../../core/problems/issue';
import { ANSWERS, meaningOf } from '../../core/programmes/answers';
import type { Db } from '../../db/open';
import { addRevision } from '../../db/repositories/revisions';
import {
  cellMoves,
  checkAnswers,
  checkChanges,
  colonies,
  inspections,
  keptCells,
  programmes,
  programmeUnits,
  queenEvents,
  stepsDone,
} from '../../db/schema/tables';

const UNKNOWN: Issue = {
  path: ['programmeId'],
  code: 'not-found',
  message: 'This programme is not in the book. Reload the page.',
};

const standing = (db: Db, id: string) =>
  db
    .select()
    .from(programmes)
    .where(and(eq(programmes.id, id), isNull(programmes.deletedAt)))
    .get();

const unitsIn = (db: Db, id: string) =>
  db.select().from(programmeUnits).where(eq(programmeUnits.programmeId, id)).all();

export const stepTick = stepDoneFact.extend({ isDone: z.boolean() });

/** Ticks a step of a programme, or takes the tick away. */
export function tickStep(db: Db, { isDone, ...tick }: z.infer<typeof stepTick>): Result<{ id: string }> {
  return db.transaction((tx) => {
    const programme = standing(tx, tick.programmeId);
    if (!programme) return failure(UNKNOWN);
    if (tick.step >= methodNamed(programme.method).steps.length) {
      return failure({ path: ['step'], code: 'out-of-range', message: 'The method has no such step.' });
    }
    const same = and(eq(stepsDone.programmeId, tick.programmeId), eq(stepsDone.step, tick.step));
    if (isDone) tx.insert(stepsDone).values(tick).onConflictDoNothing().run();
    else tx.delete(stepsDone).where(same).run();
    return success({ id: tick.id });
  });
}

type Answer = z.infer<typeof checkAnswerFact>;

function answerIssues(db: Db, answer: Answer, now: Now): Issue[] {
  const programme = standing(db, answer.programmeId);
  if (!programme) return [UNKNOWN];
  const members = [programme.colonyId, ...unitsIn(db, programme.id).map(({ colonyId }) => colonyId)];
  if (!members.includes(answer.colonyId)) {
    return [{ path: ['colonyId'], code: 'unknown-reference', message: 'This colony is no part of the programme.' }];
  }
  if (!meaningOf(answer.code, answer.answer)) {
    const choices = ANSWERS[answer.code].map(({ words }) => words).join('; ');
    return [{ path: ['answer'], code: 'not-one-of', message: `Choose one of these: ${choices}.` }];
  }
  if (answer.at > now.minute) {
    return [{ path: ['at'], code: 'in-the-future', message: 'This time lies in the future. Give one up to now.' }];
  }
  if (dayOfMinute(answer.at) < day(programme.on)) {
    const message = `The programme was begun on ${programme.on}. Give that day or a later one.`;
    return [{ path: ['at'], code: 'contradiction', message }];
  }
  const namesHalf = answer.code === 'which-half' && answer.answer === 'known';
  if (namesHalf && (answer.queenlessColonyId === null || !members.includes(answer.queenlessColonyId))) {
    return [{ path: ['queenlessColonyId'], code: 'missing', message: 'Say which half has cells and no eggs.' }];
  }
  return [];
}

/** Stores what a follow-up came to. Sent again it lands once. */
export function answerCheck(db: Db, answer: Answer, now: Now): Result<{ id: string }> {
  return db.transaction((tx) => {
    const issues = answerIssues(tx, answer, now);
    if (issues.length > 0) return failure(...issues);
    tx.insert(checkAnswers).values(answer).onConflictDoNothing().run();
    return success({ id: answer.id });
  });
}

/** Puts a check on another day, leaves it out with a reason, or puts it back as it was. */
export function changeCheck(db: Db, change: z.infer<typeof checkChangeFact>, now: Now): Result<{ id: string }> {
  return db.transaction((tx) => {
    if (!tx.select().from(colonies).where(eq(colonies.id, change.colonyId)).get()) {
      return failure({ path: ['colonyId'], code: 'unknown-reference', message: 'Choose a colony in the book.' });
    }
    if (change.kind === 'skipped' && change.reason === '') {
      return failure({ path: ['reason'], code: 'missing', message: 'Say why it is left out; you will want to know.' });
    }
    if ((change.kind === 'moved') !== (change.to !== null)) {
      return failure({ path: ['to'], code: 'missing', message: 'Give the day on which it is to be done instead.' });
    }
    if (change.to !== null && day(change.to) < now.today) {
      const message = `That day is past. Give ${formatDay(now.today)} or a later one.`;
      return failure({ path: ['to'], code: 'out-of-range', message });
    }
    tx.insert(checkChanges).values(change).onConflictDoNothing().run();
    return success({ id: change.id });
  });
}

export const checkChangeEntry = checkChangeFact;
export const checkAnswerEntry = checkAnswerFact;

/** On which day a programme is given up; null: it goes on after all. */
export const programmeEnd = z.strictObject({ id: idField, endedOn: isoDayField.nullable() });

/** Gives a programme up, or takes it up again. What it asked for is no longer asked; what it did to the queen stays so. */
export function endProgramme(db: Db, { id, endedOn }: z.infer<typeof programmeEnd>, now: Now): Result<{ id: string }> {
  return db.transaction((tx) => {
    const programme = standing(tx, id);
    if (!programme) return failure(UNKNOWN);
    if (endedOn !== null && (endedOn < programme.on || day(endedOn) > now.today)) {
      const message = `Give a day from ${programme.on} to ${formatDay(now.today)}.`;
      return failure({ path: ['endedOn'], code: 'out-of-range', message });
    }
    addRevision(tx, { entity: 'programme', entityId: id, action: 'corrected', before: programme }, now);
    tx.update(programmes).set({ endedOn }).where(eq(programmes.id, id)).run();
    return success({ id });
  });
}

/**
 * Takes the start of a programme back, as if it had not been made; the colony that came of it goes with it, unless something was
 * entered for it. It can be put back.
 */
export function takeBackProgramme(db: Db, id: string, now: Now): Result<{ id: string }> {
  return db.transaction((tx) => {
    const programme = standing(tx, id);
    if (!programme) return failure(UNKNOWN);
    const children = unitsIn(tx, id)
      .map(({ colonyId }) => colonyId)
      .filter((colonyId) => isChildOf(tx, colonyId, programme.colonyId));
    const used = children.find((colonyId) => hasEntries(tx, colonyId, id));
    if (used) {
      const message = 'Something was entered for the colony that came of it. Give the programme up instead.';
      return failure({ path: [], code: 'in-use', message });
    }
    addRevision(tx, { entity: 'programme', entityId: id, action: 'deleted', before: programme }, now);
    tx.delete(cellMoves)
      .where(eq(cellMoves.toColonyId, givenCellsTo(tx, programme)))
      .run();
    tx.update(programmes).set({ deletedAt: now.instant }).where(eq(programmes.id, id)).run();
    for (const colonyId of children) {
      tx.update(colonies).set({ endedOn: programme.on }).where(eq(colonies.id, colonyId)).run();
    }
    return success({ id });
  });
}

/** The colony that a given cell came to by this programme; an id of nothing where no cell was given. */
function givenCellsTo(db: Db, { id, method, colonyId }: typeof programmes.$inferSelect): string {
  const gave = method === 'give-cell' && db.select().from(keptCells).where(eq(keptCells.programmeId, id)).get();
  return gave ? colonyId : '';
}

function isChildOf(db: Db, colonyId: string, parentId: string): boolean {
  return db.select().from(colonies).where(eq(colonies.id, colonyId)).get()?.parentColonyId === parentId;
}

function hasEntries(db: Db, colonyId: string, programmeId: string): boolean {
  const looked = db
    .select()
    .from(inspections)
    .where(and(eq(inspections.colonyId, colonyId), isNull(inspections.deletedAt)))
    .get();
  const befell = db.select().from(queenEvents).where(eq(queenEvents.colonyId, colonyId)).get();
  const begun = db
    .select()
    .from(programmes)
    .where(and(eq(programmes.colonyId, colonyId), isNull(programmes.deletedAt)))
    .get();
  return looked !== undefined || befell !== undefined || (begun !== undefined && begun.id !== programmeId);
}
