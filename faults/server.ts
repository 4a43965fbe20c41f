import { type ChildProcess, spawn } from 'node:child_process';
import { freePort } from '../e2e/server';

/** A running Ubbet that can be killed at any moment. */
export interface Running {
  readonly url: string;
  /** Killed as by a power cut: no time to close anything. */
  kill(): Promise<void>;
}

/** Starts the built application on a book; null where it ended before it was ready, with what it said. */
export async function start(
  book: string,
  env: Readonly<Record<string, string>> = {},
): Promise<Running & { readonly child: ChildProcess }> {
  const port = await freePort();
  const child = spawn(process.execPath, ['.next/gate/main.mjs'], {
    env: { ...process.env, NODE_ENV: 'production', PORT: String(port), UBBET_DATA: book, TZ: 'UTC', ...env },
    stdio: ['ignore', 'pipe', 'pipe'],
    detached: true,
  });
  let said = '';
  await new Promise<void>((resolve, reject) => {
    child.stdout?.on('data', (chunk) => {
      said += String(chunk);
      if (said.includes('Ubbet is ready')) resolve();
    });
    child.stderr?.on('data', (chunk) => {
      said += String(chunk);
    });
    child.once('exit', () => reject(new Error(`It ended before it was ready:\n${said}`)));
  });
  const gone = new Promise<void>((resolve) => child.once('exit', () => resolve()));
  return {
    url: `http://127.0.0.1:${port}`,
    child,
    kill: async () => {
      try {
        process.kill(-(child.pid as number), 'SIGKILL');
      } catch {
        // Gone by itself.
      }
      await gone;
    },
  };
}

/** Starts it on a book and kills it some time after, wherever it is by then. */
export async function killedAfter(book: string, ms: number): Promise<void> {
  const child = spawn(process.execPath, ['.next/gate/main.mjs'], {
    env: { ...process.env, NODE_ENV: 'production', PORT: String(await freePort()), UBBET_DATA: book, TZ: 'UTC' },
    stdio: 'ignore',
    detached: true,
  });
  const gone = new Promise<void>((done) => child.once('exit', () => done()));
  await new Promise((done) => setTimeout(done, ms));
  try {
    process.kill(-(child.pid as number), 'SIGKILL');
  } catch {
    // Gone by itself.
  }
  await gone;
}
