import { integer, sqliteTable, text } from 'drizzle-orm/sqlite-core';
import { BRINGABLE } from '../../core/spreadsheets/bring-in/fields';
import type { Matching } from '../../core/spreadsheets/bring-in/matching';
import type { BookTable } from '../../core/spreadsheets/bring-in/plan';
import { id, oneOf } from './columns';

/** A row that was written for a spreadsheet: by what it is known as it was written, and what stood there before; null: nothing did. */
export type WrittenRow = readonly [table: BookTable, id: string, print: string, before: object | null];

/** Spreadsheets that were brought in, with what undoes each. They are in no season file. */
export const broughtIn = sqliteTable(
  'brought_in',
  {
    id: id(),
    /** UTC. */
    at: text('at_instant').notNull(),
    kind: text('kind', { enum: BRINGABLE }).notNull(),
    file: text('file').notNull(),
    /** Its headings, and how it was understood: the next file with the same is understood so. */
    heads: text('heads', { mode: 'json' }).$type<readonly string[]>().notNull(),
    matching: text('matching', { mode: 'json' }).$type<Matching>().notNull(),
    /** How many of its rows were entered or put in the place of what stood there. */
    rows: integer('rows').notNull(),
    written: text('written', { mode: 'json' }).$type<readonly WrittenRow[]>().notNull(),
    /** UTC; null: it stands. */
    undoneAt: text('undone_at'),
  },
  (t) => [oneOf('brought_in_kind', t.kind, BRINGABLE)],
);
