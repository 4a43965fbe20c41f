import { join } from 'node:path';
import { serve } from './lib/serve.mjs';
import { checkNode, ensureBuilt, ensureDemoData, ensureInstalled, ROOT } from './lib/setup.mjs';

/** From a fresh clone to a running demo: install, build, make the data, start. What is done already is not done again. */
const file = join(ROOT, 'data', 'demo.sqlite');
checkNode();
ensureInstalled();
ensureBuilt();
ensureDemoData(file);
await serve({
  env: { UBBET_DEMO: '1', UBBET_DATA: file },
  lines: [`Demo data: ${file} (your own data is another file)`],
});
