import { chmodSync, mkdirSync, mkdtempSync, readFileSync, rmSync, truncateSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import Database from 'better-sqlite3';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { openDatabase } from '../db/open';
import { larkvaleSeason } from '../demo/larkvale';
import { backUpByHand } from '../server/backups/backups';
import { insertAllFacts } from '../server/season/season-facts';
import { DEMO_NOW } from '../server/testing';
import { bookFault, newestWhole } from './book-fault';

let folder: string;
let file: string;
beforeEach(() => {
  folder = mkdtempSync(join(tmpdir(), 'ubbet-fault-'));
  file = join(folder, 'season.sqlite');
});
afterEach(() => rmSync(folder, { recursive: true, force: true }));

/** A book with the demo's season and a backup of it. */
function aBook() {
  const opened = openDatabase(file);
  opened.db.transaction((tx) => insertAllFacts(tx, larkvaleSeason()));
  backUpByHand(opened, DEMO_NOW);
  opened.sqlite.close();
}
const said = () => (bookFault(file) ?? []).join(' ');

describe('a file that is to be the book', () => {
  it('is taken where it is one, is empty, or is not there yet', () => {
    expect(bookFault(file)).toBeNull();
    writeFileSync(file, '');
    expect(bookFault(file)).toBeNull();
    rmSync(file);
    aBook();
    expect(bookFault(file)).toBeNull();
  });

  it('is no folder, no garbage and no other program’s', () => {
    mkdirSync(file);
    expect(said()).toContain('is a folder, and a book is a file.');
    rmSync(file, { recursive: true });
    writeFileSync(file, 'Dear bees, '.repeat(1000));
    expect(said()).toMatch(/does not begin like one.*Nothing in it was changed/);
    rmSync(file);
    const other = new Database(file);
    other.exec('create table recipes (id text)');
    other.close();
    const before = readFileSync(file);
    expect(said()).toContain('belongs to another program');
    expect(readFileSync(file)).toEqual(before);
  });

  it('half of it: says so, and offers the newest whole backup', () => {
    aBook();
    truncateSync(file, 40_000);
    const before = readFileSync(file);
    expect(said()).toMatch(/is damaged: .*newest whole backup is of 2027-05-16 18:00 UTC.*npm run bring-back/);
    expect(readFileSync(file)).toEqual(before);
    writeFileSync(newestWhole(file)?.path ?? '', 'broken too');
    expect(newestWhole(file)).toBeNull();
    expect(said()).toContain('There is no whole backup');
  });

  it('of a later Ubbet is left alone', () => {
    aBook();
    const later = new Database(file);
    later.exec("insert into __drizzle_migrations (hash, created_at) values ('x', 99999999999999)");
    later.close();
    expect(said()).toContain('was written by a later Ubbet');
  });

  it.skipIf(process.getuid?.() === 0)('that may not be written is said', () => {
    aBook();
    chmodSync(file, 0o400);
    expect(said()).toContain('cannot be read and written by this user');
  });

  it('that another program holds is said', () => {
    aBook();
    const holder = new Database(file);
    holder.pragma('journal_mode = DELETE');
    holder.exec('begin exclusive');
    expect(said()).toContain('is held by another program');
    holder.exec('rollback');
    holder.close();
  });
});
