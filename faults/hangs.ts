import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { v7 as newId } from 'uuid';
import { SEASON_FORMAT, SEASON_VERSION } from '../src/core/formats/season-file';
import { openDatabase } from '../src/db/open';
import { larkvaleSeason } from '../src/demo/larkvale';
import { loadApiaries } from '../src/server/all-apiaries';
import { insertAllFacts } from '../src/server/season/season-facts';
import { DEMO_NOW } from '../src/server/testing';
import { start } from './server';

export interface HangTally {
  tried: number;
  /** Kept others waiting longer than that, or never answered. */
  hung: number;
  /** The longest that anybody else waited, ms. */
  longestMs: number;
}

/** Nobody else waits longer than that while one thing is done, ms; on a machine that is busy with two things at once. */
const WAITS_AT_MOST = 3_000;
/** The signal to end is obeyed within that, whatever is being done, ms. */
const ENDS_WITHIN = 3_000;

const keys = (n: number) => Array.from({ length: n }, (_, i) => `"k${i}":1`).join(',');
const seasonWith = (facts: string) => `{"format":"${SEASON_FORMAT}","version":${SEASON_VERSION},"facts":${facts}}`;

/** Files that took long to be read once: each with where it is sent. */
const FILES: readonly (readonly [name: string, path: string, text: () => string])[] = [
  ['a season file of four million keys', '/api/season/preview', () => seasonWith(`{${keys(4_000_000)}}`)],
  [
    'a season file of two million empty rows',
    '/api/season/import',
    () => seasonWith(`{"apiaries":[${'{},'.repeat(2e6)}{}]}`),
  ],
  ['a weather file of quotation marks', '/api/weather-files?of=APIARY', () => `time,temp C\n${'"'.repeat(19e6)}`],
  ['a weather file of quoted lines', '/api/weather-files?of=APIARY', () => `time,temp C\n${'"\n'.repeat(9e6)}`],
  ['a weather file of empty lines', '/api/weather-files?of=APIARY', () => `time,temp C\n${'\n'.repeat(19e6)}`],
  ['a weather file of empty things', '/api/weather-files?of=APIARY', () => `[${'{},'.repeat(6e6)}{}]`],
  ['a scale file of commas', '/api/scale-files?of=COLONY', () => `time,weight kg\n${',,,,\n'.repeat(3.5e6)}`],
];

/**
 * The setting and the tap that once hung the book for ever, and the files that kept everybody waiting: while each is done somebody else
 * asks whether Ubbet is alive. Then it is told to end in the middle of one.
 *
 * @param files how many of the files are tried
 */
export async function hangs(files: number, say: (line: string) => void): Promise<HangTally> {
  const tally: HangTally = { tried: 0, hung: 0, longestMs: 0 };
  const folder = mkdtempSync(join(tmpdir(), 'ubbet-hangs-'));
  const book = join(folder, 'season.sqlite');
  const fresh = openDatabase(book);
  fresh.db.transaction((tx) => insertAllFacts(tx, larkvaleSeason()));
  const checks = loadApiaries(fresh, DEMO_NOW.today).colonies.flatMap(({ colony, state }) =>
    state.schedule.checks.map(({ key }) => ({ colonyId: colony.id, key })),
  );
  fresh.sqlite.close();
  const server = await start(book, { UBBET_DEMO: '1' });
  const send = (path: string, body: string) =>
    fetch(server.url + path, { method: 'POST', headers: { 'Content-Type': 'application/json' }, body }).then(
      async (response) => ({ status: response.status, said: await response.text() }),
    );
  /** How long others wait at most while something is done. */
  const beside = async (name: string, work: () => Promise<unknown>) => {
    let isDone = false;
    let longest = 0;
    const asking = (async () => {
      while (!isDone) {
        const asked = performance.now();
        await fetch(`${server.url}/api/alive`).then((response) => response.arrayBuffer());
        longest = Math.max(longest, performance.now() - asked);
        await new Promise((next) => setTimeout(next, 25));
      }
    })();
    const began = performance.now();
    await work().catch((error) => {
      tally.hung += 1;
      say(`${name}: ${String(error)}`);
    });
    isDone = true;
    await asking;
    tally.tried += 1;
    tally.longestMs = Math.max(tally.longestMs, Math.round(longest));
    say(`${name}: ${Math.round(performance.now() - began)} ms, others waited ${Math.round(longest)} ms`);
    if (longest > WAITS_AT_MOST) tally.hung += 1;
  };
  await beside('swarms in all months, and every check moved to the last day there is', async () => {
    await send('/api/settings', JSON.stringify({ swarmMonths: [1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12] }));
    for (const { colonyId, key } of checks.slice(0, 12)) {
      const move = { id: newId(), colonyId, key, at: DEMO_NOW.minute, kind: 'moved', to: '2199-12-31', reason: '' };
      await send('/api/check-changes', JSON.stringify(move));
    }
    for (const path of ['/', '/season', '/colonies', '/hive', '/season/plan']) {
      const response = await fetch(server.url + path);
      await response.arrayBuffer();
      if (response.status !== 200) throw new Error(`${response.status} for ${path}`);
    }
  });
  const season = larkvaleSeason();
  for (const [name, path, text] of FILES.slice(0, files)) {
    const to = path
      .replace('APIARY', season.apiaries[0]?.id as string)
      .replace('COLONY', season.colonies[0]?.id as string);
    const body = text();
    await beside(name, async () => {
      const { status, said } = await send(to, body);
      if (status >= 500 || !said.includes('"issues"')) throw new Error(`${status} ${said.slice(0, 200)}`);
    });
  }
  tally.tried += 1;
  const busy = send('/api/weather-files?of=x', '').catch(() => null);
  void send('/api/season/preview', seasonWith(`{"apiaries":[${'{},'.repeat(2e6)}{}]}`)).catch(() => null);
  await busy;
  await new Promise((next) => setTimeout(next, 400));
  const told = performance.now();
  const ended = new Promise<void>((done) => server.child.once('exit', () => done()));
  server.child.kill('SIGTERM');
  await Promise.race([ended, new Promise((next) => setTimeout(next, 2 * ENDS_WITHIN))]);
  const took = performance.now() - told;
  say(`told to end while it was busy: it took ${Math.round(took)} ms`);
  if (took > ENDS_WITHIN) tally.hung += 1;
  await server.kill();
  rmSync(folder, { recursive: true, force: true });
  return tally;
}
