import { accessSync, closeSync, constants, existsSync, openSync, readSync, statSync } from 'node:fs';
import { dirname, resolve } from 'node:path';
import Database from 'better-sqlite3';
import { readMigrationFiles } from 'drizzle-orm/migrator';
import { type BackupFile, backupFiles, backupFolder } from '../db/backups/backup-files';
import { migrationsDone } from '../db/migrations-done';

const MIGRATIONS = resolve('src/db/migrations');
/** Another start of Ubbet may be closing. */
const LOCK_PATIENCE_MS = 3_000;
const SQLITE_HEADER = 'SQLite format 3\0';

/**
 * Why a file cannot be the book, in sentences: what, why, and what to do; null: it can, or it is not there yet. Nothing is changed in
 * it. What only shows when it is opened, {@link openDatabase} says.
 */
export function bookFault(name: string): readonly string[] | null {
  const file = resolve(name);
  if (!existsSync(file)) return folderFault(dirname(file));
  const found = statSync(file);
  if (found.isDirectory()) {
    return [`${file} is a folder, and a book is a file.`, 'Name the file in it: UBBET_DATA=.../ubbet.sqlite'];
  }
  try {
    accessSync(file, constants.R_OK | constants.W_OK);
  } catch {
    return [
      `${file} cannot be read and written by this user.`,
      'Give yourself both rights to it, or start Ubbet as its owner.',
    ];
  }
  if (found.size === 0) return null;
  const head = Buffer.alloc(SQLITE_HEADER.length);
  const handle = openSync(file, 'r');
  readSync(handle, head, 0, head.length, 0);
  closeSync(handle);
  if (head.toString('latin1') !== SQLITE_HEADER) {
    return [`${file} is no book of Ubbet’s: it does not begin like one. Nothing in it was changed.`, wayBack(file)];
  }
  return insideFault(file);
}

/** What only shows when it is opened, to be read and nothing else. */
function insideFault(file: string): readonly string[] | null {
  let sqlite: Database.Database | null = null;
  try {
    sqlite = new Database(file, { readonly: true, fileMustExist: true, timeout: LOCK_PATIENCE_MS });
    const said = sqlite.pragma('quick_check(1)', { simple: true });
    if (said !== 'ok') return [`${file} is damaged: ${said}. Nothing in it was changed.`, wayBack(file)];
    const tables = sqlite.prepare("select name from sqlite_master where type = 'table'").all() as { name: string }[];
    const isBook = tables.length === 0 || tables.some(({ name }) => name === '__drizzle_migrations');
    if (!isBook) {
      return [
        `${file} belongs to another program: it has tables, and none of Ubbet’s. Nothing in it was changed.`,
        'Name the right file with UBBET_DATA=...',
      ];
    }
    const newest = readMigrationFiles({ migrationsFolder: MIGRATIONS }).at(-1)?.folderMillis ?? 0;
    if ((migrationsDone(sqlite).at(-1) ?? 0) > newest) {
      return [
        `${file} was written by a later Ubbet than this one. Nothing in it was changed.`,
        'Bring Ubbet up to date, or bring a backup of before back: npm run bring-back',
      ];
    }
    return null;
  } catch (error) {
    const code = error instanceof Error && 'code' in error ? String(error.code) : '';
    if (/^SQLITE_(BUSY|LOCKED)/.test(code)) {
      return [`${file} is held by another program.`, 'Close that program, and start Ubbet again.'];
    }
    return [
      `${file} is damaged: ${error instanceof Error ? error.message : String(error)}. Nothing in it was changed.`,
      wayBack(file),
    ];
  } finally {
    sqlite?.close();
  }
}

/** The newest whole backup, and how it is brought back; the folder where there is none. */
export function wayBack(file: string): string {
  const newest = newestWhole(file);
  return newest === null
    ? `There is no whole backup in ${backupFolder(file)}. A season file that was exported can be brought into a new book.`
    : `The newest whole backup is of ${newest.at.slice(0, 16).replace('T', ' ')} UTC. To bring it back: npm run bring-back`;
}

/** The newest backup that opens and is whole; null: there is none. */
export function newestWhole(file: string): BackupFile | null {
  return backupFiles(file).find(({ path }) => isWhole(path)) ?? null;
}

function isWhole(path: string): boolean {
  try {
    const sqlite = new Database(path, { readonly: true, fileMustExist: true });
    try {
      return sqlite.pragma('integrity_check', { simple: true }) === 'ok' && migrationsDone(sqlite).length > 0;
    } finally {
      sqlite.close();
    }
  } catch {
    return false;
  }
}

function folderFault(folder: string): readonly string[] | null {
  let there = folder;
  while (!existsSync(there)) there = dirname(there);
  try {
    if (!statSync(there).isDirectory()) throw new Error('no folder');
    accessSync(there, constants.W_OK | constants.X_OK);
    return null;
  } catch {
    return [
      `${there} is no folder that this user may write in, and the book is to be there.`,
      'Choose another with UBBET_DATA=...',
    ];
  }
}
