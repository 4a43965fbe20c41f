import { type ChildProcess, spawn } from 'node:child_process';
import { copyFileSync, mkdtempSync, readdirSync, renameSync, rmSync } from 'node:fs';
import { createServer } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';

/** The books that tests begin with, made once in a run, in a folder of its own (`global-setup.ts`). */
export const template = (of: 'empty' | 'demo'): string => join(process.env.UBBET_TEMPLATES as string, `${of}.sqlite`);

export type Seed = 'empty' | 'demo' | 'real';

/** A built application that runs, and the folder in which its book is. */
interface Running {
  readonly url: string;
  readonly folder: string;
  stop(): Promise<void>;
}

const BOOK = 'season.sqlite';

/**
 * The applications of one worker: one by the demo's clock, which can be stepped, and one by the real one, each begun when it is first
 * asked for. Every test has its own book: it is put in the place of the last one, and what was beside that is taken away.
 */
export class Servers {
  readonly #running = new Map<'demo' | 'real', Promise<Running>>();

  /** The address of an application whose book is as it should be when a test begins. */
  async withBook(seed: Seed): Promise<string> {
    const clock = seed === 'real' ? 'real' : 'demo';
    const begun = this.#running.get(clock) ?? started(clock);
    this.#running.set(clock, begun);
    const { url, folder } = await begun;
    for (const name of readdirSync(folder)) if (!name.startsWith(BOOK)) rmSync(join(folder, name), { recursive: true });
    const next = join(folder, 'next.sqlite');
    copyFileSync(template(seed === 'demo' ? 'demo' : 'empty'), next);
    renameSync(next, join(folder, BOOK));
    return url;
  }

  async stop(): Promise<void> {
    for (const running of this.#running.values()) await (await running).stop();
  }
}

async function started(clock: 'demo' | 'real'): Promise<Running> {
  const folder = mkdtempSync(join(tmpdir(), 'ubbet-test-'));
  const port = await freePort();
  const child = spawn(process.execPath, ['.next/gate/main.mjs'], {
    env: {
      ...process.env,
      NODE_ENV: 'production',
      PORT: String(port),
      UBBET_DATA: join(folder, BOOK),
      UBBET_DEMO: clock === 'demo' ? '1' : '',
      NEXT_TELEMETRY_DISABLED: '1',
      TZ: 'UTC',
    },
    stdio: ['ignore', 'pipe', 'pipe'],
    detached: true,
  });
  await ready(child);
  return {
    url: `http://127.0.0.1:${port}`,
    folder,
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
