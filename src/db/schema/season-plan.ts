import { index, integer, sqliteTable, text } from 'drizzle-orm/sqlite-core';
import { ALL_METHOD_NAMES } from '../../core/methods/method';
import { NEW_COLONIES_AT_MOST, WAY_NAMES } from '../../core/season-plan/way';
import { colonies } from './colonies';
import { between, day, id, isDay, oneOf } from './columns';

/** How a colony is to be run over a season. */
export const seasonPlans = sqliteTable(
  'season_plan',
  {
    id: id(),
    colonyId: text('colony_id')
      .notNull()
      .references(() => colonies.id),
    year: integer('year').notNull(),
    way: text('way', { enum: WAY_NAMES }).notNull(),
    plannedOn: day('planned_on').notNull(),
    count: integer('count').notNull(),
    method: text('method', { enum: ALL_METHOD_NAMES }),
    by: day('by_day'),
    /** By the act's key. */
    moved: text('moved', { mode: 'json' }).$type<Record<string, string>>().notNull(),
    dropped: text('dropped', { mode: 'json' }).$type<readonly string[]>().notNull(),
    again: text('again', { mode: 'json' }).$type<Record<string, string>>().notNull(),
    deletedAt: text('deleted_at'),
  },
  (t) => [
    oneOf('season_plan_way', t.way, WAY_NAMES),
    oneOf('season_plan_method', t.method, ALL_METHOD_NAMES),
    between('season_plan_count', t.count, 1, NEW_COLONIES_AT_MOST),
    isDay('season_plan_planned_on', t.plannedOn),
    isDay('season_plan_by', t.by),
    index('season_plan_by_colony').on(t.colonyId, t.year),
  ],
);
