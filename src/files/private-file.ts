import { chmodSync, mkdirSync, renameSync, writeFileSync } from 'node:fs';
import { dirname } from 'node:path';

/** Readable and writable by its owner alone. */
export const OWNER_ONLY = 0o600;

/** Writes a file that only its owner may read: whole or not at all, under a name of its own until it is. */
export function writePrivately(file: string, content: string): void {
  mkdirSync(dirname(file), { recursive: true, mode: 0o700 });
  const half = `${file}.${process.pid}.half`;
  writeFileSync(half, content, { mode: OWNER_ONLY });
  chmodSync(half, OWNER_ONLY);
  renameSync(half, file);
}
