import 'server-only';
import { and, asc, eq } from 'drizzle-orm';
import { z } from 'zod';
import type { Db } from '../db/open';
import { apiaries, revisions } from '../db/schema/tables';
import type { ColonyEntry } from '../views/yard';

/** What a colony was called, or where it stood, until a day. */
export interface FormerName {
  readonly id: string;
  readonly name: string;
  readonly apiary: string;
  readonly stand: string;
  /** The day on which that was changed, `YYYY-MM-DD`. */
  readonly until: string;
}

const before = z.object({ name: z.string(), apiaryId: z.string(), stand: z.string() });

/** The names and places that a colony has had, in order of time: each as it was until it was changed. */
export function formerOf(
  db: Db,
  colony: Pick<ColonyEntry, 'id' | 'name' | 'apiaryId' | 'stand'>,
): readonly FormerName[] {
  const places = new Map(
    db
      .select()
      .from(apiaries)
      .all()
      .map(({ id, name }) => [id, name]),
  );
  const rows = db
    .select()
    .from(revisions)
    .where(and(eq(revisions.entity, 'colony'), eq(revisions.entityId, colony.id)))
    .orderBy(asc(revisions.revisedAt), asc(revisions.id))
    .all();
  const known = rows.flatMap((row) => {
    const was = before.safeParse(row.before);
    return was.success ? [{ ...was.data, id: row.id, until: row.revisedAt.slice(0, 10) }] : [];
  });
  return known.flatMap((was, i): FormerName[] => {
    const then = known[i + 1] ?? colony;
    if (was.name === then.name && was.apiaryId === then.apiaryId && was.stand === then.stand) return [];
    const { id, name, apiaryId, stand, until } = was;
    return [{ id, name, apiary: places.get(apiaryId) ?? '', stand, until }];
  });
}

/** All names that colonies had before, each with the colony that had it. */
export function formerNames(db: Db): readonly { readonly id: string; readonly name: string }[] {
  const rows = db.select().from(revisions).where(eq(revisions.entity, 'colony')).all();
  const found = new Map<string, { id: string; name: string }>();
  for (const { entityId, before: was } of rows) {
    const parsed = before.safeParse(was);
    if (parsed.success) found.set(`${entityId} ${parsed.data.name}`, { id: entityId, name: parsed.data.name });
  }
  return [...found.values()];
}
