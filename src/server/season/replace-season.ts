import 'server-only';
import { rmSync } from 'node:fs';
import type { Now } from '../../core/calendar/now';
import { readSeasonFile, type SeasonFacts } from '../../core/formats/season-file';
import { type Issue, type Result, success } from '../../core/problems/issue';
import type { OpenedDatabase } from '../../db/open';
import type { SeasonPreview } from '../../views/season-preview';
import { countFacts, insertAllFacts, readAllFacts, removeAllFacts } from './season-facts';

/** What a file holds and what it would replace. Changes nothing. */
export function previewSeason({ db }: OpenedDatabase, text: string): Result<SeasonPreview> {
  const file = readSeasonFile(text);
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
export async function importSeason(
  opened: OpenedDatabase,
  text: string,
  now: Now,
): Promise<Result<{ backup: string }>> {
  const file = readSeasonFile(text);
  if (!file.ok) return file;
  return replaceAll(opened, file.value, now);
}

/** Takes every fact out, after a backup. */
export async function wipeSeason(opened: OpenedDatabase, now: Now): Promise<Result<{ backup: string }>> {
  return replaceAll(opened, null, now);
}

async function replaceAll(
  { db, sqlite, file }: OpenedDatabase,
  facts: SeasonFacts | null,
  now: Now,
): Promise<Result<{ backup: string }>> {
  const backup = `${file.replace(/\.sqlite$/, '')}.backup-${now.instant.replaceAll(/[:.]/g, '-')}.sqlite`;
  await sqlite.backup(backup);
  try {
    db.transaction((tx) => {
      sqlite.pragma('defer_foreign_keys = ON');
      removeAllFacts(tx);
      if (facts) insertAllFacts(tx, facts);
    });
  } catch (error) {
    rmSync(backup, { force: true });
    const issue = refusedByDatabase(error);
    if (!issue) throw error;
    return { ok: false, issues: [issue] };
  }
  return success({ backup });
}

/** A row that every single check let pass and a rule between rows did not, such as a cell's letter used twice. */
function refusedByDatabase(error: unknown): Issue | null {
  const code = error instanceof Error && 'code' in error ? String(error.code) : '';
  if (!code.startsWith('SQLITE_CONSTRAINT')) return null;
  const message = `Two things in the file contradict each other (${(error as Error).message}). Nothing was changed. Export the file again, whole.`;
  return { path: ['facts'], code: 'contradiction', message };
}
