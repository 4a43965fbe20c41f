import 'server-only';
import { createHash, randomUUID } from 'node:crypto';
import { mkdirSync } from 'node:fs';
import { dirname, resolve } from 'node:path';
import Database from 'better-sqlite3';
import { type BetterSQLite3Database, drizzle } from 'drizzle-orm/better-sqlite3';
import { migrate } from 'drizzle-orm/better-sqlite3/migrator';
import { readMigrationFiles } from 'drizzle-orm/migrator';
import { makeBackup } from './backups/backup-files';
import { watchColonies } from './changed-colonies';
import { type FilePlace, isStillInPlace, placeOf, removeOwnLog } from './file-place';
import { Kept } from './kept';
import { migrationsDone } from './migrations-done';
import * as tables from './schema/tables';

export type Db = BetterSQLite3Database<typeof tables>;

/** A book that is open: its rows, and what was reckoned of them. */
export interface Book {
  readonly db: Db;
  readonly sqlite: Database.Database;
  readonly file: string;
  readonly kept: Kept;
}

const MIGRATIONS = resolve(/*turbopackIgnore: true*/ process.cwd(), 'src/db/migrations');

/**
 * Opens the data file, makes it when it is not there, and brings its tables up to date. An entry that was acknowledged survives
 * the process being killed or the power failing: write-ahead log with full synchronisation.
 */
export function openDatabase(file: string): Book {
  mkdirSync(dirname(file), { recursive: true });
  return opened(new Database(file), file);
}

/** Opens a book that is in memory alone, as `sqlite.serialize()` wrote it. */
export const openImage = (image: Buffer): Book => opened(new Database(image), ':memory:');

function opened(sqlite: Database.Database, file: string): Book {
  sqlite.pragma('journal_mode = WAL');
  sqlite.pragma('synchronous = FULL');
  sqlite.pragma('busy_timeout = 5000');
  const db = drizzle(sqlite, { schema: tables });
  // A table that others refer to can only be made anew while nobody checks; afterwards everything is checked at once.
  sqlite.pragma('foreign_keys = OFF');
  if (isBehind(sqlite)) {
    makeBackup({ sqlite, file }, 'before-upgrade', { instant: new Date().toISOString() });
  }
  migrate(db, { migrationsFolder: MIGRATIONS });
  const broken = sqlite.pragma('foreign_key_check') as readonly unknown[];
  if (broken.length > 0) throw new Error(`${broken.length} rows of ${file} refer to something that is not there`);
  sqlite.pragma('foreign_keys = ON');
  identify(db, file);
  watchColonies(sqlite);
  return { db, sqlite, file, kept: new Kept() };
}

/** A book with something in it whose tables are of an earlier Ubbet. */
function isBehind(sqlite: Database.Database): boolean {
  const done = migrationsDone(sqlite);
  return done.length > 0 && done.length < readMigrationFiles({ migrationsFolder: MIGRATIONS }).length;
}

/**
 * Gives a book its identity when it is opened for the first time; it keeps it wherever its file is moved. One of before has the name
 * that devices know it by, which was made of its path.
 */
function identify(db: Db, file: string): void {
  if (db.select().from(tables.books).get()) return;
  const isNew = db.select().from(tables.apiaries).get() === undefined;
  const byPath = createHash('sha256').update(file).digest('hex').slice(0, 12);
  db.insert(tables.books)
    .values({ id: isNew ? randomUUID() : byPath, madeAt: new Date().toISOString(), writes: 0 })
    .run();
}

const DEFAULT_FILE = 'data/ubbet.sqlite';

export function dataFile(): string {
  return resolve(/*turbopackIgnore: true*/ process.cwd(), process.env.UBBET_DATA || DEFAULT_FILE);
}

/** A book with the file that it was opened as. */
export interface OpenedAs {
  readonly book: Book;
  readonly place: FilePlace;
}

declare global {
  var ubbetOpened: OpenedAs | undefined;
}

/**
 * The one open book of this process, kept on the global object so that a rebuilt module finds it again. Where another file was put in
 * its place meanwhile (by hand, by a folder that is kept alike elsewhere), that one is opened: what is written to a file that is gone
 * would be lost.
 */
export function database(): Book {
  const last = globalThis.ubbetOpened;
  if (last && isStillInPlace(last.place)) return last.book;
  if (last) leave(last);
  const book = openDatabase(dataFile());
  globalThis.ubbetOpened = { book, place: placeOf(book.file) };
  return book;
}

/** Closes a book whose file is another by now, without letting its log be taken for the new one's. */
function leave({ book, place }: OpenedAs): void {
  globalThis.ubbetOpened = undefined;
  book.sqlite.close();
  removeOwnLog(place);
}
