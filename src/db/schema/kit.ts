import { index, integer, sqliteTable, text } from 'drizzle-orm/sqlite-core';
import { LIMITS } from '../../core/facts/limits';
import { THINGS } from '../../core/methods/thing';
import { apiaries } from './colonies';
import { atMost, between, day, id, isDay, oneOf } from './columns';

const KINDS = ['counted', 'carried'] as const;

/** What the keeper said of his kit. A place is `home`, `car`, or an apiary's id. */
export const kitEntries = sqliteTable(
  'kit_entry',
  {
    id: id(),
    kind: text('kind', { enum: KINDS }).notNull(),
    at: text('at').notNull(),
    thing: text('thing', { enum: THINGS }).notNull(),
    count: integer('count').notNull(),
    from: text('from_place'),
    to: text('to_place'),
    /** The apiary that it was packed for. */
    packedFor: text('packed_for').references(() => apiaries.id),
    reason: text('reason').notNull(),
    frozenSince: day('frozen_since'),
    /** When it was taken out of the book, UTC; null while it stands. */
    deletedAt: text('deleted_at'),
  },
  (t) => [
    oneOf('kit_entry_kind', t.kind, KINDS),
    oneOf('kit_entry_thing', t.thing, THINGS),
    between('kit_entry_count', t.count, 0, LIMITS.things),
    atMost('kit_entry_reason_length', t.reason, LIMITS.reason),
    isDay('kit_entry_frozen_since', t.frozenSince),
    index('kit_entry_by_time').on(t.at),
  ],
);
