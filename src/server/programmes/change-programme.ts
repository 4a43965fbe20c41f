import 'server-only';
import { and, eq, inArray, isNull } from 'drizzle-orm';
import { z } from 'zod';
import { day, dayOfMinute } from '../../core/calendar/day';
import type { Now } from '../../core/calendar/now';
import { timeIssue } from '../../core/colony/time-of-fact';
import { isoDayField } from '../../core/facts/day-field';
import { idField } from '../../core/facts/fields';
import { type CheckAnswer, type CheckChange, cellMoveFact, type StepTick } from '../../core/facts/programme';
import { methodNamed } from '../../core/methods/methods';
import { failure, type Issue, type Result, success } from '../../core/problems/issue';
import { say } from '../../core/problems/says';
import { ANSWERS, meaningOf } from '../../core/programmes/answers';
import type { Db } from '../../db/open';
import { lifetimeOf } from '../../db/repositories/lifetime';
import { addReceipt, receivedVersions } from '../../db/repositories/receipts';
import { addRevision, revisionsOf } from '../../db/repositories/revisions';
import { standingColony } from '../../db/repositories/standing-colony';
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
  surveys,
} from '../../db/schema/tables';
import { versionOf } from '../../device/version-of';

const UNKNOWN: Issue = {
  path: ['programmeId'],
  code: 'not-found',
  message: say('no-such-programme'),
};

const standing = (db: Db, id: string) =>
  db
    .select()
    .from(programmes)
    .where(and(eq(programmes.id, id), isNull(programmes.deletedAt)))
    .get();

const unitsIn = (db: Db, id: string) =>
  db.select().from(programmeUnits).where(eq(programmeUnits.programmeId, id)).all();

/** Ticks a step of a programme, or takes the tick away. Sent again it changes nothing, whatever was ticked meanwhile. */
export function tickStep(db: Db, { isDone, ...tick }: StepTick, now: Now): Result<{ id: string }> {
  return db.transaction((tx) => {
    const version = versionOf({ ...tick, isDone });
    if (receivedVersions(tx, tick.id).includes(version)) return success({ id: tick.id });
    const programme = standing(tx, tick.programmeId);
    if (!programme) return failure(UNKNOWN);
    if (tick.step >= methodNamed(programme.method).steps.length) {
      return failure({ path: ['step'], code: 'out-of-range', message: say('no-such-step') });
    }
    const same = and(eq(stepsDone.programmeId, tick.programmeId), eq(stepsDone.step, tick.step));
    if (isDone) tx.insert(stepsDone).values(tick).onConflictDoNothing().run();
    else tx.delete(stepsDone).where(same).run();
    addReceipt(tx, tick.id, version, now);
    return success({ id: tick.id });
  });
}

function answerIssues(db: Db, answer: CheckAnswer, now: Now): Issue[] {
  const programme = standing(db, answer.programmeId);
  if (!programme) return [UNKNOWN];
  const members = [programme.colonyId, ...unitsIn(db, programme.id).map(({ colonyId }) => colonyId)];
  if (!members.includes(answer.colonyId)) {
    return [{ path: ['colonyId'], code: 'unknown-reference', message: say('colony-not-in-programme') }];
  }
  if (!meaningOf(answer.code, answer.answer)) {
    const choices = ANSWERS[answer.code].map(({ code }) => ({ check: answer.code, answer: code }));
    return [{ path: ['answer'], code: 'not-one-of', message: say('choose-one-of-these', { choices }) }];
  }
  const colony = standingColony(db, answer.colonyId);
  const wrong = timeIssue({ at: answer.at }, colony ? lifetimeOf(db, colony) : null, now);
  if (wrong) return [wrong];
  if (dayOfMinute(answer.at) < day(programme.on)) {
    const message = say('programme-began-later', { startedOn: day(programme.on) });
    return [{ path: ['at'], code: 'contradiction', message }];
  }
  const namesHalf = answer.code === 'which-half' && answer.answer === 'known';
  if (namesHalf && (answer.queenlessColonyId === null || !members.includes(answer.queenlessColonyId))) {
    return [{ path: ['queenlessColonyId'], code: 'missing', message: say('say-which-half') }];
  }
  return [];
}

/** Stores what a follow-up came to. Sent again it lands once, and stays taken back where it was. */
export function answerCheck(db: Db, answer: CheckAnswer, now: Now): Result<{ id: string }> {
  return db.transaction((tx) => {
    if (revisionsOf(tx, answer.id).some(({ action }) => action === 'deleted')) return success({ id: answer.id });
    const issues = answerIssues(tx, answer, now);
    if (issues.length > 0) return failure(...issues);
    tx.insert(checkAnswers).values(answer).onConflictDoNothing().run();
    return success({ id: answer.id });
  });
}

/** Takes an answer back, as if it had not been given. What it said is kept in the history. */
export function takeBackAnswer(db: Db, id: string, now: Now): Result<{ id: string }> {
  return db.transaction((tx) => {
    const answer = tx.select().from(checkAnswers).where(eq(checkAnswers.id, id)).get();
    if (!answer) return failure({ path: ['id'], code: 'not-found', message: say('answer-gone') });
    addRevision(tx, { entity: 'check-answer', entityId: id, action: 'deleted', before: answer }, now);
    tx.delete(checkAnswers).where(eq(checkAnswers.id, id)).run();
    return success({ id });
  });
}

/** Puts a check on another day, leaves it out with a reason, or puts it back as it was. */
export function changeCheck(db: Db, change: CheckChange, now: Now): Result<{ id: string }> {
  return db.transaction((tx) => {
    if (!standingColony(tx, change.colonyId)) {
      return failure({ path: ['colonyId'], code: 'unknown-reference', message: say('choose-a-colony') });
    }
    if (change.kind === 'skipped' && change.reason === '') {
      return failure({
        path: ['reason'],
        code: 'missing',
        message: say('say-why-skipped'),
      });
    }
    if ((change.kind === 'moved') !== (change.to !== null)) {
      return failure({ path: ['to'], code: 'missing', message: say('give-the-other-day') });
    }
    const wrong = timeIssue({ at: change.at }, null, now);
    if (wrong) return failure(wrong);
    // It was said without a signal, perhaps, and comes here when that day is past by now.
    const saidOn = dayOfMinute(change.at);
    if (change.to !== null && day(change.to) < saidOn) {
      const message = say('day-has-passed', { saidOn });
      return failure({ path: ['to'], code: 'out-of-range', message });
    }
    tx.insert(checkChanges).values(change).onConflictDoNothing().run();
    return success({ id: change.id });
  });
}

/** On which day a programme is given up; null: it goes on after all. */
export const programmeEnd = z.strictObject({ id: idField, endedOn: isoDayField.nullable() });

/** Gives a programme up, or takes it up again. What it asked for is no longer asked; what it did to the queen stays so. */
export function endProgramme(db: Db, { id, endedOn }: z.infer<typeof programmeEnd>, now: Now): Result<{ id: string }> {
  return db.transaction((tx) => {
    const programme = standing(tx, id);
    if (!programme) return failure(UNKNOWN);
    if (endedOn !== null && (endedOn < programme.on || day(endedOn) > now.today)) {
      const message = say('choose-a-day-between', { from: day(programme.on), to: now.today });
      return failure({ path: ['endedOn'], code: 'out-of-range', message });
    }
    addRevision(tx, { entity: 'programme', entityId: id, action: 'corrected', before: programme }, now);
    tx.update(programmes).set({ endedOn }).where(eq(programmes.id, id)).run();
    return success({ id });
  });
}

/**
 * Takes the start of a programme back, as if it had not been made. The colony that came of it goes with it; one for which something
 * was entered stays, with all its history, as a colony of its own. It can be put back.
 */
export function takeBackProgramme(db: Db, id: string, now: Now): Result<{ id: string }> {
  return db.transaction((tx) => {
    const programme = standing(tx, id);
    if (!programme) return failure(UNKNOWN);
    const children = unitsIn(tx, id)
      .map(({ colonyId }) => colonyId)
      .filter((colonyId) => isChildOf(tx, colonyId, programme.colonyId) && !hasEntries(tx, colonyId, id));
    const given = givenCells(tx, programme);
    addRevision(tx, { entity: 'programme', entityId: id, action: 'deleted', before: { programme, given } }, now);
    for (const move of given) tx.delete(cellMoves).where(eq(cellMoves.id, move.id)).run();
    tx.update(programmes).set({ deletedAt: now.instant }).where(eq(programmes.id, id)).run();
    for (const colonyId of children) {
      tx.update(colonies).set({ endedOn: programme.on }).where(eq(colonies.id, colonyId)).run();
    }
    return success({ id });
  });
}

/** Puts a start that was taken back into the book again, with the colony that came of it and the cell that was given. */
export function putBackProgramme(db: Db, id: string, now: Now): Result<{ id: string }> {
  return db.transaction((tx) => {
    const programme = tx.select().from(programmes).where(eq(programmes.id, id)).get();
    if (!programme) return failure(UNKNOWN);
    if (programme.deletedAt === null) return success({ id });
    const [taken] = revisionsOf(tx, id).filter(({ action }) => action === 'deleted');
    // Without its history it is put back without the cells that it gave.
    const before = takenBack.safeParse(taken?.before);
    const { given } = before.success ? before.data : { given: [] };
    const gone = given.find(({ cellId }) => tx.select().from(cellMoves).where(eq(cellMoves.cellId, cellId)).get());
    if (gone) {
      const message = say('cell-given-since');
      return failure({ path: [], code: 'contradiction', message });
    }
    for (const move of given) tx.insert(cellMoves).values(move).run();
    addRevision(tx, { entity: 'programme', entityId: id, action: 'restored', before: programme }, now);
    tx.update(programmes).set({ deletedAt: null }).where(eq(programmes.id, id)).run();
    for (const { colonyId } of unitsIn(tx, id)) {
      if (!isChildOf(tx, colonyId, programme.colonyId) || hasEntries(tx, colonyId, id)) continue;
      tx.update(colonies).set({ endedOn: null }).where(eq(colonies.id, colonyId)).run();
    }
    return success({ id });
  });
}

/** What the history keeps of a start that was taken back. */
const takenBack = z.object({ given: z.array(cellMoveFact) });

/** The cells that came to a colony by this programme: given to it, or kept in the part that became one. */
function givenCells(db: Db, { id, method, colonyId }: typeof programmes.$inferSelect) {
  const units = unitsIn(db, id).map((unit) => unit.colonyId);
  const receivers = methodNamed(method).takesCell ? [colonyId] : units.filter((unit) => isChildOf(db, unit, colonyId));
  const ids = db.select({ cellId: keptCells.cellId }).from(keptCells).where(eq(keptCells.programmeId, id)).all();
  const cellIds = ids.map(({ cellId }) => cellId);
  return db
    .select()
    .from(cellMoves)
    .where(and(inArray(cellMoves.cellId, cellIds), inArray(cellMoves.toColonyId, receivers)))
    .all();
}

function isChildOf(db: Db, colonyId: string, parentId: string): boolean {
  return standingColony(db, colonyId)?.parentColonyId === parentId;
}

function hasEntries(db: Db, colonyId: string, programmeId: string): boolean {
  const looked = db
    .select()
    .from(inspections)
    .where(and(eq(inspections.colonyId, colonyId), isNull(inspections.deletedAt)))
    .get();
  const befell = db
    .select()
    .from(queenEvents)
    .where(and(eq(queenEvents.colonyId, colonyId), isNull(queenEvents.deletedAt)))
    .get();
  const surveyed = db
    .select()
    .from(surveys)
    .where(and(eq(surveys.colonyId, colonyId), isNull(surveys.deletedAt)))
    .get();
  const begun = db
    .select()
    .from(programmes)
    .where(and(eq(programmes.colonyId, colonyId), isNull(programmes.deletedAt)))
    .get();
  const isSeen = looked !== undefined || befell !== undefined || surveyed !== undefined;
  return isSeen || (begun !== undefined && begun.id !== programmeId);
}
