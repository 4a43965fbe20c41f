import 'server-only';
import { asc, eq } from 'drizzle-orm';
import type { Db } from '../db/open';
import { colonies } from '../db/schema/tables';
import type { ColonyEntry, NamedColony } from '../views/yard';

/** The colonies beside this one in its apiary by name, its parent, and the colonies that came of it. */
export function neighboursOf(
  db: Db,
  { id, apiaryId, parentColonyId }: ColonyEntry,
): {
  previous: NamedColony | null;
  next: NamedColony | null;
  parent: NamedColony | null;
  children: readonly NamedColony[];
} {
  const named = { id: colonies.id, name: colonies.name };
  const beside = db
    .select({ ...named, endedOn: colonies.endedOn })
    .from(colonies)
    .where(eq(colonies.apiaryId, apiaryId))
    .orderBy(asc(colonies.name))
    .all()
    .filter((colony) => colony.endedOn === null || colony.id === id);
  const place = beside.findIndex((colony) => colony.id === id);
  const children = db
    .select(named)
    .from(colonies)
    .where(eq(colonies.parentColonyId, id))
    .orderBy(asc(colonies.name))
    .all();
  const parent =
    parentColonyId === null
      ? null
      : (db.select(named).from(colonies).where(eq(colonies.id, parentColonyId)).get() ?? null);
  return { previous: beside[place - 1] ?? null, next: beside[place + 1] ?? null, parent, children };
}
