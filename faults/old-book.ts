import { cpSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join, resolve } from 'node:path';
import Database from 'better-sqlite3';
import { drizzle } from 'drizzle-orm/better-sqlite3';
import { migrate } from 'drizzle-orm/better-sqlite3/migrator';

const MIGRATIONS = resolve('src/db/migrations');
const JOURNAL = join('meta', '_journal.json');

/** How many migrations there are. */
export const migrationsThere = (): number =>
  (JSON.parse(readFileSync(join(MIGRATIONS, JOURNAL), 'utf8')) as { entries: unknown[] }).entries.length;

/** What a row of any version wants in it; every other column has its default, or nothing. */
const VALUES: Readonly<Record<string, string>> = {
  name: 'Orchard',
  note: '',
  stand: '',
  origin: 'established',
  started_on: '2026-04-01',
  apiary_id: 'a',
};

/** A book as the first so many migrations left it, with an apiary and some colonies in it. */
export function bookOfMigration(file: string, count: number, colonies: number): void {
  const folder = mkdtempSync(join(tmpdir(), 'ubbet-migrations-'));
  cpSync(MIGRATIONS, folder, { recursive: true });
  const journal = JSON.parse(readFileSync(join(folder, JOURNAL), 'utf8')) as { entries: unknown[] };
  writeFileSync(join(folder, JOURNAL), JSON.stringify({ ...journal, entries: journal.entries.slice(0, count) }));
  const sqlite = new Database(file);
  sqlite.pragma('journal_mode = WAL');
  migrate(drizzle(sqlite), { migrationsFolder: folder });
  const insert = (table: string, id: string) => {
    const columns = sqlite.pragma(`table_info(${table})`) as { name: string; notnull: number; dflt_value: unknown }[];
    const asked = columns.filter(({ name, notnull, dflt_value }) => name !== 'id' && notnull && dflt_value === null);
    const names = ['id', ...asked.map(({ name }) => name)];
    const values = [id, ...asked.map(({ name }) => VALUES[name] ?? '')];
    sqlite.prepare(`insert into ${table} (${names}) values (${names.map(() => '?')})`).run(values);
  };
  insert('apiary', 'a');
  for (let n = 0; n < colonies; n++) insert('colony', `c${n}`);
  sqlite.close();
  rmSync(folder, { recursive: true, force: true });
}
