import { type ChildProcess, spawn } from 'node:child_process';
import { copyFileSync, mkdtempSync, rmSync } from 'node:fs';
import { createServer } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';

export const DEMO_TEMPLATE = join(tmpdir(), 'ubbet-demo-template.sqlite');

export interface TestServer {
  readonly url: string;
  stop(): Promise<void>;
}

/**
 * Starts the built application with a data file of its own: empty, or a copy of the demo's. Its clock is the demo's, which can be
 * stepped, unless it is `real`.
 */
export async function startServer(seed: 'empty' | 'demo' | 'real'): Promise<TestServer> {
  const folder = mkdtempSync(join(tmpdir(), 'ubbet-test-'));
  const file = join(folder, 'season.sqlite');
  if (seed === 'demo') copyFileSync(DEMO_TEMPLATE, file);
  const port = await freePort();
  const child = spawn(process.execPath, ['.next/gate/main.mjs'], {
    env: {
      ...process.env,
      NODE_ENV: 'production',
      PORT: String(port),
      UBBET_DATA: file,
      UBBET_DEMO: seed === 'real' ? '' : '1',
      NEXT_TELEMETRY_DISABLED: '1',
      TZ: 'UTC',
    },
    stdio: ['ignore', 'pipe', 'pipe'],
    detached: true,
  });
  await ready(child);
  return {
    url: `http://127.0.0.1:${port}`,
    stop: async () => {
      const gone = new Promise((resolve) => child.once('exit', resolve));
      // The whole group: the server may have children of its own.
      process.kill(-(child.pid as number), 'SIGKILL');
      await gone;
      rmSync(folder, { recursive: true, force: true });
    },
  };
}

function ready(child: ChildProcess): Promise<void> {
  return new Promise((resolve, reject) => {
    let said = '';
    const listen = (chunk: Buffer) => {
      said += String(chunk);
      if (said.includes('Ubbet is ready')) resolve();
    };
    child.stdout?.on('data', listen);
    child.stderr?.on('data', listen);
    child.once('exit', () => reject(new Error(`The server ended before it was ready:\n${said}`)));
  });
}

export function freePort(): Promise<number> {
  return new Promise((resolve) => {
    const probe = createServer();
    probe.listen(0, '127.0.0.1', () => {
      const address = probe.address();
      const port = typeof address === 'object' && address ? address.port : 0;
      probe.close(() => resolve(port));
    });
  });
}
