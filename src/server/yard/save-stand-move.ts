import 'server-only';
import { and, eq, isNull, ne } from 'drizzle-orm';
import { formatDay } from '../../core/calendar/day';
import type { Now } from '../../core/calendar/now';
import { timeIssue } from '../../core/colony/time-of-fact';
import type { StandFact, StandMoveBegun, StandMoveFact, StandMoveSaid, StandStepSaid } from '../../core/facts/yard';
import { failure, type Issue, type Result, success } from '../../core/problems/issue';
import { say } from '../../core/problems/says';
import type { Said } from '../../core/says/said';
import { placeAfter, stepsInAll, withStep } from '../../core/yard/by-steps';
import { distanceM, KEPT_UNDER_M, STEPS_AT_MOST } from '../../core/yard/flyers';
import type { Db } from '../../db/open';
import { colonyEntryOf } from '../../db/repositories/standing-colony';
import { colonies, standMoves, stands } from '../../db/schema/tables';
import { saveColony } from '../entries/save-colony';

/**
 * Stores that a hive is moved by steps: its stand moves with it, a step a day. Where it goes onto another stand the colony stands there from
 * the day of the last step on, and its own stand is free again where it was. Said twice it counts once.
 */
export function saveStandMove(db: Db, said: StandMoveSaid, now: Now): Result<null> {
  return db.transaction((tx) => (said.kind === 'begun' ? begin(tx, said, now) : onTheWay(tx, said, now)));
}

const refused = (path: string, code: Issue['code'], message: Said) => failure({ path: [path], code, message });

const standOf = (db: Db, id: string): StandFact | undefined =>
  db
    .select()
    .from(stands)
    .where(and(eq(stands.id, id), isNull(stands.deletedAt)))
    .get();

const coloniesOn = (db: Db, { apiaryId, name }: StandFact) =>
  db
    .select()
    .from(colonies)
    .where(
      and(
        eq(colonies.apiaryId, apiaryId),
        eq(colonies.stand, name),
        isNull(colonies.endedOn),
        isNull(colonies.deletedAt),
      ),
    )
    .all();

function begin(db: Db, { id, standId, ontoId, toX, toY }: StandMoveBegun, { today }: Now): Result<null> {
  if (db.select().from(standMoves).where(eq(standMoves.id, id)).get()) return success(null);
  const stand = standOf(db, standId);
  if (!stand) return refused('standId', 'not-found', say('stand-is-gone'));
  if (coloniesOn(db, stand).length === 0) return refused('standId', 'not-found', say('no-hive-there'));
  const onto = ontoId === null ? null : standOf(db, ontoId);
  if (onto === undefined || (onto && onto.apiaryId !== stand.apiaryId))
    return refused('ontoId', 'not-found', say('stand-is-gone'));
  if (onto && coloniesOn(db, onto).length > 0) return refused('ontoId', 'in-use', say('stand-is-taken', onto));
  const isOnItsWay = db
    .select()
    .from(standMoves)
    .where(and(eq(standMoves.standId, standId), isNull(standMoves.endedOn), ne(standMoves.id, id)))
    .get();
  if (isOnItsWay) return refused('standId', 'in-use', say('is-moved-already'));
  const to = onto ? { x: onto.x, y: onto.y } : { x: toX, y: toY };
  const ends = { fromX: stand.x, fromY: stand.y, toX: to.x, toY: to.y };
  if (distanceM(stand, to) < KEPT_UNDER_M) return refused('toX', 'out-of-range', say('moved-in-one-go'));
  if (stepsInAll(ends) > STEPS_AT_MOST)
    return refused('toX', 'out-of-range', say('too-far-by-steps', { days: STEPS_AT_MOST }));
  const begunOn = formatDay(today);
  db.insert(standMoves)
    .values({ id, standId, ontoId, ...ends, begunOn, steps: [], endedOn: null })
    .run();
  return success(null);
}

function onTheWay(db: Db, { kind, moveId, on }: StandStepSaid, now: Now): Result<null> {
  const move = db.select().from(standMoves).where(eq(standMoves.id, moveId)).get();
  if (!move) return refused('moveId', 'not-found', say('move-is-gone'));
  const wrong = timeIssue({ at: on }, null, now, { at: ['on'], to: ['on'] });
  if (wrong) return failure(wrong);
  const isNoted = move.steps.includes(on);
  if (kind === 'moved' ? isNoted : kind === 'not-moved' ? !isNoted : move.endedOn !== null) return success(null);
  if (move.endedOn !== null) return refused('moveId', 'contradiction', say('move-is-over'));
  if (on < move.begunOn) return refused('on', 'contradiction', say('moved-before-begun'));
  if (kind === 'left') return end(db, move, on);
  const { steps } = withStep(move, { kind, on });
  db.update(standMoves).set({ steps }).where(eq(standMoves.id, moveId)).run();
  db.update(stands).set(placeAfter(move, steps.length)).where(eq(stands.id, move.standId)).run();
  return steps.length < stepsInAll(move) ? success(null) : arrive(db, { ...move, steps }, on, now);
}

function end(db: Db, { id }: StandMoveFact, on: string): Result<null> {
  db.update(standMoves).set({ endedOn: on }).where(eq(standMoves.id, id)).run();
  return success(null);
}

/** It is there: on the other stand, if it was to go onto one that is still there. */
function arrive(db: Db, move: StandMoveFact, on: string, now: Now): Result<null> {
  const [stand, onto] = [standOf(db, move.standId), move.ontoId === null ? undefined : standOf(db, move.ontoId)];
  if (stand && onto) {
    for (const colony of coloniesOn(db, stand)) {
      const moved = saveColony(db, { ...colonyEntryOf(colony), stand: onto.name, since: on }, now);
      if (!moved.ok) return moved;
    }
    db.update(stands).set({ x: move.fromX, y: move.fromY }).where(eq(stands.id, stand.id)).run();
  }
  return end(db, move, on);
}
