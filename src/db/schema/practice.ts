import { index, integer, real, sqliteTable, text } from 'drizzle-orm/sqlite-core';
import { EXERCISES } from '../../core/practice/exercise';
import { GRADES } from '../../core/practice/review';
import { atMost, between, id, oneOf } from './columns';

const SKILL_AT_MOST = 60;

/** Exercises that were answered, where the keeper has them kept in the book. */
export const practised = sqliteTable(
  'practised',
  {
    id: id(),
    /** UTC instant. */
    at: text('at').notNull(),
    kind: text('kind', { enum: EXERCISES }).notNull(),
    skill: text('skill').notNull(),
    level: integer('level').$type<1 | 2 | 3>().notNull(),
    seed: integer('seed').notNull(),
    isRight: integer('is_right', { mode: 'boolean' }).notNull(),
    daysOff: real('days_off'),
    grade: text('grade', { enum: GRADES }).notNull(),
  },
  (t) => [
    oneOf('practised_kind', t.kind, EXERCISES),
    oneOf('practised_grade', t.grade, GRADES),
    between('practised_level', t.level, 1, 3),
    atMost('practised_skill_length', t.skill, SKILL_AT_MOST),
    index('practised_by_time').on(t.at),
  ],
);
