import { spawn } from 'node:child_process';
import { bin, checkNode, ensureInstalled, ROOT } from './lib/setup.mjs';

/** What a developer runs every few minutes: lint, types, and the unit tests that have to do with what changed since `main`. */
checkNode();
ensureInstalled();

const steps = {
  Lint: [bin('biome'), 'check', '.'],
  Types: ['npm', 'run', '--silent', 'typecheck'],
  Tests: [
    bin('vitest'),
    'run',
    `--changed=${process.argv[2] ?? 'main'}`,
    '--passWithNoTests',
    '--silent',
    '--reporter=dot',
  ],
};

/** Runs one with its output kept together; gives its exit code. */
const ended = (name, [command, ...args]) =>
  new Promise((resolve) => {
    const began = performance.now();
    const child = spawn(command, args, { cwd: ROOT });
    let said = '';
    for (const stream of [child.stdout, child.stderr]) stream.on('data', (chunk) => (said += chunk));
    child.on('close', (code) => {
      console.log(
        `== ${name}: ${code === 0 ? 'passed' : 'failed'}, ${Math.round((performance.now() - began) / 1000)} s`,
      );
      if (code !== 0) console.log(said);
      resolve(code ?? 1);
    });
  });

const codes = await Promise.all(Object.entries(steps).map(([name, command]) => ended(name, command)));
process.exitCode = codes.some((code) => code !== 0) ? 1 : 0;
