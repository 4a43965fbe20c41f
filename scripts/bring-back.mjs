import { join } from 'node:path';
import { checkNode, ensureBuilt, ensureInstalled, ROOT, run } from './lib/setup.mjs';

/** Puts the newest whole backup, or the one that is named, in the place of a book that does not open. */
checkNode();
ensureInstalled();
ensureBuilt();
const file = process.env.UBBET_DATA ?? join(ROOT, 'data', 'ubbet.sqlite');
process.exitCode = run(process.execPath, [join('.next', 'gate', 'bring-back-command.mjs'), ...process.argv.slice(2)], {
  env: { ...process.env, UBBET_DATA: file },
});
