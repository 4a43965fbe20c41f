import { sql } from 'drizzle-orm';
import { type AnySQLiteColumn, check, text } from 'drizzle-orm/sqlite-core';

/** Client-made identifier. */
export const id = () => text('id').primaryKey();

/** A calendar day, kept as `YYYY-MM-DD`. */
export const day = (name: string) => text(name);

const quoted = (values: readonly string[]) => sql.raw(values.map((value) => `'${value}'`).join(', '));

/** The database itself refuses anything else: drizzle's `enum` alone is not checked there. */
export function oneOf(name: string, column: AnySQLiteColumn, values: readonly string[]) {
  return check(name, sql`${column} in (${quoted(values)})`);
}

/** Has the shape of a day. */
export function isDay(name: string, column: AnySQLiteColumn) {
  return check(name, sql`${column} glob '[12][0-9][0-9][0-9]-[01][0-9]-[0-3][0-9]'`);
}

/** Not longer than `limit` characters. */
export function atMost(name: string, column: AnySQLiteColumn, limit: number) {
  return check(name, sql`length(${column}) <= ${sql.raw(String(limit))}`);
}

/** Between `min` and `max`, both inclusive, or null. */
export function between(name: string, column: AnySQLiteColumn, min: number, max: number) {
  return check(name, sql`${column} between ${sql.raw(String(min))} and ${sql.raw(String(max))}`);
}
