import 'server-only';
import { desc, eq, isNull } from 'drizzle-orm';
import type { RoundFact, RoundWish } from '../../core/facts/round';
import type { SeenPlan } from '../../core/rounds/what-moved';
import type { Db } from '../open';
import { rounds, roundWishes, seenPlans } from '../schema/tables';

/** Rounds that were made, the last first. */
export const roundsMade = (db: Db): readonly RoundFact[] =>
  db
    .select()
    .from(rounds)
    .where(isNull(rounds.deletedAt))
    .orderBy(desc(rounds.beganAt), desc(rounds.id))
    .all()
    .map(({ deletedAt: _, ...round }) => round);

/** What the keeper wants of the plan. */
export const loadRoundWishes = (db: Db): readonly RoundWish[] =>
  db.select().from(roundWishes).orderBy(roundWishes.id).all() as readonly RoundWish[];

const ONLY = 'seen';

/** The plan as the keeper last saw it; null: none was seen. */
export const loadSeenPlan = (db: Db): SeenPlan | null =>
  db.select().from(seenPlans).where(eq(seenPlans.id, ONLY)).get()?.plan ?? null;

export function saveSeenPlan(db: Db, plan: SeenPlan): void {
  db.insert(seenPlans).values({ id: ONLY, plan }).onConflictDoUpdate({ target: seenPlans.id, set: { plan } }).run();
}
