import 'server-only';
import { and, eq, isNull } from 'drizzle-orm';
import type { Now } from '../../core/calendar/now';
import { timeIssue } from '../../core/colony/time-of-fact';
import type { FoodSaid } from '../../core/facts/food';
import { isFeed } from '../../core/food/food';
import { failure, type Result, success } from '../../core/problems/issue';
import { say } from '../../core/problems/says';
import type { Db } from '../../db/open';
import { lifetimeOf } from '../../db/repositories/lifetime';
import { addRevision } from '../../db/repositories/revisions';
import { colonies, foodEntries } from '../../db/schema/tables';

/** Stores what a colony was fed, or what was taken of its honey; takes an entry out and puts it back. Sent again it changes nothing. */
export function saveFood(db: Db, said: FoodSaid, now: Now): Result<null> {
  return db.transaction((tx) => {
    if (said.kind !== 'noted') {
      const stored = tx.select().from(foodEntries).where(eq(foodEntries.id, said.entryId)).get();
      if (!stored) return failure({ path: ['entryId'], code: 'not-found', message: say('kit-entry-is-gone') });
      const isOut = said.kind === 'taken-out';
      if (isOut === (stored.deletedAt !== null)) return success(null);
      const action = isOut ? 'deleted' : 'restored';
      addRevision(tx, { entity: 'food', entityId: stored.id, action, before: stored }, now);
      const deletedAt = isOut ? now.instant : null;
      tx.update(foodEntries).set({ deletedAt }).where(eq(foodEntries.id, said.entryId)).run();
      return success(null);
    }
    const { entry } = said;
    if (tx.select().from(foodEntries).where(eq(foodEntries.id, entry.id)).get()) return success(null);
    const colony = tx
      .select()
      .from(colonies)
      .where(and(eq(colonies.id, entry.colonyId), isNull(colonies.deletedAt)))
      .get();
    if (!colony)
      return failure({ path: ['entry', 'colonyId'], code: 'unknown-reference', message: say('no-such-colony') });
    // Its honey may be taken when the colony is no more.
    const lived = lifetimeOf(tx, colony);
    const wrong = timeIssue(entry, isFeed(entry) ? lived : { ...lived, endedOn: null }, now, {
      at: ['entry', 'at'],
      to: ['entry', 'at'],
    });
    if (wrong) return failure(wrong);
    tx.insert(foodEntries)
      .values({ ...entry, deletedAt: null })
      .run();
    return success(null);
  });
}
