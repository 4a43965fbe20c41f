import { spawn } from 'node:child_process';
import { mkdirSync, mkdtempSync, readFileSync, rmSync, truncateSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { freePort } from '../e2e/server';
import { openDatabase } from '../src/db/open';
import { larkvaleSeason } from '../src/demo/larkvale';
import { accessFileOf } from '../src/gate/access-file';
import { insertAllFacts } from '../src/server/season/season-facts';
import { type Chance, chance } from './random';

export interface DamageTally {
  tried: number;
  /** Neither came up and answered nor said in a sentence why not. */
  unsaid: number;
  /** A book that it could not open, and changed all the same. */
  changed: number;
}

/** A start takes a few seconds; on a machine four times as slow it takes four times as long, ms. */
const STARTS_WITHIN = 60_000;

interface Damage {
  readonly name: string;
  readonly does: (folder: string, luck: Chance) => void;
}

const BOOK = 'season.sqlite';
const overwritten = (file: string, from: number, bytes: Buffer) => {
  const whole = readFileSync(file);
  bytes.copy(whole, Math.min(from, Math.max(0, whole.length - bytes.length)));
  writeFileSync(file, whole);
};
const noise = (luck: Chance, n: number) => Buffer.from(Array.from({ length: n }, () => luck.below(256)));

/** What can become of the files beside each other in the book's folder. */
const DAMAGES: readonly Damage[] = [
  { name: 'book cut off', does: (folder, luck) => truncateSync(join(folder, BOOK), 1 + luck.below(200_000)) },
  { name: 'book empty', does: (folder) => truncateSync(join(folder, BOOK), 0) },
  { name: 'book of text', does: (folder) => writeFileSync(join(folder, BOOK), 'Dear diary,\n'.repeat(500)) },
  {
    name: 'head of the book overwritten',
    does: (folder, luck) => overwritten(join(folder, BOOK), 0, noise(luck, 100)),
  },
  {
    name: 'a page of the book overwritten',
    does: (folder, luck) => overwritten(join(folder, BOOK), 4096 * (1 + luck.below(60)), noise(luck, 4096)),
  },
  {
    name: 'a folder in the place of the book',
    does: (folder) => {
      rmSync(join(folder, BOOK));
      mkdirSync(join(folder, BOOK));
    },
  },
  {
    name: 'noise in the journal',
    does: (folder, luck) => writeFileSync(join(folder, `${BOOK}-wal`), noise(luck, 9_000)),
  },
  {
    name: 'damaged access.json',
    does: (folder, luck) =>
      writeFileSync(accessFileOf(join(folder, BOOK)), luck.pick(['', '{', 'null', '[]', '{"passphrase":7}'])),
  },
  {
    name: 'damaged backups.json',
    does: (folder, luck) =>
      writeFileSync(join(folder, 'backups.json'), luck.pick(['', '{', 'null', '7', '{"folder":[]}'])),
  },
];

/** Starts Ubbet; gives what it said, and what its first page answered; null: it did not come up. */
async function started(book: string): Promise<{ readonly said: string; readonly status: number | null }> {
  const port = await freePort();
  const child = spawn(process.execPath, ['.next/gate/main.mjs'], {
    env: { ...process.env, NODE_ENV: 'production', PORT: String(port), UBBET_DATA: book, TZ: 'UTC' },
    detached: true,
  });
  let said = '';
  const ready = new Promise<boolean>((done) => {
    const hear = (chunk: unknown) => {
      said += String(chunk);
      if (said.includes('Ubbet is ready')) done(true);
    };
    child.stdout.on('data', hear);
    child.stderr.on('data', hear);
    child.once('close', () => done(false));
    setTimeout(() => done(false), STARTS_WITHIN).unref();
  });
  const status = (await ready)
    ? await fetch(`http://127.0.0.1:${port}/`, { redirect: 'manual' }).then((response) => response.status)
    : null;
  try {
    process.kill(-(child.pid as number), 'SIGKILL');
  } catch {
    // Gone by itself.
  }
  return { said, status };
}

/** Damages the files of a book, each in turn, and starts Ubbet on it. */
export async function damaged(count: number, seed: number, say: (line: string) => void): Promise<DamageTally> {
  const tally: DamageTally = { tried: 0, unsaid: 0, changed: 0 };
  const luck = chance(seed);
  for (let i = 0; i < count; i++) {
    const { name, does } = DAMAGES[i % DAMAGES.length] as Damage;
    const folder = mkdtempSync(join(tmpdir(), 'ubbet-damaged-'));
    const book = join(folder, BOOK);
    const fresh = openDatabase(book);
    fresh.db.transaction((tx) => insertAllFacts(tx, larkvaleSeason()));
    fresh.sqlite.close();
    does(folder, luck);
    const before = bytesOf(book);
    const { said, status } = await started(book);
    tally.tried += 1;
    const isStack = /\n\s+at .+:\d+:\d+/.test(said);
    const isUp = status !== null && status < 500;
    if (isStack || (!isUp && said.trim() === '')) {
      tally.unsaid += 1;
      say(`${name}: ${status ?? 'not up'}, ${said.slice(0, 400)}`);
    }
    if (status === null && before !== null && bytesOf(book)?.equals(before) === false) {
      tally.changed += 1;
      say(`${name}: the book was changed`);
    }
    rmSync(folder, { recursive: true, force: true });
  }
  return tally;
}

function bytesOf(file: string): Buffer | null {
  try {
    return readFileSync(file);
  } catch {
    return null;
  }
}
