import 'server-only';
import { and, eq, isNull } from 'drizzle-orm';
import { day } from '../../core/calendar/day';
import type { SeasonPlan } from '../../core/season-plan/plan';
import type { Db } from '../open';
import { seasonPlans } from '../schema/tables';

type Row = typeof seasonPlans.$inferSelect;

const dated = (entries: Readonly<Record<string, string>>) =>
  new Map(Object.entries(entries).map(([key, on]) => [key, day(on)]));

const planOf = ({ deletedAt: _, by, plannedOn, moved, dropped, again, ...plan }: Row): SeasonPlan => ({
  ...plan,
  plannedOn: day(plannedOn),
  by: by === null ? null : day(by),
  moved: dated(moved),
  dropped: new Set(dropped),
  again: dated(again),
});

/** How colonies are to be run in the season that begins in a year, by the colony. */
export const loadSeasonPlans = (db: Db, year: number): ReadonlyMap<string, SeasonPlan> =>
  new Map(
    db
      .select()
      .from(seasonPlans)
      .where(and(eq(seasonPlans.year, year), isNull(seasonPlans.deletedAt)))
      .orderBy(seasonPlans.id)
      .all()
      .map((row) => [row.colonyId, planOf(row)]),
  );
