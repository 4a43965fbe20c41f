import type { SeasonPlanFact } from '../../core/facts/season-plan';
import { keysOf } from '../../core/season-plan/intentions';

/** Another number of colonies: what was said of nucs that are no more is gone. */
export function withCount(plan: SeasonPlanFact, count: number): SeasonPlanFact {
  const keys = new Set(keysOf(plan.way, count));
  const kept = (entries: Readonly<Record<string, string>>) =>
    Object.fromEntries(Object.entries(entries).filter(([key]) => keys.has(key)));
  return {
    ...plan,
    count,
    moved: kept(plan.moved),
    again: kept(plan.again),
    dropped: plan.dropped.filter((key) => keys.has(key)),
  };
}
