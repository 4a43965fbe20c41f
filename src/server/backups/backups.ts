import 'server-only';
import { accessSync, constants, existsSync, mkdirSync, statSync } from 'node:fs';
import { isAbsolute } from 'node:path';
import Database from 'better-sqlite3';
import { sql } from 'drizzle-orm';
import { z } from 'zod';
import type { Now } from '../../core/calendar/now';
import { failure, type Result, success } from '../../core/problems/issue';
import { say } from '../../core/problems/says';
import type { Said } from '../../core/says/said';
import {
  type BackupFile,
  backupFiles,
  backupFolder,
  chooseFolder,
  makeBackup,
  missingFolder,
  usualFolder,
} from '../../db/backups/backup-files';
import type { Book } from '../../db/open';
import { books } from '../../db/schema/tables';
import type { BackupLine, BackupLook } from '../../views/backup-view';
import { replaceAll } from '../season/replace-season';
import { readAllFacts } from '../season/season-facts';
import { factsInBackup, lookInside } from './look-inside';

/** A folder for backups as the keeper names it; null: the usual one. */
export const folderForm = z.strictObject({ folder: z.string().trim().max(500).nullable() });
export const backupForm = z.strictObject({ name: z.string().max(200) });

const UNKNOWN = failure({
  path: ['name'],
  code: 'not-found',
  message: say('no-such-backup'),
});

const find = (file: string, name: string): BackupFile | undefined =>
  backupFiles(file).find((backup) => backup.name === name);

export interface Backups {
  readonly folder: string;
  readonly isUsual: boolean;
  /** The folder that was chosen and is not there now; null: it is, or none was chosen. */
  readonly missing: string | null;
  readonly list: readonly BackupLine[];
}

/** All backups, newest first. */
export function listBackups({ file }: Book): Backups {
  const folder = backupFolder(file);
  return {
    folder,
    isUsual: folder === usualFolder(file),
    missing: missingFolder(file),
    list: backupFiles(file).map(({ name, at, reason, bytes, path }) => ({
      name,
      at,
      reason,
      bytes,
      counts: countIn(path),
    })),
  };
}

function countIn(path: string): BackupLine['counts'] {
  try {
    const copy = new Database(path, { readonly: true, fileMustExist: true });
    try {
      const count = (table: string) => (copy.prepare(`select count(*) as n from ${table}`).get() as { n: number }).n;
      return { colonies: count('colony'), inspections: count('inspection') };
    } finally {
      copy.close();
    }
  } catch {
    return null;
  }
}

/** What is in one, and what differs from now. */
export function lookInBackup(opened: Book, name: string): Result<BackupLook> {
  const backup = find(opened.file, name);
  if (!backup) return UNKNOWN;
  const facts = factsIn(backup);
  return facts.ok ? success(lookInside(facts.value.facts, readAllFacts(opened.db))) : facts;
}

function factsIn({ path }: BackupFile): Result<ReturnType<typeof factsInBackup>> {
  try {
    return success(factsInBackup(path));
  } catch {
    const message = say('backup-does-not-open');
    return failure({ path: ['name'], code: 'invalid', message });
  }
}

/** Puts what is in a backup in the place of what is in the book, after a backup of that: it is undone in the same way. */
export function bringBack(opened: Book, name: string, now: Now): Result<{ backup: string }> {
  const backup = find(opened.file, name);
  if (!backup) return UNKNOWN;
  const read = factsIn(backup);
  if (!read.ok) return read;
  const replaced = replaceAll(opened, read.value.facts, 'before-restore', now);
  // An older state: devices notice it by the number of its writes.
  if (replaced.ok) {
    opened.db
      .update(books)
      .set({ writes: sql`min(${books.writes}, ${read.value.writes})` })
      .run();
  }
  return replaced;
}

export const backUpByHand = (opened: Book, now: Now): Result<{ backup: string }> =>
  success({ backup: makeBackup(opened, 'by-hand', now) });

/** Takes another folder for the backups that are made from now on: a stick, or one that is carried elsewhere by itself. */
export function takeFolder({ file }: Book, folder: string | null): Result<{ folder: string }> {
  if (folder === null || folder === '') {
    chooseFolder(file, null);
    return success({ folder: usualFolder(file) });
  }
  const issue = (message: Said) => failure({ path: ['folder'], code: 'invalid', message });
  if (!isAbsolute(folder)) return issue(say('path-not-whole'));
  try {
    if (!existsSync(folder)) mkdirSync(folder, { mode: 0o700 });
    if (!statSync(folder).isDirectory()) return issue(say('folder-is-a-file'));
    accessSync(folder, constants.R_OK | constants.W_OK);
    chooseFolder(file, folder);
  } catch {
    return issue(say('folder-not-writable'));
  }
  return success({ folder });
}
