import 'server-only';
import { createHash } from 'node:crypto';
import { eq, inArray } from 'drizzle-orm';
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
const ROWS_AT_ONCE = 500;
const PRINT_LENGTH = 16;

const tableOf = (name: BookTable) => TABLES[name] as SQLiteTable & { readonly id: SQLiteColumn };
const isOf = (name: BookTable, id: string) => eq(tableOf(name).id, id);
const atATime = <T>(items: readonly T[]): readonly (readonly T[])[] =>
  Array.from({ length: Math.ceil(items.length / ROWS_AT_ONCE) }, (_, i) =>
    items.slice(i * ROWS_AT_ONCE, (i + 1) * ROWS_AT_ONCE),
  );

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
    for (const rows of atATime(added))
      db.insert(tableOf(name))
        .values([...rows] as never)
        .run();
  }
  const stored = new Stored(
    db,
    changes.map(({ table, row }) => [table, row.id]),
  );
  return changes.map(({ table, row, before }) => [table, row.id, printOf(stored.row(table, row.id) ?? row), before]);
}

/** Rows as they stand in the book. */
class Stored {
  readonly #rows = new Map<string, object>();

  constructor(db: Db, named: readonly (readonly [table: BookTable, id: string, ...unknown[]])[]) {
    for (const name of BOOK_TABLES) {
      const ids = named.filter(([table]) => table === name).map(([, id]) => id);
      for (const some of atATime(ids))
        for (const row of db
          .select()
          .from(tableOf(name))
          .where(inArray(tableOf(name).id, some))
          .all())
          this.#rows.set(`${name} ${(row as { readonly id: string }).id}`, row);
    }
  }

  row(name: BookTable, id: string): object | undefined {
    return this.#rows.get(`${name} ${id}`);
  }
}

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
export function standAsWritten(db: Db, written: readonly WrittenRow[]): boolean {
  const stored = new Stored(db, written);
  return written.every(([name, id, print]) => {
    const row = stored.row(name, id);
    return row !== undefined && printOf(row) === print;
  });
}

/** Takes out what was entered, and puts back what stood there. Call it inside a transaction as above. */
export function undoWritten(db: Db, written: readonly WrittenRow[], now: Now): void {
  const stored = new Stored(db, written);
  const back = written.flatMap(([table, id, , before]) => {
    const row = before === null ? undefined : stored.row(table, id);
    return row ? [{ table, row: before, before: row } as unknown as Change] : [];
  });
  keepHistory(db, back, now);
  for (const name of [...BOOK_TABLES].reverse()) {
    const own = written.filter(([table]) => table === name);
    const added = own.filter(([, , , before]) => before === null).map(([, id]) => id);
    for (const ids of atATime(added))
      db.delete(tableOf(name))
        .where(inArray(tableOf(name).id, ids))
        .run();
    for (const [, id, , before] of own)
      if (before !== null) db.update(tableOf(name)).set(before).where(isOf(name, id)).run();
  }
}
