import { bin, checkNode, ensureBuilt, ensureInstalled, run } from './lib/setup.mjs';

/** Kills and hostile bodies: see faults/run.ts. It takes minutes, and is no part of `npm test`. */
checkNode();
ensureInstalled();
ensureBuilt();
process.exitCode = run(process.execPath, [
  bin('tsx'),
  '--conditions=react-server',
  'faults/run.ts',
  ...process.argv.slice(2),
]);
