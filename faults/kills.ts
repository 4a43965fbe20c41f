import { existsSync, mkdtempSync, readdirSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import Database from 'better-sqlite3';
import { v7 as newId } from 'uuid';
import { writeSeasonFile } from '../src/core/formats/season-file';
import { type Book, openDatabase } from '../src/db/open';
import { larkvaleSeason } from '../src/demo/larkvale';
import { insertAllFacts, readAllFacts } from '../src/server/season/season-facts';
import { anEntry } from '../src/server/testing';
import { type Chance, chance } from './random';
import { start } from './server';

export interface KillTally {
  tried: number;
  /** Acknowledged, and not there afterwards. */
  lost: number;
  /** There twice. */
  doubled: number;
  /** A book or a backup that is not whole. */
  broken: number;
}

/** The longest that a book is worked on before it is killed, ms. */
const LONGEST_MS = 700;

/** Of a few kills on a slow machine each may come before the first answer. */
const ENOUGH_TO_TELL = 20;

/** What must be in the book: the notes of acknowledged inspections, and, while something is replaced, what else it may be. */
interface Expected {
  notes: Set<string>;
  /** Under way when the kill came: all of it or nothing. */
  or: Set<string> | null;
  acknowledged: number;
}

const notesIn = ({ db }: Book): readonly string[] =>
  readAllFacts(db)
    .inspections.map(({ note }) => note)
    .filter((note) => note.startsWith('kill '));

/** Kills Ubbet at random moments of entering, importing, wiping, bringing back and starting, and looks what became of the book. */
export async function kills(count: number, seed: number, say: (line: string) => void): Promise<KillTally> {
  const tally: KillTally = { tried: 0, lost: 0, doubled: 0, broken: 0 };
  const folder = mkdtempSync(join(tmpdir(), 'ubbet-kills-'));
  const book = join(folder, 'season.sqlite');
  const fresh = openDatabase(book);
  fresh.db.transaction((tx) => insertAllFacts(tx, larkvaleSeason()));
  fresh.sqlite.close();
  const luck = chance(seed);
  const expected: Expected = { notes: new Set(), or: null, acknowledged: 0 };
  for (let i = 0; i < count; i++) {
    await oneKill(book, expected, luck, i);
    check(book, expected, tally, (what) => say(`kill ${i}: ${what}`));
    tally.tried += 1;
    if ((i + 1) % 10 === 0) say(`${i + 1} kills`);
  }
  // Where nothing was ever taken nothing could be lost, and nothing was tried.
  say(`${expected.acknowledged} entries acknowledged`);
  if (expected.acknowledged === 0 && count >= ENOUGH_TO_TELL) tally.tried = 0;
  rmSync(folder, { recursive: true, force: true });
  return tally;
}

async function oneKill(book: string, expected: Expected, luck: Chance, n: number): Promise<void> {
  const server = await start(book);
  const send = async (path: string, body: unknown): Promise<{ ok: boolean; value?: { backup?: string } } | null> => {
    try {
      const isText = typeof body === 'string';
      const response = await fetch(server.url + path, {
        method: 'POST',
        headers: { 'Content-Type': 'application/json' },
        body: isText ? body : JSON.stringify(body),
      });
      return (await response.json()) as { ok: boolean };
    } catch {
      return null;
    }
  };
  const replace = async (path: string, body: unknown, then: Set<string>) => {
    expected.or = then;
    const answer = await send(path, body);
    if (answer?.ok) expected.notes = then;
    // No answer: it may have been done, or not at all.
    if (answer !== null) expected.or = null;
    return answer;
  };
  const text = await fetch(`${server.url}/api/season/export`).then((response) => response.text());
  // A kill may have come between taking everything out and bringing it in.
  const isEmpty = expected.notes.size === 0 && !text.includes('"Vetch"');
  const file = isEmpty ? writeSeasonFile(larkvaleSeason()) : text;
  if (isEmpty) await send('/api/season/import', file);
  // From here on: what is asked for first takes longest, and would always be what is cut off.
  const kill = new Promise<void>((resolve) => {
    setTimeout(() => void server.kill().then(resolve), luck.below(LONGEST_MS));
  });
  const inFile = new Set(expected.notes);
  let backup: { name: string; notes: Set<string> } | null = null;
  for (let step = 0; expected.or === null; step++) {
    const what = luck.below(12);
    const before = new Set(expected.notes);
    if (what === 0) {
      const answer = await replace('/api/season/import', file, new Set(inFile));
      if (answer === null) break;
      if (answer.value?.backup) backup = { name: answer.value.backup, notes: before };
    } else if (what === 2) {
      // Everything out; the season file brings it in again, since nothing can be entered into an empty book.
      const answer = await replace('/api/season/wipe', {}, new Set());
      if (answer === null) break;
      if ((await replace('/api/season/import', file, new Set(inFile))) === null) break;
    } else if (what === 1 && backup) {
      const answer = await replace('/api/backups/bring-back', { name: backup.name }, new Set(backup.notes));
      if (answer === null) break;
    } else {
      const note = `kill ${n} ${step}`;
      const colonyId = larkvaleSeason().colonies[luck.below(10)]?.id as string;
      const entry = anEntry({ id: newId(), colonyId, at: '2026-11-01T12:00', note });
      const answer = await send('/api/inspections', entry);
      if (answer === null) {
        expected.or = new Set([...expected.notes, note]);
        break;
      }
      if (answer.ok) {
        expected.notes.add(note);
        expected.acknowledged += 1;
      }
    }
  }
  await kill;
}

function check(book: string, expected: Expected, tally: KillTally, say: (what: string) => void): void {
  let opened: Book;
  try {
    opened = openDatabase(book);
  } catch (error) {
    tally.broken += 1;
    say(`the book does not open: ${String(error)}`);
    throw error;
  }
  const whole = opened.sqlite.pragma('integrity_check', { simple: true });
  if (whole !== 'ok') {
    tally.broken += 1;
    say(`the book is not whole: ${String(whole)}`);
  }
  const there = notesIn(opened);
  opened.sqlite.close();
  const set = new Set(there);
  const isAsWas = [...expected.notes].every((note) => set.has(note)) && set.size === expected.notes.size;
  const isReplaced =
    expected.or !== null && [...expected.or].every((note) => set.has(note)) && set.size === expected.or.size;
  if (!isAsWas && !isReplaced) {
    tally.lost += 1;
    say(`expected ${expected.notes.size}${expected.or ? ` or ${expected.or.size}` : ''} entries, found ${set.size}`);
  }
  if (there.length !== set.size) tally.doubled += 1;
  expected.notes = set;
  expected.or = null;
  const backups = join(book, '..', 'backups');
  if (!existsSync(backups)) return;
  for (const name of readdirSync(backups).filter((one) => one.endsWith('.sqlite'))) {
    const copy = new Database(join(backups, name), { readonly: true });
    const said = copy.pragma('integrity_check', { simple: true });
    const colonies = (copy.prepare('select count(*) as n from colony').get() as { n: number }).n;
    copy.close();
    // Of a book that was empty for a moment there may be an empty backup, made before something was brought in.
    const mayBeEmpty = /\.(before-import|before-restore)\.sqlite$/.test(name);
    if (said === 'ok' && (colonies > 0 || mayBeEmpty)) continue;
    tally.broken += 1;
    say(`a backup is not whole: ${name}`);
  }
}
