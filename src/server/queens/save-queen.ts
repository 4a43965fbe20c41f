import 'server-only';
import { and, desc, eq, inArray } from 'drizzle-orm';
import type { Now } from '../../core/calendar/now';
import {
  type JoinedBefore,
  joinedBefore,
  type QueenFact,
  type QueenParted,
  type QueensJoined,
} from '../../core/facts/queen';
import { sameValue } from '../../core/facts/same-value';
import { failure, type Issue, type Result, success } from '../../core/problems/issue';
import { say } from '../../core/problems/says';
import { emergedOf } from '../../core/queens/age';
import { descendsFrom } from '../../core/queens/family';
import type { Said } from '../../core/says/said';
import type { Db } from '../../db/open';
import { addRevision } from '../../db/repositories/revisions';
import { programmes, queenEvents, queens, revisions } from '../../db/schema/tables';

const refused = (path: string, code: Issue['code'], message: Said) => failure({ path: [path], code, message });

/** A mother who surely emerged after her daughter. */
function isYounger(mother: QueenFact, daughter: QueenFact): boolean {
  const [hers, daughters] = [emergedOf(mother), emergedOf(daughter)];
  return hers !== null && daughters !== null && hers.from > daughters.to;
}

/** Corrects what is known of a queen; what stood there goes to her history. */
export function correctQueen(db: Db, queen: QueenFact, now: Now): Result<{ id: string }> {
  return db.transaction((tx) => {
    const all = new Map(
      tx
        .select()
        .from(queens)
        .all()
        .map((one) => [one.id, one]),
    );
    const before = all.get(queen.id);
    if (!before) return refused('id', 'not-found', say('choose-a-queen'));
    const mother = queen.motherQueenId === null ? null : all.get(queen.motherQueenId);
    if (mother === undefined || (mother && descendsFrom(mother, queen.id, all)))
      return refused('motherQueenId', 'unknown-reference', say('choose-her-mother'));
    const { emergedFrom, emergedTo } = queen;
    if (mother && isYounger(mother, queen)) return refused('motherQueenId', 'contradiction', say('mother-younger'));
    if (emergedFrom !== null && emergedTo !== null && emergedTo < emergedFrom)
      return refused('emergedTo', 'contradiction', say('emerged-by-before-from'));
    if (sameValue(before, queen)) return success({ id: queen.id });
    addRevision(tx, { entity: 'queen', entityId: queen.id, action: 'corrected', before }, now);
    tx.update(queens).set(queen).where(eq(queens.id, queen.id)).run();
    return success({ id: queen.id });
  });
}

/**
 * Two queens of the book are one: all that happened to the one, her daughters and her programmes go over to the other, and what is not known of
 * that one is taken from her. Refused where the days on which they emerged exclude each other, or where one comes of the other.
 */
export function joinQueens(db: Db, { id, intoId }: QueensJoined, now: Now): Result<{ id: string }> {
  return db.transaction((tx) => {
    const all = new Map(
      tx
        .select()
        .from(queens)
        .all()
        .map((one) => [one.id, one]),
    );
    const [from, into] = [all.get(id), all.get(intoId)];
    if (!into) return refused('intoId', 'unknown-reference', say('choose-a-queen'));
    // Said again, it was done before.
    if (!from) return success({ id: intoId });
    if (id === intoId || descendsFrom(from, intoId, all) || descendsFrom(into, id, all))
      return refused('intoId', 'contradiction', say('one-comes-of-the-other'));
    const latest = (a: string | null, b: string | null) => (a === null || (b !== null && b > a) ? b : a);
    const earliest = (a: string | null, b: string | null) => (a === null || (b !== null && b < a) ? b : a);
    const joined = {
      motherQueenId: into.motherQueenId ?? from.motherQueenId,
      origin: into.origin === 'unknown' ? from.origin : into.origin,
      emergedFrom: latest(from.emergedFrom, into.emergedFrom),
      emergedTo: earliest(from.emergedTo, into.emergedTo),
      note: [into.note, from.note].filter((note) => note !== '').join(' '),
      isToBreedFrom: into.isToBreedFrom || from.isToBreedFrom,
    };
    if (joined.emergedFrom !== null && joined.emergedTo !== null && joined.emergedTo < joined.emergedFrom)
      return refused('intoId', 'contradiction', say('queens-of-different-days'));
    addRevision(tx, { entity: 'queen', entityId: intoId, action: 'corrected', before: into }, now);
    const idsOf = (rows: readonly { readonly id: string }[]) => rows.map((row) => row.id);
    const before: JoinedBefore = {
      queen: from,
      intoId,
      into,
      made: { ...into, ...joined },
      eventIds: idsOf(tx.select().from(queenEvents).where(eq(queenEvents.queenId, id)).all()),
      programmeIds: idsOf(tx.select().from(programmes).where(eq(programmes.queenId, id)).all()),
      daughterIds: idsOf([...all.values()].filter(({ motherQueenId }) => motherQueenId === id)),
    };
    addRevision(tx, { entity: 'queen', entityId: id, action: 'deleted', before }, now);
    tx.update(queens).set(joined).where(eq(queens.id, intoId)).run();
    tx.update(queenEvents).set({ queenId: intoId }).where(eq(queenEvents.queenId, id)).run();
    tx.update(programmes).set({ queenId: intoId }).where(eq(programmes.queenId, id)).run();
    tx.update(queens).set({ motherQueenId: intoId }).where(eq(queens.motherQueenId, id)).run();
    tx.delete(queens).where(eq(queens.id, id)).run();
    return success({ id: intoId });
  });
}

/**
 * Takes back that two queens are one: the one that was no more stands there again, with what was hers then and is not another's by now. What
 * was noted since stays with the other; she is as she was before, unless she was corrected since.
 */
export function partQueens(db: Db, { id }: QueenParted, now: Now): Result<{ id: string }> {
  return db.transaction((tx) => {
    if (tx.select().from(queens).where(eq(queens.id, id)).get()) return success({ id });
    const revision = tx
      .select()
      .from(revisions)
      .where(and(eq(revisions.entity, 'queen'), eq(revisions.entityId, id), eq(revisions.action, 'deleted')))
      .orderBy(desc(revisions.id))
      .get();
    const before = joinedBefore.safeParse(revision?.before);
    if (!before.success) return refused('id', 'not-found', say('choose-a-queen'));
    const { queen, intoId, into, made, eventIds, programmeIds, daughterIds } = before.data;
    const present = tx.select().from(queens).where(eq(queens.id, intoId)).get();
    if (!present) return refused('id', 'contradiction', say('choose-a-queen'));
    const mother = queen.motherQueenId;
    const isMotherThere = mother !== null && tx.select().from(queens).where(eq(queens.id, mother)).get() !== undefined;
    addRevision(tx, { entity: 'queen', entityId: id, action: 'restored', before: before.data }, now);
    tx.insert(queens)
      .values({ ...queen, motherQueenId: isMotherThere ? mother : null })
      .run();
    if (sameValue(present, made)) {
      addRevision(tx, { entity: 'queen', entityId: intoId, action: 'corrected', before: present }, now);
      tx.update(queens).set(into).where(eq(queens.id, intoId)).run();
    }
    tx.update(queenEvents)
      .set({ queenId: id })
      .where(and(eq(queenEvents.queenId, intoId), inArray(queenEvents.id, eventIds)))
      .run();
    tx.update(programmes)
      .set({ queenId: id })
      .where(and(eq(programmes.queenId, intoId), inArray(programmes.id, programmeIds)))
      .run();
    tx.update(queens)
      .set({ motherQueenId: id })
      .where(and(eq(queens.motherQueenId, intoId), inArray(queens.id, daughterIds)))
      .run();
    return success({ id });
  });
}
