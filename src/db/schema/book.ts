import { index, integer, primaryKey, sqliteTable, text } from 'drizzle-orm/sqlite-core';
import { REVISED, REVISION_ACTIONS } from '../../core/facts/revised';
import { SETTING_KEYS } from '../../core/facts/setting';
import { id, oneOf } from './columns';

/** The address under which the calendar can be read. It is a secret of this book and in no season file. */
export const calendarFeeds = sqliteTable('calendar_feed', {
  id: id(),
  token: text('token').notNull().unique(),
  madeAt: text('made_at').notNull(),
});

/** The book itself, whatever its file is called and wherever it lies: one row. It is in no season file. */
export const books = sqliteTable('book', {
  id: id(),
  madeAt: text('made_at').notNull(),
  /** How often it was written, so that a device notices when an older state of it is brought back. */
  writes: integer('writes').notNull(),
});

/** What devices have sent, by what it said: what is sent again is known by it. It is in no season file. */
export const receipts = sqliteTable(
  'receipt',
  {
    entityId: text('entity_id').notNull(),
    version: text('version').notNull(),
    /** UTC. */
    receivedAt: text('received_at').notNull(),
  },
  (t) => [primaryKey({ columns: [t.entityId, t.version] })],
);

export const settings = sqliteTable(
  'setting',
  { key: text('key', { enum: SETTING_KEYS }).primaryKey(), value: text('value', { mode: 'json' }).notNull() },
  (t) => [oneOf('setting_key', t.key, SETTING_KEYS)],
);

/** What an entry said before it was corrected or deleted. Only ever added to. */
export const revisions = sqliteTable(
  'revision',
  {
    id: id(),
    entity: text('entity', { enum: REVISED }).notNull(),
    entityId: text('entity_id').notNull(),
    /** UTC. */
    revisedAt: text('revised_at').notNull(),
    action: text('action', { enum: REVISION_ACTIONS }).notNull(),
    before: text('before', { mode: 'json' }).notNull(),
  },
  (t) => [
    oneOf('revision_entity', t.entity, REVISED),
    oneOf('revision_action', t.action, REVISION_ACTIONS),
    index('revision_by_entity').on(t.entityId, t.revisedAt),
  ],
);
