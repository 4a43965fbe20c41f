import { spawn } from 'node:child_process';
import { existsSync, readFileSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { ensureCertutil, ensureChromium, ensureEngines } from './lib/chromium.mjs';
import { bin, checkNode, ensureBuilt, ensureInstalled, ROOT, run } from './lib/setup.mjs';

/** Installs what is missing, builds, then lint, types, faults, unit and browser tests. The last line sums up all runners. */
const RESULTS = Object.fromEntries(
  ['unit', 'browser', 'engines', 'faults'].map((name) => [name, join(ROOT, '.ubbet', `${name}.json`)]),
);

const sum = { passed: 0, failed: 0 };

/** What each part took, said at the end: where a run becomes slow shows there. */
const took = [];
function timed(name, work) {
  const began = performance.now();
  const result = work();
  took.push(`${name} ${Math.round((performance.now() - began) / 1000)} s`);
  return result;
}

/** Runs a program beside others; what it prints stands together, once it has ended. Gives back its exit code. */
async function beside(name, command, args) {
  const began = performance.now();
  const child = spawn(command, args, { cwd: ROOT, stdio: ['ignore', 'pipe', 'pipe'] });
  const said = [];
  for (const stream of [child.stdout, child.stderr]) stream.on('data', (chunk) => said.push(chunk));
  const status = await new Promise((resolve, reject) => {
    child.once('error', reject);
    child.once('close', (code) => resolve(code ?? 1));
  });
  took.push(`${name} ${Math.round((performance.now() - began) / 1000)} s`);
  console.log(`\n== ${name}`);
  process.stdout.write(Buffer.concat(said));
  return status;
}

/** A step that runs no tests: when it fails, it counts as one failure. */
async function step(name, command, args) {
  if ((await beside(name, command, args)) === 0) return;
  console.log(`${name} failed.`);
  sum.failed += 1;
}

/** A runner that counts its own tests. */
function runner(name, file, count, command, args, options) {
  console.log(`\n== ${name}`);
  rmSync(file, { force: true });
  counted(
    file,
    count,
    timed(name, () => run(command, args, options)),
  );
}

/** Adds what a runner counted. One that fails and counts no failure, or runs nothing, counts as one failure. */
function counted(file, count, status) {
  const {
    passed,
    failed,
    skipped = 0,
  } = existsSync(file) ? count(JSON.parse(readFileSync(file, 'utf8'))) : { passed: 0, failed: 0 };
  sum.passed += passed;
  sum.failed += failed;
  const ranNothing = passed + failed + skipped === 0;
  if ((status !== 0 && failed === 0) || ranNothing) sum.failed += 1;
}

checkNode();
timed('Packages', ensureInstalled);
const node = process.execPath;
timed('Build', ensureBuilt);
rmSync(RESULTS.faults, { force: true });
// Types are checked by one core; the faults mostly wait for servers that begin and end. Both want what was built.
await Promise.all([
  (async () => {
    await step('Lint', bin('biome'), ['check', '.']);
    await step('Types', 'npm', ['run', '--silent', 'typecheck']);
  })(),
  beside('Faults, a few of each', node, [
    bin('tsx'),
    '--conditions=react-server',
    'faults/run.ts',
    '--short',
    '--results',
    RESULTS.faults,
  ]).then((status) => counted(RESULTS.faults, (count) => count, status)),
]);
runner(
  'Unit tests',
  RESULTS.unit,
  ({ numPassedTests, numFailedTests }) => ({ passed: numPassedTests, failed: numFailedTests }),
  node,
  [bin('vitest'), 'run', '--reporter=default', '--reporter=json', `--outputFile.json=${RESULTS.unit}`],
);
const chromium = timed('Chromium', ensureChromium);
ensureCertutil();
if (chromium) {
  runner(
    'Browser tests',
    RESULTS.browser,
    ({ stats }) => {
      if (stats.skipped > 0) console.log(`${stats.skipped} browser tests skipped: their names stand above.`);
      if (stats.flaky > 0)
        console.log(`${stats.flaky} browser tests passed at the second try: their names stand above.`);
      return { passed: stats.expected + stats.flaky, failed: stats.unexpected };
    },
    node,
    [bin('playwright'), 'test'],
    { env: { ...process.env, UBBET_CHROMIUM: chromium } },
  );
} else sum.failed += 1;
timed('Engines installed', ensureEngines);
runner('Other engines', RESULTS.engines, (count) => count, node, [
  bin('tsx'),
  '--conditions=react-server',
  'engines/run.ts',
]);

console.log(`\n${took.join(', ')}`);
console.log(`\n${sum.passed} passed, ${sum.failed} failed`);
process.exitCode = sum.failed > 0 ? 1 : 0;
