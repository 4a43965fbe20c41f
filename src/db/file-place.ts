import 'server-only';
import { rmSync, statSync } from 'node:fs';

/** Which files on the disk a book was opened as: its own and its log's. A path alone does not tell, since another may be put there. */
export interface FilePlace {
  readonly file: string;
  readonly itself: string | null;
  readonly log: string | null;
}

const LOG = '-wal';
const SHARED = '-shm';

export const placeOf = (file: string): FilePlace => ({ file, itself: identityOf(file), log: identityOf(file + LOG) });

/** A file that is nowhere is no other one: that is said where the book is read or written. */
export function isStillInPlace({ file, itself }: FilePlace): boolean {
  const now = identityOf(file);
  return now === null || now === itself;
}

/** Removes the log of a book whose file is another by now: the other would take it for its own. One that came with the other stays. */
export function removeOwnLog({ file, log }: FilePlace): void {
  if (log === null || identityOf(file + LOG) !== log) return;
  for (const suffix of [LOG, SHARED]) rmSync(file + suffix, { force: true });
}

function identityOf(file: string): string | null {
  const found = statSync(file, { bigint: true, throwIfNoEntry: false });
  return found ? `${found.dev} ${found.ino}` : null;
}
