import { v7 as newId } from 'uuid';
import type { SeasonPlanFact } from '../../core/facts/season-plan';

/**
 * A plan for a colony that had none, or another way for one that had: days that were set for the old way's acts mean nothing any more.
 *
 * @param plannedOn today, `YYYY-MM-DD`
 */
export const withWay = (
  plan: SeasonPlanFact | null,
  { colonyId, year, way, plannedOn }: Pick<SeasonPlanFact, 'colonyId' | 'year' | 'way' | 'plannedOn'>,
): SeasonPlanFact => ({
  id: plan?.id ?? newId(),
  colonyId,
  year,
  way,
  plannedOn,
  count: 1,
  method: null,
  by: null,
  moved: {},
  dropped: [],
  again: {},
});

const without = (entries: Readonly<Record<string, string>>, key: string): Record<string, string> =>
  Object.fromEntries(Object.entries(entries).filter(([other]) => other !== key));

/** An act put on another day; null: back on the best of its window. */
export const withMoved = (plan: SeasonPlanFact, key: string, to: string | null): SeasonPlanFact => ({
  ...plan,
  moved: to === null ? without(plan.moved, key) : { ...plan.moved, [key]: to },
});

export const withDropped = (plan: SeasonPlanFact, key: string): SeasonPlanFact => ({
  ...plan,
  dropped: [...plan.dropped.filter((other) => other !== key), key],
});

/** Meant all the same: neither what the keeper said nor what was found up to today stands against it. @param today `YYYY-MM-DD` */
export const withAgain = (plan: SeasonPlanFact, key: string, today: string): SeasonPlanFact => ({
  ...plan,
  dropped: plan.dropped.filter((other) => other !== key),
  again: { ...plan.again, [key]: today },
});
