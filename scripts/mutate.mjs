import { execFileSync } from 'node:child_process';
import { statSync } from 'node:fs';
import { join } from 'node:path';
import { bin, checkNode, ensureInstalled, ROOT, run } from './lib/setup.mjs';

/** Runs the mutation tests of a folder, a file, or of what has changed since the last commit (or `--since REV`). */
checkNode();
ensureInstalled();
const args = process.argv.slice(2);
const since = args.includes('--since') ? args[args.indexOf('--since') + 1] : 'HEAD';
const named = args.filter((arg) => !arg.startsWith('--') && arg !== since);

/** TypeScript of the core that is no test and sets none up. */
const isRule = (file) =>
  file.startsWith('src/core/') && file.endsWith('.ts') && !/\.test\.ts$|(^|\/)testing\.ts$/.test(file);
const changed = () =>
  execFileSync('git', ['diff', '--name-only', '--diff-filter=AM', since], { cwd: ROOT, encoding: 'utf8' })
    .split('\n')
    .filter(isRule);
const patterns =
  named.length > 0
    ? named.map((path) => (statSync(join(ROOT, path)).isDirectory() ? `${path.replace(/\/$/, '')}/*.ts` : path))
    : changed();
if (patterns.length === 0) {
  console.log('Nothing of the core has changed. Name a folder: npm run mutate -- src/core/cells');
  process.exit(0);
}
const mutate = [...patterns, '!src/**/*.test.ts', '!src/**/testing.ts'].join(',');
process.exitCode = run(bin('stryker'), ['run', '--mutate', mutate]);
