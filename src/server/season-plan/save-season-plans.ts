import 'server-only';
import { and, eq, isNull, ne } from 'drizzle-orm';
import type { Now } from '../../core/calendar/now';
import { sameValue } from '../../core/facts/same-value';
import type { SeasonPlanFact, SeasonPlansSaid } from '../../core/facts/season-plan';
import { failure, type Issue, type Result, success } from '../../core/problems/issue';
import { say } from '../../core/problems/says';
import { keysOf } from '../../core/season-plan/intentions';
import { methodsToChoose, wayNamed } from '../../core/season-plan/ways/ways';
import type { Db } from '../../db/open';
import { addRevision } from '../../db/repositories/revisions';
import { colonies, seasonPlans } from '../../db/schema/tables';

/** Stores how colonies are to be run over a season, all of it or nothing. A colony has one plan for a season: the last one said. */
export function saveSeasonPlans(db: Db, { plans, gone }: SeasonPlansSaid, now: Now): Result<null> {
  return db.transaction((tx) => {
    for (const [i, plan] of plans.entries()) {
      const issue = faultOf(tx, plan);
      if (issue) return failure({ ...issue, path: ['plans', i, ...issue.path] });
    }
    for (const plan of plans) put(tx, plan, now);
    for (const id of gone) takeOut(tx, id, now);
    return success(null);
  });
}

function faultOf(db: Db, { colonyId, way, method, moved, dropped, again, count }: SeasonPlanFact): Issue | null {
  const colony = db
    .select()
    .from(colonies)
    .where(and(eq(colonies.id, colonyId), isNull(colonies.deletedAt)))
    .get();
  if (!colony) return { path: ['colonyId'], code: 'unknown-reference', message: say('no-such-colony') };
  if (method !== null && !methodsToChoose(wayNamed(way)).includes(method))
    return { path: ['method'], code: 'contradiction', message: say('not-a-method-of-this-way') };
  const keys = new Set(keysOf(way, count));
  const strange = [...Object.keys(moved), ...dropped, ...Object.keys(again)].find((key) => !keys.has(key));
  return strange === undefined
    ? null
    : { path: ['moved', strange], code: 'contradiction', message: say('not-an-act-of-this-way') };
}

function put(db: Db, plan: SeasonPlanFact, now: Now): void {
  const before = db.select().from(seasonPlans).where(eq(seasonPlans.id, plan.id)).get();
  const row = { ...plan, deletedAt: null };
  if (before && !sameValue(before, row))
    addRevision(db, { entity: 'season-plan', entityId: plan.id, action: 'corrected', before }, now);
  db.insert(seasonPlans).values(row).onConflictDoUpdate({ target: seasonPlans.id, set: row }).run();
  const others = db
    .select({ id: seasonPlans.id })
    .from(seasonPlans)
    .where(
      and(
        eq(seasonPlans.colonyId, plan.colonyId),
        eq(seasonPlans.year, plan.year),
        ne(seasonPlans.id, plan.id),
        isNull(seasonPlans.deletedAt),
      ),
    )
    .all();
  for (const { id } of others) takeOut(db, id, now);
}

function takeOut(db: Db, id: string, now: Now): void {
  const before = db.select().from(seasonPlans).where(eq(seasonPlans.id, id)).get();
  if (!before || before.deletedAt !== null) return;
  addRevision(db, { entity: 'season-plan', entityId: id, action: 'deleted', before }, now);
  db.update(seasonPlans).set({ deletedAt: now.instant }).where(eq(seasonPlans.id, id)).run();
}
