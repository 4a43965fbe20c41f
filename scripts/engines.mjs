import { ensureEngines } from './lib/chromium.mjs';
import { bin, checkNode, ensureBuilt, ensureInstalled, run } from './lib/setup.mjs';

/** The way to the hive and the main pages in other browser engines than Chromium's: see engines/run.ts. */
checkNode();
ensureInstalled();
ensureBuilt();
ensureEngines();
process.exitCode = run(process.execPath, [bin('tsx'), '--conditions=react-server', 'engines/run.ts'], {
  env: { ...process.env, UBBET_LONG: '1' },
});
