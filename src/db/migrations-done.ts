import 'server-only';
import type Database from 'better-sqlite3';

/** When each change of the tables that a book has been through was made, oldest first; empty: it is new, or no book. */
export function migrationsDone(sqlite: Database.Database): readonly number[] {
  const isThere = sqlite.prepare("select 1 from sqlite_master where name = '__drizzle_migrations'").get() !== undefined;
  if (!isThere) return [];
  const rows = sqlite.prepare('select created_at as at from __drizzle_migrations order by created_at').all();
  return (rows as { at: number | string }[]).map(({ at }) => Number(at));
}
