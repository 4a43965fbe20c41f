import 'server-only';
import { createHash } from 'node:crypto';
import { eq, type SQL } from 'drizzle-orm';
import type { SQLiteColumn, SQLiteTable } from 'drizzle-orm/sqlite-core';
import type { Now } from '../../core/calendar/now';
import { comparable } from '../../core/facts/comparable-entry';
import { canonical } from '../../core/facts/same-value';
import { BOOK_TABLES, type BookTable, type Change } from '../../core/spreadsheets/bring-in/plan';
import type { Db } from '../../db/open';
import { findEntry } from '../../db/repositories/inspection-entry';
import { addRevision } from '../../db/repositories/revisions';
import type { WrittenRow } from '../../db/schema/brought-in';
import { TABLES } from '../season/season-facts';

/** SQLite takes at most 32,766 values in one statement. */
const ROWS_PER_INSERT = 500;
const PRINT_LENGTH = 16;

const tableOf = (name: BookTable) => TABLES[name] as SQLiteTable & { readonly id: SQLiteColumn };
const isOf = (name: BookTable, id: string): SQL => eq(tableOf(name).id, id);

/** A row by what it says, whether it was taken out of the book since or not. */
function printOf(row: object): string {
  const { deletedAt: _, ...said } = row as { readonly deletedAt?: unknown };
  return createHash('sha256').update(canonical(said)).digest('hex').slice(0, PRINT_LENGTH);
}

/**
 * Writes what a spreadsheet changes. What stood there goes to the history of its entry. Call it inside a transaction in which references
 * are looked at when it ends.
 *
 * @returns each row that was written, by which it is undone
 */
export function writeChanges(db: Db, changes: readonly Change[], now: Now): readonly WrittenRow[] {
  keepHistory(db, changes, now);
  for (const name of BOOK_TABLES) {
    const own = changes.filter(({ table }) => table === name);
    for (const { row } of own.filter(({ before }) => before !== null))
      db.update(tableOf(name)).set(row).where(isOf(name, row.id)).run();
    const added = own.filter(({ before }) => before === null).map(({ row }) => row);
    for (let start = 0; start < added.length; start += ROWS_PER_INSERT)
      db.insert(tableOf(name))
        .values(added.slice(start, start + ROWS_PER_INSERT) as never)
        .run();
  }
  return changes.map(({ table, row, before }) => [table, row.id, printOf(stored(db, table, row.id) ?? row), before]);
}

const stored = (db: Db, name: BookTable, id: string): object | undefined =>
  db.select().from(tableOf(name)).where(isOf(name, id)).get() as object | undefined;

/** What the entries said that are changed. */
function keepHistory(db: Db, changes: readonly Change[], now: Now): void {
  const corrected = changes.filter(({ before }) => before !== null);
  const looks = new Set(
    corrected.flatMap(({ table, row }) =>
      table === 'inspections' ? [row.id] : 'inspectionId' in row ? [row.inspectionId] : [],
    ),
  );
  for (const id of looks) {
    const before = findEntry(db, id);
    if (before)
      addRevision(
        db,
        { entity: 'inspection', entityId: id, action: 'corrected', before: comparable(before.entry) },
        now,
      );
  }
  for (const { table, row, before } of corrected) {
    const entity = ENTITIES[table];
    if (entity) addRevision(db, { entity, entityId: row.id, action: 'corrected', before }, now);
  }
}
const ENTITIES = { colonies: 'colony', queens: 'queen', queenEvents: 'queen-event' } as const satisfies {
  readonly [T in BookTable]?: string;
} as { readonly [T in BookTable]?: 'colony' | 'queen' | 'queen-event' };

/** Whether every row stands as it was written, taken out of the book since or not. */
export const standAsWritten = (db: Db, written: readonly WrittenRow[]): boolean =>
  written.every(([name, id, print]) => {
    const row = stored(db, name, id);
    return row !== undefined && printOf(row) === print;
  });

/** Takes out what was entered, and puts back what stood there. Call it inside a transaction as above. */
export function undoWritten(db: Db, written: readonly WrittenRow[], now: Now): void {
  const back = written.flatMap(([table, id, , before]) => {
    const row = before === null ? undefined : stored(db, table, id);
    return row ? [{ table, row: before, before: row } as unknown as Change] : [];
  });
  keepHistory(db, back, now);
  for (const name of [...BOOK_TABLES].reverse())
    for (const [, id, , before] of written.filter(([table]) => table === name)) {
      if (before === null) db.delete(tableOf(name)).where(isOf(name, id)).run();
      else db.update(tableOf(name)).set(before).where(isOf(name, id)).run();
    }
}
