import 'server-only';
import { and, eq, ne } from 'drizzle-orm';
import type { Now } from '../../core/calendar/now';
import type { ApiaryFact } from '../../core/facts/apiary';
import { sameValue } from '../../core/facts/same-value';
import { failure, type Result, success } from '../../core/problems/issue';
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
      const message = `There is an apiary called ${apiary.name} already. Give this one another name.`;
      return failure({ path: ['name'], code: 'duplicate-id', message });
    }
    const { mainFlowFrom, mainFlowTo } = apiary;
    if (mainFlowFrom !== null && mainFlowTo !== null && mainFlowTo < mainFlowFrom) {
      const message = 'The main flow cannot end before it begins. Correct one of the two.';
      return failure({ path: ['mainFlowTo'], code: 'contradiction', message });
    }
    const before = tx.select().from(apiaries).where(eq(apiaries.id, apiary.id)).get();
    if (before && !sameValue(before, apiary)) {
      addRevision(tx, { entity: 'apiary', entityId: apiary.id, action: 'corrected', before }, now);
    }
    tx.insert(apiaries).values(apiary).onConflictDoUpdate({ target: apiaries.id, set: apiary }).run();
    return success({ id: apiary.id });
  });
}
