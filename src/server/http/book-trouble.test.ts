import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import Database from 'better-sqlite3';
import { describe, expect, it, vi } from 'vitest';
import { openDatabase } from '../../db/open';
import { larkvaleSeason } from '../../demo/larkvale';
import { saveInspection } from '../entries/save-inspection';
import { insertAllFacts, readAllFacts } from '../season/season-facts';
import { anEntry, codes, DEMO_NOW, id } from '../testing';
import { troubleOf } from './book-trouble';
import { answer } from './handle';

const sqliteError = (code: string) => Object.assign(new Error('as SQLite says it'), { code });

describe('what goes wrong with the book', () => {
  it.each([
    ['SQLITE_FULL', 'disk-full', 507],
    ['SQLITE_BUSY', 'server-fault', 503],
    ['SQLITE_READONLY_DBMOVED', 'server-fault', 503],
    ['SQLITE_CORRUPT', 'server-fault', 503],
    ['SQLITE_CONSTRAINT_FOREIGNKEY', 'duplicate-id', 422],
  ])('%s is said in a sentence, with what to do', (code, issue, status) => {
    const result = troubleOf(sqliteError(code));
    expect(codes(result)).toEqual([`${issue} `]);
    expect(answer(result).status).toBe(status);
    expect(result.ok || result.issues[0]?.message).saying(/Nothing was stored|bring the newest backup back/);
  });

  it('is found where another error wraps it, and what nobody expected goes to the terminal', () => {
    const wrapped = new Error('a query failed', { cause: sqliteError('SQLITE_FULL') });
    expect(codes(troubleOf(wrapped))).toEqual(['disk-full ']);
    const said = vi.spyOn(process.stderr, 'write').mockReturnValue(true);
    expect(codes(troubleOf(new Error('a surprise')))).toEqual(['server-fault ']);
    expect(String(said.mock.calls[0]?.[0])).toContain('a surprise');
    said.mockRestore();
  });

  it('passes by itself where another program held the book', () => {
    const folder = mkdtempSync(join(tmpdir(), 'ubbet-held-'));
    const file = join(folder, 'season.sqlite');
    const opened = openDatabase(file);
    opened.db.transaction((tx) => insertAllFacts(tx, larkvaleSeason()));
    opened.sqlite.pragma('busy_timeout = 20');
    const holder = new Database(file);
    holder.exec('begin immediate');
    const colonyId = readAllFacts(opened.db).colonies[0]?.id as string;
    const save = () => saveInspection(opened.db, anEntry({ id: id(900), colonyId, at: '2027-05-16T15:00' }), DEMO_NOW);
    let held: unknown = null;
    try {
      save();
    } catch (error) {
      held = error;
    }
    expect(codes(troubleOf(held))).toEqual(['server-fault ']);
    holder.exec('rollback');
    expect(codes(save())).toBe('stored');
    holder.close();
    opened.sqlite.close();
    rmSync(folder, { recursive: true });
  });
});
