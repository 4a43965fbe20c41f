import 'server-only';
import { and, eq, isNull } from 'drizzle-orm';
import type { RoundWish, RoundWishEntry } from '../../core/facts/round';
import { failure, type Result, success } from '../../core/problems/issue';
import { say } from '../../core/problems/says';
import type { Db } from '../../db/open';
import { apiaries, colonies, roundWishes } from '../../db/schema/tables';

/** Stores what the keeper wants of the plan, or takes it back. Said twice it stands once. */
export function sayRoundWish(db: Db, entry: RoundWishEntry): Result<null> {
  return db.transaction((tx) => {
    if (!entry.isWanted) {
      tx.delete(roundWishes).where(eq(roundWishes.id, entry.id)).run();
      return success(null);
    }
    const { wish } = entry;
    const { apiaryId, colonyId } = wish;
    if (apiaryId !== null && !tx.select().from(apiaries).where(eq(apiaries.id, apiaryId)).get())
      return failure({ path: ['wish', 'apiaryId'], code: 'unknown-reference', message: say('no-such-apiary') });
    if (colonyId !== null && !tx.select().from(colonies).where(eq(colonies.id, colonyId)).get())
      return failure({ path: ['wish', 'colonyId'], code: 'unknown-reference', message: say('no-such-colony') });
    if (!isSaid(tx, wish)) tx.insert(roundWishes).values(wish).onConflictDoNothing().run();
    return success(null);
  });
}

/** Whether the same is wanted already, under whatever id. */
function isSaid(db: Db, { kind, on, apiaryId, colonyId, key }: RoundWish): boolean {
  const is = <T>(column: Parameters<typeof eq>[0], value: T | null) =>
    value === null ? isNull(column) : eq(column, value);
  const same = and(
    eq(roundWishes.kind, kind),
    is(roundWishes.on, on),
    is(roundWishes.apiaryId, apiaryId),
    is(roundWishes.colonyId, colonyId),
    is(roundWishes.key, key),
  );
  return db.select().from(roundWishes).where(same).get() !== undefined;
}
