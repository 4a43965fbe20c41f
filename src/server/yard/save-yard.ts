import 'server-only';
import { and, eq, inArray, isNull, ne } from 'drizzle-orm';
import type { Now } from '../../core/calendar/now';
import type { YardSaid } from '../../core/facts/yard';
import { failure, type Issue, type Result, success } from '../../core/problems/issue';
import { say } from '../../core/problems/says';
import type { Db } from '../../db/open';
import { apiaries, colonies, stands, yardMarks } from '../../db/schema/tables';
import { endMovesOf } from './end-moves';

/**
 * Stores stands and marks as they are now, all of them or none. A stand that is given another name keeps its colony; one that is taken away
 * leaves it with the name of where it stood.
 */
export function saveYard(db: Db, { stands: told, marks, gone }: YardSaid, now: Now): Result<null> {
  return db.transaction((tx) => {
    const issues = issuesOf(tx, told, marks);
    if (issues.length > 0) return failure(...issues);
    for (const stand of told) {
      const before = tx.select().from(stands).where(eq(stands.id, stand.id)).get();
      if (before && before.name !== stand.name)
        tx.update(colonies)
          .set({ stand: stand.name })
          .where(and(eq(colonies.apiaryId, stand.apiaryId), eq(colonies.stand, before.name), isNull(colonies.endedOn)))
          .run();
      if (before && (before.x !== stand.x || before.y !== stand.y)) endMovesOf(tx, stand.id, now);
      const row = { ...stand, deletedAt: null };
      tx.insert(stands).values(row).onConflictDoUpdate({ target: stands.id, set: row }).run();
    }
    for (const mark of marks) {
      const row = { ...mark, deletedAt: null };
      tx.insert(yardMarks).values(row).onConflictDoUpdate({ target: yardMarks.id, set: row }).run();
    }
    for (const id of gone) endMovesOf(tx, id, now);
    for (const table of [stands, yardMarks])
      tx.update(table)
        .set({ deletedAt: now.instant })
        .where(and(inArray(table.id, gone), isNull(table.deletedAt)))
        .run();
    return success(null);
  });
}

function issuesOf(db: Db, told: YardSaid['stands'], marks: YardSaid['marks']): readonly Issue[] {
  const known = new Set(
    db
      .select({ id: apiaries.id })
      .from(apiaries)
      .all()
      .map(({ id }) => id),
  );
  const strange = (table: 'stands' | 'marks', list: readonly { readonly apiaryId: string }[]): Issue[] =>
    list.flatMap(({ apiaryId }, i) =>
      known.has(apiaryId)
        ? []
        : [{ path: [table, i, 'apiaryId'], code: 'unknown-reference', message: say('no-such-apiary') } as const],
    );
  const twice = told.flatMap(({ id, apiaryId, name }, i): Issue[] => {
    const there = db
      .select({ id: stands.id })
      .from(stands)
      .where(and(eq(stands.apiaryId, apiaryId), eq(stands.name, name), ne(stands.id, id), isNull(stands.deletedAt)))
      .all();
    const isTold = told.some((other, k) => k < i && other.apiaryId === apiaryId && other.name === name);
    const isThere = there.some((other) => !told.some((one) => one.id === other.id));
    return isTold || isThere
      ? [{ path: ['stands', i, 'name'], code: 'duplicate-id', message: say('stand-name-taken', { name }) }]
      : [];
  });
  return [...strange('stands', told), ...strange('marks', marks), ...twice];
}
