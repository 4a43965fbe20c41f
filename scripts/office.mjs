import { spawnSync } from 'node:child_process';
import { bin, checkNode, ensureInstalled, run } from './lib/setup.mjs';

/** Spreadsheets through a spreadsheet program and back: needs LibreOffice Calc (on Debian, `apt-get install libreoffice-calc-nogui`). */
checkNode();
ensureInstalled();
if (spawnSync('soffice', ['--version']).error) {
  process.stderr.write('This needs LibreOffice Calc. On Debian: apt-get install libreoffice-calc-nogui\n');
  process.exitCode = 1;
} else {
  process.exitCode = run(process.execPath, [bin('vitest'), 'run'], { env: { ...process.env, UBBET_OFFICE: '1' } });
}
