import { spawnSync } from 'node:child_process';
import { ensureEngines } from './lib/chromium.mjs';
import { bin, checkNode, ensureBuilt, ensureInstalled, run } from './lib/setup.mjs';

/**
 * What takes too long for every run: each property tried five times as often, bounds of time, the whole way in other engines, and
 * spreadsheets through LibreOffice where that is installed.
 */
checkNode();
ensureInstalled();
ensureBuilt();
ensureEngines();
const hasOffice = !spawnSync('soffice', ['--version']).error;
if (!hasOffice) console.log('Spreadsheets are not taken through LibreOffice, which is not installed.');
const env = { ...process.env, UBBET_LONG: '1' };
const codes = [
  run(bin('vitest'), ['run'], { env }),
  run(process.execPath, [bin('tsx'), '--conditions=react-server', 'engines/run.ts'], { env }),
  hasOffice ? run('npm', ['run', '--silent', 'test:office'], { env }) : 0,
];
process.exitCode = codes.some((code) => code !== 0) ? 1 : 0;
