import 'server-only';
import { eq, inArray } from 'drizzle-orm';
import type { Now } from '../../core/calendar/now';
import { timeIssue } from '../../core/colony/time-of-fact';
import type { KitSaid } from '../../core/facts/kit';
import { CAR, HOME } from '../../core/kit/kit-entry';
import { failure, type Result, success } from '../../core/problems/issue';
import { say } from '../../core/problems/says';
import type { Book } from '../../db/open';
import { apiaries, kitEntries } from '../../db/schema/tables';
import { loadApiaries } from '../all-apiaries';
import { stockNow } from './stock-now';

/**
 * Stores what was counted and carried, all of it or nothing. Sent again it changes nothing. No more is carried from a place than was counted
 * there; what was carried where nobody counted is believed.
 */
export function saveKitSaid(opened: Book, { entries }: KitSaid, now: Now): Result<null> {
  const { db } = opened;
  const known = new Set([
    null,
    HOME,
    CAR,
    ...db
      .select({ id: apiaries.id })
      .from(apiaries)
      .all()
      .map(({ id }) => id),
  ]);
  const isStored = (id: string) => db.select().from(kitEntries).where(eq(kitEntries.id, id)).get() !== undefined;
  const fresh = entries.filter(({ id }) => !isStored(id));
  const { stock } = stockNow(opened, loadApiaries(opened, now.today), now.today);
  for (const entry of fresh) {
    const { at, from, to, kind, thing, count } = entry;
    const path = ['entries', entries.indexOf(entry)];
    const strange = (['from', 'to', 'packedFor'] as const).find((field) => !known.has(entry[field]));
    if (strange) return failure({ path: [...path, strange], code: 'unknown-reference', message: say('place-is-gone') });
    const wrong = timeIssue({ at }, null, now, { at: [...path, 'at'], to: [...path, 'at'] });
    if (wrong) return failure(wrong);
    const lying = kind === 'carried' && from !== null ? stock.lying(from, thing) : null;
    if (lying && lying.countedAt !== null && lying.countedAt <= at && to !== from && count > lying.count) {
      const message = say('not-so-many-there', { count: lying.count });
      return failure({ path: [...path, 'count'], code: 'contradiction', message });
    }
  }
  db.transaction((tx) => {
    for (const entry of fresh)
      tx.insert(kitEntries)
        .values({ ...entry, deletedAt: null })
        .run();
  });
  return success(null);
}

/** Takes entries out of the book, or puts them back: all of them or none. */
export function takeOutKit(
  { db }: Book,
  { ids, isOut }: { readonly ids: readonly string[]; readonly isOut: boolean },
  { instant }: Now,
): Result<null> {
  return db.transaction((tx) => {
    const known = tx.select({ id: kitEntries.id }).from(kitEntries).where(inArray(kitEntries.id, ids)).all();
    if (known.length < new Set(ids).size)
      return failure({ path: ['ids'], code: 'not-found', message: say('kit-entry-is-gone') });
    tx.update(kitEntries)
      .set({ deletedAt: isOut ? instant : null })
      .where(inArray(kitEntries.id, ids))
      .run();
    return success(null);
  });
}
