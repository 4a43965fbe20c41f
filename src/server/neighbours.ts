import 'server-only';
import { and, eq, isNull } from 'drizzle-orm';
import { byName } from '../core/by-name';
import type { Db } from '../db/open';
import { type ColonyRow, standingColony } from '../db/repositories/standing-colony';
import { colonies } from '../db/schema/tables';
import type { ColonyEntry, NamedColony } from '../views/all-apiaries';

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
    .where(and(eq(colonies.apiaryId, apiaryId), isNull(colonies.deletedAt)))
    .all()
    .sort(byName)
    .filter((colony) => colony.endedOn === null || colony.id === id);
  const place = beside.findIndex((colony) => colony.id === id);
  const children = db
    .select(named)
    .from(colonies)
    .where(and(eq(colonies.parentColonyId, id), isNull(colonies.deletedAt)))
    .all()
    .sort(byName);
  const parent = parentColonyId === null ? null : nameOf(standingColony(db, parentColonyId));
  return { previous: beside[place - 1] ?? null, next: beside[place + 1] ?? null, parent, children };
}

const nameOf = (row: ColonyRow | undefined): NamedColony | null => (row ? { id: row.id, name: row.name } : null);
