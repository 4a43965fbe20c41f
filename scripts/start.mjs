import { join } from 'node:path';
import { serve } from './lib/serve.mjs';
import { bundleThreads, checkNode, ensureBuilt, ensureInstalled, ROOT } from './lib/setup.mjs';

/** Starts Ubbet with the keeper's own data; with --network for phones at home too, with --dev the development server. */
const isDev = process.argv.includes('--dev');
const network = process.argv.includes('--network') ? { UBBET_NETWORK: '1' } : {};
const file = process.env.UBBET_DATA ?? join(ROOT, 'data', 'ubbet.sqlite');
checkNode();
ensureInstalled();
if (isDev) bundleThreads();
else ensureBuilt();
await serve({ env: { UBBET_DATA: file, ...network }, mode: isDev ? 'dev' : 'start', lines: [`Your data: ${file}`] });
