import { index, sqliteTable, text } from 'drizzle-orm/sqlite-core';
import { SETTING_KEYS } from '../../core/facts/setting';
import { id, oneOf } from './columns';

/** The address under which the calendar can be read. It is a secret of this book and in no season file. */
export const calendarFeeds = sqliteTable('calendar_feed', {
  id: id(),
  token: text('token').notNull().unique(),
  madeAt: text('made_at').notNull(),
});

export const settings = sqliteTable(
  'setting',
  { key: text('key', { enum: SETTING_KEYS }).primaryKey(), value: text('value', { mode: 'json' }).notNull() },
  (t) => [oneOf('setting_key', t.key, SETTING_KEYS)],
);

export const REVISION_ACTIONS = ['corrected', 'deleted', 'restored'] as const;
export const REVISED = [
  'apiary',
  'colony',
  'queen',
  'queen-event',
  'inspection',
  'programme',
  'check-answer',
  'survey',
] as const;

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
