import 'server-only';
import { asc, eq } from 'drizzle-orm';
import type { Db } from '../db/open';
import { apiaries, formerPlaces } from '../db/schema/tables';

/** What a colony was called, or where it stood, until a day. */
export interface FormerName {
  readonly id: string;
  readonly name: string;
  readonly apiary: string;
  readonly stand: string;
  /** The day on which it was moved or renamed, `YYYY-MM-DD`. */
  readonly until: string;
}

/** The names and places that a colony has had, in order of time. */
export function formerOf(db: Db, colonyId: string): readonly FormerName[] {
  return db
    .select({
      id: formerPlaces.id,
      name: formerPlaces.name,
      apiary: apiaries.name,
      stand: formerPlaces.stand,
      until: formerPlaces.until,
    })
    .from(formerPlaces)
    .innerJoin(apiaries, eq(apiaries.id, formerPlaces.apiaryId))
    .where(eq(formerPlaces.colonyId, colonyId))
    .orderBy(asc(formerPlaces.until), asc(formerPlaces.id))
    .all();
}

/** All names that colonies had before, each with the colony that had it. */
export function formerNames(db: Db): readonly { readonly id: string; readonly name: string }[] {
  return db.selectDistinct({ id: formerPlaces.colonyId, name: formerPlaces.name }).from(formerPlaces).all();
}
