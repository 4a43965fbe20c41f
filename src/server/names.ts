import 'server-only';
import { asc, isNull } from 'drizzle-orm';
import type { Db } from '../db/open';
import { apiaries, colonies } from '../db/schema/tables';
import type { ApiaryEntry, NamedColony } from '../views/yard';

/** All apiaries and colonies by name, for choosing one. */
export function loadNames(db: Db): { apiaries: readonly ApiaryEntry[]; colonies: readonly NamedColony[] } {
  return {
    apiaries: db.select().from(apiaries).orderBy(asc(apiaries.name)).all(),
    colonies: db
      .select({ id: colonies.id, name: colonies.name })
      .from(colonies)
      .where(isNull(colonies.deletedAt))
      .orderBy(asc(colonies.name))
      .all(),
  };
}
