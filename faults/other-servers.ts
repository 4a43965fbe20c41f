import { spawn } from 'node:child_process';
import { mkdtempSync, rmSync, symlinkSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { v7 as newId } from 'uuid';
import { freePort } from '../e2e/server';
import { openDatabase } from '../src/db/open';
import { larkvaleSeason } from '../src/demo/larkvale';
import { insertAllFacts, readAllFacts } from '../src/server/season/season-facts';
import { anEntry } from '../src/server/testing';
import { start } from './server';

export interface SecondTally {
  tried: number;
  /** Second servers that came up beside the first, or were refused without a word. */
  letIn: number;
  /** Acknowledged by the first, and not there afterwards. */
  lost: number;
}

/** Starts it on a book that is held, and gives what it said and whether it was ready. */
function second(book: string): Promise<{ readonly isReady: boolean; readonly said: string }> {
  return freePort().then(
    (port) =>
      new Promise((done) => {
        const child = spawn(process.execPath, ['.next/gate/main.mjs'], {
          env: { ...process.env, NODE_ENV: 'production', PORT: String(port), UBBET_DATA: book, TZ: 'UTC' },
        });
        let said = '';
        const hear = (chunk: unknown) => {
          said += String(chunk);
          if (said.includes('Ubbet is ready')) child.kill('SIGKILL');
        };
        child.stdout.on('data', hear);
        child.stderr.on('data', hear);
        child.once('close', () => done({ isReady: said.includes('Ubbet is ready'), said }));
      }),
  );
}

/** Starts a second Ubbet on a book that another holds, by two ways to its folder, while the first takes entries and after it was killed. */
export async function otherServers(rounds: number, say: (line: string) => void): Promise<SecondTally> {
  const tally: SecondTally = { tried: 0, letIn: 0, lost: 0 };
  const folder = mkdtempSync(join(tmpdir(), 'ubbet-second-'));
  const book = join(folder, 'season.sqlite');
  const elsewhere = `${folder}-linked`;
  symlinkSync(folder, elsewhere);
  const fresh = openDatabase(book);
  fresh.db.transaction((tx) => insertAllFacts(tx, larkvaleSeason()));
  fresh.sqlite.close();
  const colonyId = larkvaleSeason().colonies[0]?.id as string;
  const acknowledged: string[] = [];
  for (let i = 0; i < rounds; i++) {
    // What a crash left behind must not keep it from coming up.
    const first = await start(book);
    for (const by of [book, join(elsewhere, 'season.sqlite')]) {
      tally.tried += 1;
      const { isReady, said } = await second(by);
      if (!isReady && /another|already/i.test(said) && !/\n\s+at /.test(said)) continue;
      tally.letIn += 1;
      say(`a second server: ${said.slice(0, 300)}`);
    }
    const id = newId();
    const at = `2026-11-01T12:${String(i).padStart(2, '0')}`;
    const response = await fetch(`${first.url}/api/inspections`, {
      method: 'POST',
      headers: { 'Content-Type': 'application/json' },
      body: JSON.stringify(anEntry({ id, colonyId, at })),
    });
    if (response.ok) acknowledged.push(id);
    await first.kill();
  }
  const opened = openDatabase(book);
  const there = new Set(readAllFacts(opened.db).inspections.map(({ id }) => id));
  opened.sqlite.close();
  tally.lost = rounds - acknowledged.filter((id) => there.has(id)).length;
  rmSync(folder, { recursive: true, force: true });
  rmSync(elsewhere, { force: true });
  return tally;
}
