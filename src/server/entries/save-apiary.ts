import 'server-only';
import { and, eq, ne } from 'drizzle-orm';
import type { Now } from '../../core/calendar/now';
import type { ApiaryFact } from '../../core/facts/apiary';
import { sameValue } from '../../core/facts/same-value';
import { failure, type Result, success } from '../../core/problems/issue';
import { say } from '../../core/problems/says';
import { yearFaults } from '../../core/year/year-faults';
import type { Db } from '../../db/open';
import { addRevision } from '../../db/repositories/revisions';
import { apiaries } from '../../db/schema/tables';

/** Adds an apiary, or changes the one that has its id. */
export function saveApiary(db: Db, apiary: ApiaryFact, now: Now): Result<{ id: string }> {
  return db.transaction((tx) => {
    const namesake = tx
      .select()
      .from(apiaries)
      .where(and(eq(apiaries.name, apiary.name), ne(apiaries.id, apiary.id)))
      .get();
    if (namesake) {
      const message = say('apiary-name-taken', { name: apiary.name });
      return failure({ path: ['name'], code: 'duplicate-id', message });
    }
    const { mainFlowFrom, mainFlowTo } = apiary;
    if (mainFlowFrom !== null && mainFlowTo !== null && mainFlowTo < mainFlowFrom) {
      const message = say('flow-ends-before-it-begins');
      return failure({ path: ['mainFlowTo'], code: 'contradiction', message });
    }
    const [fault] = apiary.year ? yearFaults(apiary.year) : [];
    if (fault) return failure(fault);
    const before = tx.select().from(apiaries).where(eq(apiaries.id, apiary.id)).get();
    if (before && !sameValue(before, apiary)) {
      addRevision(tx, { entity: 'apiary', entityId: apiary.id, action: 'corrected', before }, now);
    }
    tx.insert(apiaries).values(apiary).onConflictDoUpdate({ target: apiaries.id, set: apiary }).run();
    return success({ id: apiary.id });
  });
}
