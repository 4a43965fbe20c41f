import 'server-only';
import type { Now } from '../../core/calendar/now';
import { backupFiles, makeBackup } from '../../db/backups/backup-files';
import type { OpenedDatabase } from '../../db/open';
import { countWrite } from '../book-version';
import { isDemo } from '../demo-mode';

/** The day of which there is a backup already, by the file of the book. */
const doneFor = new Map<string, string>();

/** Counts a write, and makes the day's backup after the first of the day, once that is answered. */
export function noteWrite(opened: OpenedDatabase, now: Now): void {
  countWrite(opened);
  if (isDemo() || opened.file === ':memory:') return;
  // Of the machine's day, whatever the day of the keeper: one in some twenty-four hours.
  const date = now.instant.slice(0, 10);
  if (doneFor.get(opened.file) === date) return;
  doneFor.set(opened.file, date);
  setImmediate(() => {
    try {
      const isDone = backupFiles(opened.file).some(({ isDaily, at }) => isDaily && at.slice(0, 10) === date);
      if (!isDone) makeBackup(opened, 'daily', now);
    } catch (error) {
      // What was entered is stored all the same; it is tried again with the next write.
      doneFor.delete(opened.file);
      process.stderr.write(`No backup could be made: ${error instanceof Error ? error.message : String(error)}\n`);
    }
  });
}
