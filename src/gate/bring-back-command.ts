import { copyFileSync, existsSync, renameSync, rmSync } from 'node:fs';
import { resolve } from 'node:path';
import { backupFiles } from '../db/backups/backup-files';
import { holdBook } from '../db/book-lock';
import { newestWhole } from './book-fault';
import { complain, say } from './say';

/** `npm run bring-back [-- NAME]`: puts a backup in the place of a book that does not open. The damaged file is kept beside it. */
const book = resolve(process.env.UBBET_DATA ?? 'data/ubbet.sqlite');
const name = process.argv[2] ?? null;
const backup = name === null ? newestWhole(book) : (backupFiles(book).find((one) => one.name === name) ?? null);
if (!holdBook(book)) {
  complain(
    'This book is open in an Ubbet that is running. Stop that first, or bring the backup back from its page Data.',
  );
  process.exitCode = 1;
} else if (!backup) {
  complain(name === null ? 'There is no whole backup.' : `There is no backup called ${name}. There are:`);
  for (const { name: other } of backupFiles(book)) complain(`  ${other}`);
  process.exitCode = 1;
} else {
  const aside = `${book}.set-aside-${new Date().toISOString().replaceAll(/[:.]/g, '-')}`;
  if (existsSync(book)) renameSync(book, aside);
  // What the damaged file had not yet taken over belongs to it.
  for (const suffix of ['-wal', '-shm']) if (existsSync(book + suffix)) renameSync(book + suffix, aside + suffix);
  copyFileSync(backup.path, `${book}.half`);
  renameSync(`${book}.half`, book);
  rmSync(`${book}.half`, { force: true });
  say(`Brought back: ${backup.name}. The file of before is kept as ${aside}.`);
}
