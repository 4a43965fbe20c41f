import 'server-only';
import { rmSync } from 'node:fs';
import { join } from 'node:path';
import type { Now } from '../../core/calendar/now';
import type { SeasonFacts } from '../../core/formats/season-file';
import { type Issue, type Result, success } from '../../core/problems/issue';
import { say } from '../../core/problems/says';
import { type BackupReason, backupFolder, makeBackup } from '../../db/backups/backup-files';
import type { Book } from '../../db/open';
import { broughtIn } from '../../db/schema/tables';
import type { SeasonPreview } from '../../views/season-preview';
import { readApart } from '../apart/read-apart';
import { countWrite } from '../book-version';
import { countFacts, insertAllFacts, readAllFacts, removeAllFacts } from './season-facts';

/** What a file holds and what it would replace. Changes nothing. */
export async function previewSeason({ db }: Book, text: string): Promise<Result<SeasonPreview>> {
  const file = await readApart('season', text, null);
  if (!file.ok) return file;
  const days = file.value.inspections.map(({ at }) => at.slice(0, 10)).sort();
  return success({
    incoming: countFacts(file.value),
    present: countFacts(readAllFacts(db)),
    colonyNames: file.value.colonies.map(({ name }) => name),
    firstDay: days[0] ?? null,
    lastDay: days.at(-1) ?? null,
  });
}

/** Puts the file's facts in the place of all that is there: all or nothing, after a backup. Names the backup. */
export async function importSeason(opened: Book, text: string, now: Now): Promise<Result<{ backup: string }>> {
  const file = await readApart('season', text, null);
  if (!file.ok) return file;
  return replaceAll(opened, file.value, 'before-import', now);
}

/** Takes every fact out, after a backup. */
export function wipeSeason(opened: Book, now: Now): Result<{ backup: string }> {
  return replaceAll(opened, null, 'before-wipe', now);
}

/**
 * Puts facts in the place of all that is there, or takes all out: whole or not at all, after a backup.
 *
 * @returns the name of that backup, by which it is undone
 */
export function replaceAll(
  opened: Book,
  facts: SeasonFacts | null,
  reason: BackupReason,
  now: Now,
): Result<{ backup: string }> {
  const { db, sqlite } = opened;
  const backup = makeBackup(opened, reason, now);
  try {
    db.transaction((tx) => {
      sqlite.pragma('defer_foreign_keys = ON');
      removeAllFacts(tx);
      // Nothing of what was brought in before is there to be undone.
      tx.delete(broughtIn).run();
      if (facts) insertAllFacts(tx, facts);
    });
  } catch (error) {
    // Nothing was replaced.
    rmSync(join(backupFolder(opened.file), backup), { force: true });
    const issue = refusedByDatabase(error);
    if (!issue) throw error;
    return { ok: false, issues: [issue] };
  }
  countWrite(opened);
  return success({ backup });
}

/** A row that every single check let pass and a rule between rows did not, such as a cell's letter used twice. */
function refusedByDatabase(error: unknown): Issue | null {
  const code = error instanceof Error && 'code' in error ? String(error.code) : '';
  if (!code.startsWith('SQLITE_CONSTRAINT')) return null;
  const message = say('file-contradicts-itself', { technical: (error as Error).message });
  return { path: ['facts'], code: 'contradiction', message };
}
