import { spawn } from 'node:child_process';
import { rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { SeasonFacts } from '../src/core/formats/season-file';
import { openDatabase } from '../src/db/open';
import { insertAllFacts } from '../src/server/season/season-facts';
import { bigYard } from './big-yard';

/** Serves the built application with a book, until this process ends or it is stopped. */
export async function servedBook(facts: SeasonFacts | null, port: number) {
  const file = join(tmpdir(), `ubbet-bench-${port}.sqlite`);
  for (const suffix of ['', '-wal', '-shm']) rmSync(file + suffix, { force: true });
  const opened = openDatabase(file);
  if (facts) opened.db.transaction((tx) => insertAllFacts(tx, facts));
  const first = opened.sqlite.prepare('select id from colony order by name').get() as { id: string } | undefined;
  opened.sqlite.close();
  const server = spawn(process.execPath, ['.next/gate/main.mjs'], {
    env: { ...process.env, NODE_ENV: 'production', PORT: String(port), UBBET_DATA: file, UBBET_DEMO: '1', TZ: 'UTC' },
    stdio: ['ignore', 'pipe', 'inherit'],
  });
  process.on('exit', () => server.kill());
  await new Promise<void>((resolve) =>
    server.stdout.on('data', (chunk) => String(chunk).includes('Ubbet is ready') && resolve()),
  );
  return { address: `http://127.0.0.1:${port}`, colonyId: first?.id ?? '', stop: () => server.kill() };
}

/** The same with a made-up yard of so many colonies. */
export const servedYard = (colonies: number, port: number) => servedBook(bigYard(colonies), port);
