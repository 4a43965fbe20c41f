import { index, real, sqliteTable, text } from 'drizzle-orm/sqlite-core';
import { LIMITS } from '../../core/facts/limits';
import { FOOD_KINDS } from '../../core/food/food';
import { colonies } from './colonies';
import { atMost, between, id, oneOf } from './columns';

/** Food given to colonies, and honey taken. */
export const foodEntries = sqliteTable(
  'food_entry',
  {
    id: id(),
    colonyId: text('colony_id')
      .notNull()
      .references(() => colonies.id),
    at: text('at').notNull(),
    kind: text('kind', { enum: FOOD_KINDS }).notNull(),
    /** Kilograms, of frames their number. */
    amount: real('amount').notNull(),
    note: text('note').notNull(),
    deletedAt: text('deleted_at'),
  },
  (t) => [
    oneOf('food_entry_kind', t.kind, FOOD_KINDS),
    between('food_entry_amount', t.amount, 0, LIMITS.foodAmount),
    atMost('food_entry_note_length', t.note, LIMITS.note),
    index('food_entry_by_colony').on(t.colonyId, t.at),
  ],
);
