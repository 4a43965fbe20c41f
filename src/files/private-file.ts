import { chmodSync, mkdirSync, readdirSync, renameSync, rmSync, writeFileSync } from 'node:fs';
import { dirname, join } from 'node:path';

/** Readable and writable by its owner alone. */
export const OWNER_ONLY = 0o600;

/** Writes a file that only its owner may read: whole or not at all, under a name of its own until it is. */
export function writePrivately(file: string, content: string): void {
  mkdirSync(dirname(file), { recursive: true, mode: 0o700 });
  const half = `${file}.${process.pid}${HALF}`;
  writeFileSync(half, content, { mode: OWNER_ONLY });
  chmodSync(half, OWNER_ONLY);
  renameSync(half, file);
}

/** What is not whole yet has this at the end of its name. */
export const HALF = '.half';

/** Removes what was left half written in a folder by a run that was cut off: files whose names begin so. What cannot be removed stays. */
export function sweepHalves(folder: string, beginning: string): void {
  try {
    for (const name of readdirSync(folder))
      if (name.startsWith(beginning) && name.endsWith(HALF)) rmSync(join(folder, name), { force: true });
  } catch {
    // It takes up room and nothing else.
  }
}
