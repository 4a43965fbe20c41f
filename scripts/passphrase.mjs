import { join } from 'node:path';
import { checkNode, ensureBuilt, ensureInstalled, ROOT, run } from './lib/setup.mjs';

/** Sets a new passphrase for the book, here on the machine that Ubbet runs on. */
checkNode();
ensureInstalled();
ensureBuilt();
const file = process.env.UBBET_DATA ?? join(ROOT, 'data', 'ubbet.sqlite');
process.exitCode = run(process.execPath, [join('.next', 'gate', 'passphrase-command.mjs')], {
  env: { ...process.env, UBBET_DATA: file },
});
