import 'server-only';
import { chmodSync, existsSync, mkdirSync, readdirSync, readFileSync, renameSync, rmSync, statSync } from 'node:fs';
import { basename, dirname, join } from 'node:path';
import Database from 'better-sqlite3';
import { z } from 'zod';
import { type BackupOnDay, keptBackups } from '../../core/backups/thinning';
import { type Day, day } from '../../core/calendar/day';
import type { Now } from '../../core/calendar/now';
import { writePrivately } from '../../files/private-file';
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

/** The folder that the keeper chose for this machine; null: the usual one, beside the book. */
export function chosenFolder(book: string): string | null {
  const file = choiceFileOf(book);
  if (!existsSync(file)) return null;
  const read = choice.safeParse(JSON.parse(readFileSync(file, 'utf8')));
  return read.success ? read.data.folder : null;
}

export const chooseFolder = (book: string, folder: string | null): void =>
  writePrivately(choiceFileOf(book), `${JSON.stringify({ folder })}\n`);

export const usualFolder = (book: string): string => join(dirname(book), 'backups');
export const backupFolder = (book: string): string => chosenFolder(book) ?? usualFolder(book);

/** The book's backups, newest first: what else lies in the folder is left alone. */
export function backupFiles(book: string, folder = backupFolder(book)): readonly BackupFile[] {
  if (!existsSync(folder)) return [];
  const found = readdirSync(folder).flatMap((name): BackupFile[] => {
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
  return found.sort((a, b) => (a.at < b.at ? 1 : -1));
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
  const [whole, half] = [join(folder, name), join(folder, `${name}.half`)];
  rmSync(half, { force: true });
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
