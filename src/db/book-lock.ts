import 'server-only';
import { mkdirSync, realpathSync } from 'node:fs';
import { basename, dirname, join } from 'node:path';
import Database from 'better-sqlite3';

/** What holds a book for a process. It ends with the process, however that ends: a crash leaves nothing that would have to be cleared. */
export interface BookLock {
  release(): void;
}

const LOCK = '.lock';
const HELD = /^SQLITE_(BUSY|LOCKED)/;

/**
 * Holds a book for this process alone, by the system's own lock on a file beside it; null: another process holds it. Two that wrote to one
 * book would each go on from what they know of it, and what one of them acknowledged could be lost.
 *
 * Where no lock can be made, as on a file system that knows none, nothing is held and both are let in; where the folder cannot be written
 * in at all, opening the book says so.
 */
export function holdBook(file: string): BookLock | null {
  let beside: Database.Database | null = null;
  const release = () => void beside?.close();
  try {
    mkdirSync(dirname(file), { recursive: true });
    // By whichever way its folder is reached.
    beside = new Database(join(realpathSync(dirname(file)), basename(file) + LOCK), { timeout: 0 });
    beside.exec('BEGIN EXCLUSIVE');
    return { release };
  } catch (error) {
    release();
    const code = error instanceof Error && 'code' in error ? String(error.code) : '';
    return HELD.test(code) ? null : { release: () => {} };
  }
}
