import 'server-only';
import { isNotNull, isNull } from 'drizzle-orm';
import { byName } from '../core/by-name';
import type { Db } from '../db/open';
import { apiaries, colonies } from '../db/schema/tables';
import type { ApiaryEntry, NamedColony } from '../views/all-apiaries';

/** All apiaries and colonies by name, for choosing one. */
export function loadNames(db: Db): { apiaries: readonly ApiaryEntry[]; colonies: readonly NamedColony[] } {
  return {
    apiaries: db.select().from(apiaries).all().sort(byName),
    colonies: db
      .select({ id: colonies.id, name: colonies.name })
      .from(colonies)
      .where(isNull(colonies.deletedAt))
      .all()
      .sort(byName),
  };
}

/** Colonies that were taken out of the book and can be put back, by name. */
export function takenOutColonies(db: Db): readonly NamedColony[] {
  const named = { id: colonies.id, name: colonies.name };
  return db.select(named).from(colonies).where(isNotNull(colonies.deletedAt)).all().sort(byName);
}
