import 'server-only';
import { chmodSync, existsSync, mkdirSync, readdirSync, readFileSync, renameSync, rmSync, statSync } from 'node:fs';
import { basename, dirname, join } from 'node:path';
import Database from 'better-sqlite3';
import { z } from 'zod';
import { type BackupOnDay, keptBackups } from '../../core/backups/thinning';
import { type Day, day } from '../../core/calendar/day';
import type { Now } from '../../core/calendar/now';
import { HALF, sweepHalves, writePrivately } from '../../files/private-file';
import type { Book } from '../open';

/** Why a backup was made: of itself once a day, by hand, or before something was replaced. */
export const BACKUP_REASONS = [
  'daily',
  'by-hand',
  'before-import',
  'before-wipe',
  'before-measured-wipe',
  'before-restore',
  'before-upgrade',
] as const;
export type BackupReason = (typeof BACKUP_REASONS)[number];

/** A backup as its name tells it. */
export interface BackupFile extends BackupOnDay {
  readonly reason: BackupReason;
  readonly path: string;
  readonly bytes: number;
}

const bookName = (file: string): string => basename(file).replace(/\.sqlite$/, '');
const NAME = new RegExp(
  `^(.+)\\.(\\d{4}-\\d{2}-\\d{2})T(\\d{2})-(\\d{2})-(\\d{2})-(\\d{3})Z\\.(${BACKUP_REASONS.join('|')})\\.sqlite$`,
);

const choice = z.object({ folder: z.string().nullable() });
const choiceFileOf = (book: string): string => `${book.replace(/\.sqlite$/, '')}.backups.json`;

/** The folder that the keeper chose for this machine; null: the usual one, beside the book. A damaged choice is put aside, and said. */
export function chosenFolder(book: string): string | null {
  const file = choiceFileOf(book);
  if (!existsSync(file)) return null;
  try {
    return choice.parse(JSON.parse(readFileSync(file, 'utf8'))).folder;
  } catch {
    renameSync(file, `${file}.damaged`);
    process.stderr.write(`${file} was damaged: backups go to the usual folder until another is chosen under Data.\n`);
    return null;
  }
}

/** Lies in a folder that was chosen: where a stick was pulled out, the place that it had is not taken for it. */
const MARK = '.ubbet-backups';
const markIn = (folder: string): string => join(folder, MARK);

/** From now on backups go there. @throws where no file can be written there and read again */
export function chooseFolder(book: string, folder: string | null): void {
  if (folder !== null) {
    writePrivately(markIn(folder), `${bookName(book)}\n`);
    readFileSync(markIn(folder));
  }
  writePrivately(choiceFileOf(book), `${JSON.stringify({ folder })}\n`);
}

export const usualFolder = (book: string): string => join(dirname(book), 'backups');

/** The chosen folder where it is not there now, as a stick that was pulled out; null: it is, or none was chosen. */
export function missingFolder(book: string): string | null {
  const folder = chosenFolder(book);
  if (folder === null || existsSync(markIn(folder)) || filesIn(folder, book).length > 0) return null;
  return folder;
}

/** Where backups are written now: the chosen folder while it is there, else the usual one. */
export const backupFolder = (book: string): string =>
  missingFolder(book) === null ? (chosenFolder(book) ?? usualFolder(book)) : usualFolder(book);

/** The book's backups, newest first, of the folder that was chosen and of the usual one: what else lies there is left alone. */
export function backupFiles(book: string): readonly BackupFile[] {
  const folders = new Set([backupFolder(book), usualFolder(book)]);
  return [...folders].flatMap((folder) => filesIn(folder, book)).sort((a, b) => (a.at < b.at ? 1 : -1));
}

function filesIn(folder: string, book: string): readonly BackupFile[] {
  if (!existsSync(folder)) return [];
  return readdirSync(folder).flatMap((name): BackupFile[] => {
    const match = NAME.exec(name);
    if (!match || match[1] !== bookName(book)) return [];
    const [, , on, hour, minute, second, millisecond, reason] = match as unknown as string[];
    const path = join(folder, name);
    return [
      {
        name,
        path,
        on: day(on as string),
        at: `${on}T${hour}:${minute}:${second}.${millisecond}Z`,
        isDaily: reason === 'daily',
        reason: reason as BackupReason,
        bytes: statSync(path).size,
      },
    ];
  });
}

/**
 * Writes a backup under a name of its own until it is whole: opened and checked, then renamed. Only its owner may read it.
 *
 * @throws where the disk is full, or what was written does not open
 */
export function makeBackup(
  { sqlite, file }: Pick<Book, 'sqlite' | 'file'>,
  reason: BackupReason,
  { instant }: Pick<Now, 'instant'>,
): string {
  const folder = backupFolder(file);
  mkdirSync(folder, { recursive: true, mode: 0o700 });
  const name = `${bookName(file)}.${instant.replaceAll(/[:.]/g, '-')}.${reason}.sqlite`;
  const [whole, half] = [join(folder, name), join(folder, `${name}${HALF}`)];
  // Only one Ubbet writes for a book: what is half written was cut off.
  sweepHalves(folder, `${bookName(file)}.`);
  try {
    sqlite.prepare('vacuum into ?').run(half);
    chmodSync(half, 0o600);
    checkWhole(half);
    renameSync(half, whole);
  } catch (error) {
    rmSync(half, { force: true });
    throw error;
  }
  thinOut(file, day(instant.slice(0, 10)));
  return name;
}

/** Opens what was written and has SQLite check it. */
function checkWhole(path: string): void {
  const copy = new Database(path, { readonly: true, fileMustExist: true });
  try {
    const said = copy.pragma('integrity_check', { simple: true });
    if (said !== 'ok') throw new Error(`A backup did not come out whole: ${said}`);
  } finally {
    copy.close();
  }
}

function thinOut(book: string, today: Day): void {
  const all = backupFiles(book);
  const kept = keptBackups(all, today);
  for (const { name, path } of all) if (!kept.has(name)) rmSync(path, { force: true });
}
