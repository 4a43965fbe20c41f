import { execFileSync } from 'node:child_process';
import { existsSync, rmSync } from 'node:fs';
import { DEMO_TEMPLATE } from './server';

/** Makes the demo's data once; every test that wants it gets a copy. */
export default function globalSetup() {
  if (!existsSync('.next/BUILD_ID')) throw new Error('Build first: npm run build');
  for (const suffix of ['', '-wal', '-shm']) rmSync(DEMO_TEMPLATE + suffix, { force: true });
  execFileSync('node_modules/.bin/tsx', ['--conditions=react-server', 'scripts/make-demo.ts', DEMO_TEMPLATE], {
    stdio: 'ignore',
  });
}
