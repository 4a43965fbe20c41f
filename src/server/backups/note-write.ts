import 'server-only';
import type { Now } from '../../core/calendar/now';
import { backupFiles, makeBackup } from '../../db/backups/backup-files';
import { keptKind } from '../../db/kept';
import type { Book } from '../../db/open';
import { countWrite } from '../book-version';
import { isDemo } from '../demo-mode';

/** The day of which there is a backup already. */
const DONE_FOR = keptKind<string>('day-backed-up');

/** Counts a write, and makes the day's backup after the first of the day, once that is answered. */
export function noteWrite(opened: Book, now: Now): void {
  countWrite(opened);
  if (isDemo() || opened.file === ':memory:') return;
  // Of the machine's day, whatever the day of the keeper: one in some twenty-four hours.
  const date = now.instant.slice(0, 10);
  if (opened.kept.last(DONE_FOR, '')?.value === date) return;
  opened.kept.put(DONE_FOR, '', [], date);
  setImmediate(() => {
    try {
      const isDone = backupFiles(opened.file).some(({ isDaily, at }) => isDaily && at.slice(0, 10) === date);
      if (!isDone) makeBackup(opened, 'daily', now);
    } catch (error) {
      // What was entered is stored all the same; it is tried again with the next write.
      opened.kept.drop(DONE_FOR, '');
      process.stderr.write(`No backup could be made: ${error instanceof Error ? error.message : String(error)}\n`);
    }
  });
}
