import { index, integer, sqliteTable, text } from 'drizzle-orm/sqlite-core';
import { LIMITS } from '../../core/facts/limits';
import { ROUND_WISHES, type RoundFact } from '../../core/facts/round';
import type { SeenPlan } from '../../core/rounds/what-moved';
import { apiaries, colonies } from './colonies';
import { atMost, day, id, isDay, oneOf } from './columns';

/** A trip to one apiary that was made. Its hives are asked for with it alone. */
export const rounds = sqliteTable(
  'round',
  {
    id: id(),
    apiaryId: text('apiary_id')
      .notNull()
      .references(() => apiaries.id),
    beganAt: text('began_at').notNull(),
    endedAt: text('ended_at'),
    hives: text('hives', { mode: 'json' }).$type<RoundFact['hives']>().notNull(),
    hadHelp: integer('had_help', { mode: 'boolean' }).notNull(),
    note: text('note').notNull(),
    /** When it was taken out of the book, UTC; null while it stands. */
    deletedAt: text('deleted_at'),
  },
  (t) => [atMost('round_note_length', t.note, LIMITS.note), index('round_by_apiary').on(t.apiaryId, t.beganAt)],
);

/** What the keeper wants of the plan. */
export const roundWishes = sqliteTable(
  'round_wish',
  {
    id: id(),
    kind: text('kind', { enum: ROUND_WISHES }).notNull(),
    on: day('on_day'),
    apiaryId: text('apiary_id').references(() => apiaries.id),
    colonyId: text('colony_id').references(() => colonies.id),
    key: text('check_key'),
  },
  (t) => [
    oneOf('round_wish_kind', t.kind, ROUND_WISHES),
    isDay('round_wish_on', t.on),
    atMost('round_wish_key_length', t.key, LIMITS.key),
  ],
);

/** The plan as the keeper last saw it: one row. It is reckoned, and in no season file. */
export const seenPlans = sqliteTable('seen_plan', {
  id: id(),
  plan: text('plan', { mode: 'json' }).$type<SeenPlan>().notNull(),
});
