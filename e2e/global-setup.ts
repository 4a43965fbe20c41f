import { execFileSync } from 'node:child_process';
import { existsSync, mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { template } from './server';

/** Makes the books that tests begin with, once, in a folder of this run: another run beside it has its own. */
export default function globalSetup() {
  if (!existsSync('.next/BUILD_ID')) throw new Error('Build first: npm run build');
  const folder = mkdtempSync(join(tmpdir(), 'ubbet-templates-'));
  process.env.UBBET_TEMPLATES = folder;
  for (const of of ['empty', 'demo'] as const)
    execFileSync('node_modules/.bin/tsx', ['--conditions=react-server', `scripts/make-${of}.ts`, template(of)], {
      stdio: ['ignore', 'ignore', 'inherit'],
    });
  return () => rmSync(folder, { recursive: true, force: true });
}
