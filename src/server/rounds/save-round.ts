import 'server-only';
import { eq, inArray } from 'drizzle-orm';
import type { Now } from '../../core/calendar/now';
import { timeIssue } from '../../core/colony/time-of-fact';
import type { RoundFact } from '../../core/facts/round';
import { failure, type Result, success } from '../../core/problems/issue';
import { say } from '../../core/problems/says';
import type { Db } from '../../db/open';
import { apiaries, colonies, rounds } from '../../db/schema/tables';

/** Stores a round that was made. Sent again it changes nothing, whatever became of it meanwhile. */
export function saveRound(db: Db, round: RoundFact, now: Now): Result<{ id: string }> {
  const { id, apiaryId, beganAt, endedAt, hives } = round;
  return db.transaction((tx) => {
    if (tx.select().from(rounds).where(eq(rounds.id, id)).get()) return success({ id });
    if (!tx.select().from(apiaries).where(eq(apiaries.id, apiaryId)).get())
      return failure({ path: ['apiaryId'], code: 'unknown-reference', message: say('no-such-apiary') });
    const field = [endedAt === null ? 'beganAt' : 'endedAt'];
    const wrong = timeIssue({ at: endedAt ?? beganAt }, null, now, { at: field, to: field });
    if (wrong) return failure(wrong);
    const ids = [...new Set(hives.map(({ colonyId }) => colonyId))];
    const known = new Set(
      tx
        .select({ id: colonies.id })
        .from(colonies)
        .where(inArray(colonies.id, ids))
        .all()
        .map((row) => row.id),
    );
    const strange = hives.findIndex(({ colonyId }) => !known.has(colonyId));
    if (strange >= 0)
      return failure({
        path: ['hives', strange, 'colonyId'],
        code: 'unknown-reference',
        message: say('no-such-colony'),
      });
    tx.insert(rounds).values(round).run();
    return success({ id });
  });
}

/** Takes a round out of the book: nothing is learned from it any more. */
export function deleteRound(db: Db, id: string, { instant }: Now): Result<null> {
  db.update(rounds).set({ deletedAt: instant }).where(eq(rounds.id, id)).run();
  return success(null);
}
