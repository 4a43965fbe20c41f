import 'server-only';
import { and, asc, eq, isNull } from 'drizzle-orm';
import type { FoodRow } from '../../core/facts/food';
import type { Db } from '../open';
import { foodEntries } from '../schema/tables';

/** What colonies were fed and what honey was taken, in order of time: of all of them, or of one. */
export const loadFood = (db: Db, colonyId?: string): readonly FoodRow[] =>
  db
    .select()
    .from(foodEntries)
    .where(and(isNull(foodEntries.deletedAt), colonyId === undefined ? undefined : eq(foodEntries.colonyId, colonyId)))
    .orderBy(asc(foodEntries.at), asc(foodEntries.id))
    .all()
    .map(({ deletedAt: _, ...entry }) => entry);
