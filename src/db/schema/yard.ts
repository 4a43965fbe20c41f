import { index, integer, real, sqliteTable, text } from 'drizzle-orm/sqlite-core';
import { LIMITS } from '../../core/facts/limits';
import { type StandMoveFact, YARD_MARKS } from '../../core/facts/yard';
import { apiaries } from './colonies';
import { atMost, between, id, oneOf } from './columns';

const apiaryId = () =>
  text('apiary_id')
    .notNull()
    .references(() => apiaries.id);

/** A place for a hive, in metres. */
export const stands = sqliteTable(
  'stand',
  {
    id: id(),
    apiaryId: apiaryId(),
    name: text('name').notNull(),
    x: real('x').notNull(),
    y: real('y').notNull(),
    facing: integer('facing').notNull(),
    deletedAt: text('deleted_at'),
  },
  (t) => [
    atMost('stand_name_length', t.name, LIMITS.place),
    between('stand_facing', t.facing, 0, 359),
    index('stand_by_apiary').on(t.apiaryId),
  ],
);

/** What else is at an apiary. */
export const yardMarks = sqliteTable(
  'yard_mark',
  {
    id: id(),
    apiaryId: apiaryId(),
    kind: text('kind', { enum: YARD_MARKS }).notNull(),
    x1: real('x1').notNull(),
    y1: real('y1').notNull(),
    x2: real('x2').notNull(),
    y2: real('y2').notNull(),
    deletedAt: text('deleted_at'),
  },
  (t) => [oneOf('yard_mark_kind', t.kind, YARD_MARKS), index('yard_mark_by_apiary').on(t.apiaryId)],
);

/** Hives that are moved by less than a metre a day. */
export const standMoves = sqliteTable(
  'stand_move',
  {
    id: id(),
    standId: text('stand_id')
      .notNull()
      .references(() => stands.id),
    ontoId: text('onto_id').references(() => stands.id),
    fromX: real('from_x').notNull(),
    fromY: real('from_y').notNull(),
    toX: real('to_x').notNull(),
    toY: real('to_y').notNull(),
    begunOn: text('begun_on').notNull(),
    steps: text('steps', { mode: 'json' }).$type<StandMoveFact['steps']>().notNull(),
    endedOn: text('ended_on'),
  },
  (t) => [index('stand_move_by_stand').on(t.standId)],
);
