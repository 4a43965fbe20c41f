import { spawnSync } from 'node:child_process';
import { createHash } from 'node:crypto';
import { existsSync, mkdirSync, readdirSync, readFileSync, statSync, writeFileSync } from 'node:fs';
import { createServer } from 'node:net';
import { dirname, join, relative, resolve, sep } from 'node:path';
import { fileURLToPath } from 'node:url';

// Plain Node on purpose: when this runs, nothing is installed yet.

export const ROOT = resolve(dirname(fileURLToPath(import.meta.url)), '../..');
const STATE = join(ROOT, '.ubbet');
const OLDEST_NODE = [20, 9];

/** Ends with a message where Node is too old to run Ubbet. */
export function checkNode() {
  const [major, minor] = process.versions.node.split('.').map(Number);
  if (major > OLDEST_NODE[0] || (major === OLDEST_NODE[0] && minor >= OLDEST_NODE[1])) return;
  console.error(`Ubbet needs Node ${OLDEST_NODE.join('.')} or newer; this is ${process.versions.node}.`);
  process.exit(1);
}

/** Runs a program with its output shown; gives back its exit code. */
export function run(command, args, options = {}) {
  const result = spawnSync(command, args, { cwd: ROOT, stdio: 'inherit', ...options });
  if (result.error) throw result.error;
  return result.status ?? 1;
}

function runOrStop(what, command, args, options) {
  if (run(command, args, options) === 0) return;
  console.error(`${what} failed.`);
  process.exit(1);
}

/** The path of a program that a package brought. */
export function bin(name) {
  return join(ROOT, 'node_modules', '.bin', name);
}

/** Installs what the lock file names, when that has not been done since it last changed. */
export function ensureInstalled() {
  const lock = hashOf([join(ROOT, 'package-lock.json')]);
  if (existsSync(bin('next')) && remembered('installed') === lock) return;
  console.log('Installing packages (about four minutes the first time) ...');
  // Not `npm ci`: it stops where a registry does not carry the packages of platforms other than this one.
  runOrStop('Installing', 'npm', ['install', '--no-save', '--include=dev', '--no-audit', '--no-fund']);
  remember('installed', lock);
}

/** Builds the application when a source has changed since the last build. */
export function ensureBuilt() {
  const sources = hashOf([
    ...filesBelow(join(ROOT, 'src')),
    ...['package-lock.json', 'next.config.ts', 'tsconfig.json', 'postcss.config.mjs'].map((file) => join(ROOT, file)),
  ]);
  if (existsSync(join(ROOT, '.next', 'BUILD_ID')) && remembered('built') === sources) return;
  console.log('Building ...');
  runOrStop('The build', process.execPath, [bin('next'), 'build'], {
    env: { ...process.env, NEXT_TELEMETRY_DISABLED: '1' },
  });
  bundleServiceWorker();
  bundleGate();
  bundleThreads();
  remember('built', sources);
}

/** The service worker with the list of built files that it keeps for the hive. It is served from `public`. */
function bundleServiceWorker() {
  const built = join(ROOT, '.next', 'static');
  const files = filesBelow(built)
    .filter((file) => !file.endsWith('.map'))
    .map((file) => `/_next/static/${relative(built, file).split(sep).join('/')}`);
  runOrStop('Bundling the service worker', bin('esbuild'), [
    'src/service-worker/service-worker.ts',
    '--bundle',
    '--minify',
    '--log-level=warning',
    '--define:process.env.NODE_ENV="production"',
    `--define:BUILT_FILES=${JSON.stringify(files)}`,
    `--outfile=${join(ROOT, 'public', 'sw.js')}`,
  ]);
}

/** The front door, through which everything that is asked of the built application comes, and the command that sets its passphrase. */
function bundleGate() {
  runOrStop('Bundling the front door', bin('esbuild'), [
    'src/gate/main.ts',
    'src/gate/passphrase-command.ts',
    'src/gate/bring-back-command.ts',
    '--bundle',
    '--platform=node',
    '--format=esm',
    '--packages=external',
    // The modules that only run on a server are at home here.
    `--alias:server-only=${join(ROOT, 'scripts/lib/empty.mjs')}`,
    '--log-level=warning',
    '--out-extension:.js=.mjs',
    `--outdir=${join(ROOT, '.next', 'gate')}`,
  ]);
}

/** What plans rounds and what reads files, each in a thread of its own. */
export function bundleThreads() {
  runOrStop('Bundling what runs in threads', bin('esbuild'), [
    'src/solver/rounds-worker.ts',
    'src/readers/reader-worker.ts',
    '--bundle',
    '--platform=node',
    '--format=esm',
    '--packages=external',
    '--log-level=warning',
    '--out-extension:.js=.mjs',
    '--outbase=src',
    `--outdir=${join(ROOT, '.next')}`,
  ]);
}

/** Makes the demo's data when there is none, or when the scenario has changed since. */
export function ensureDemoData(file) {
  const scenario = hashOf([...filesBelow(join(ROOT, 'src/demo')), ...filesBelow(join(ROOT, 'src/db'))]);
  const key = `made-${relative(ROOT, file).replaceAll(/[^a-z]/g, '-')}`;
  if (existsSync(file) && remembered(key) === scenario) return;
  runOrStop('Making the demo data', process.execPath, [
    bin('tsx'),
    '--conditions=react-server',
    'scripts/make-demo.ts',
    file,
  ]);
  remember(key, scenario);
}

/** The wanted port, or the next free one after it; says so when it is another. */
export async function freePort(wanted, host) {
  for (let port = wanted; port < wanted + 50; port++) {
    if (await isFree(port, host)) {
      if (port !== wanted) console.log(`Port ${wanted} is taken, using ${port} instead.`);
      return port;
    }
  }
  console.error(`No free port from ${wanted} on. Give another with PORT=...`);
  process.exit(1);
}

function isFree(port, host) {
  return new Promise((answer) => {
    const probe = createServer();
    probe.once('error', () => answer(false));
    probe.listen(port, host, () => probe.close(() => answer(true)));
  });
}

function filesBelow(folder) {
  return readdirSync(folder)
    .sort()
    .flatMap((name) => {
      const path = join(folder, name);
      if (statSync(path).isDirectory()) return filesBelow(path);
      return name.includes('.test.') ? [] : [path];
    });
}

function hashOf(files) {
  const hash = createHash('sha256');
  for (const file of files) hash.update(file.slice(ROOT.length)).update('\0').update(readFileSync(file)).update('\0');
  return hash.digest('hex');
}

function remembered(what) {
  const file = join(STATE, what);
  return existsSync(file) ? readFileSync(file, 'utf8') : null;
}

function remember(what, value) {
  mkdirSync(STATE, { recursive: true });
  writeFileSync(join(STATE, what), value);
}
