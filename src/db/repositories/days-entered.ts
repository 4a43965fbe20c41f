import 'server-only';
import { and, eq, isNull } from 'drizzle-orm';
import { isFeed } from '../../core/food/food';
import type { Db } from '../open';
import { foodEntries, inspections, programmes, queenEvents, surveys } from '../schema/tables';

/** The first and the last day of which something is entered of a colony, `YYYY-MM-DD`; null: nothing is. What was taken out does not count. */
export function daysEntered(db: Db, colonyId: string): { readonly first: string; readonly last: string } | null {
  const days = [
    // Its honey may be taken when the colony is no more.
    ...db
      .select({ at: foodEntries.at, kind: foodEntries.kind })
      .from(foodEntries)
      .where(and(eq(foodEntries.colonyId, colonyId), isNull(foodEntries.deletedAt)))
      .all()
      .filter(isFeed)
      .map(({ at }) => at.slice(0, 10)),
    ...[inspections, surveys].flatMap((table) =>
      db
        .select({ at: table.at })
        .from(table)
        .where(and(eq(table.colonyId, colonyId), isNull(table.deletedAt)))
        .all()
        .map(({ at }) => at.slice(0, 10)),
    ),
    ...[queenEvents, programmes].flatMap((table) =>
      db
        .select({ on: table.on })
        .from(table)
        .where(and(eq(table.colonyId, colonyId), isNull(table.deletedAt)))
        .all()
        .map(({ on }) => on),
    ),
  ].sort();
  const [first] = days;
  const last = days.at(-1);
  return first === undefined || last === undefined ? null : { first, last };
}
