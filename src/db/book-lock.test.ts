import { spawn } from 'node:child_process';
import { mkdtempSync, rmSync, symlinkSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterEach, beforeEach, expect, it } from 'vitest';
import { holdBook } from './book-lock';

let folder: string;
beforeEach(() => {
  folder = mkdtempSync(join(tmpdir(), 'ubbet-lock-'));
});
afterEach(() => rmSync(folder, { recursive: true, force: true }));

it('is held by one at a time, by whatever way the folder is reached, and free once it is let go', () => {
  const book = join(folder, 'season.sqlite');
  symlinkSync(folder, join(folder, 'way'));
  const first = holdBook(book);
  expect(first).not.toBeNull();
  expect([holdBook(book), holdBook(join(folder, 'way', 'season.sqlite'))]).toEqual([null, null]);
  const other = holdBook(join(folder, 'other.sqlite'));
  expect(other).not.toBeNull();
  first?.release();
  const again = holdBook(book);
  expect(again).not.toBeNull();
  for (const lock of [again, other]) lock?.release();
});

it('is gone with a process that is killed', async () => {
  const book = join(folder, 'season.sqlite');
  const holds = `
    const sqlite = new (require('better-sqlite3'))(process.argv[1], { timeout: 0 });
    sqlite.exec('BEGIN EXCLUSIVE');
    console.log('held');
    setInterval(() => {}, 1000);
  `;
  const child = spawn(process.execPath, ['-e', holds, `${book}.lock`], { stdio: ['ignore', 'pipe', 'inherit'] });
  await new Promise((resolve) => child.stdout.once('data', resolve));
  expect(holdBook(book)).toBeNull();
  const gone = new Promise((resolve) => child.once('exit', resolve));
  child.kill('SIGKILL');
  await gone;
  const lock = holdBook(book);
  expect(lock).not.toBeNull();
  lock?.release();
});
