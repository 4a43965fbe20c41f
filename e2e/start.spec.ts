import { execFileSync, spawnSync } from 'node:child_process';
import {
  copyFileSync,
  mkdirSync,
  mkdtempSync,
  readdirSync,
  readFileSync,
  rmSync,
  truncateSync,
  writeFileSync,
} from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { expect, test } from '@playwright/test';
import Database from 'better-sqlite3';
import { bookOfMigration } from '../faults/old-book';
import { start } from '../faults/server';
import { freePort, template } from './server';

let folder: string;
let book: string;
test.beforeEach(() => {
  folder = mkdtempSync(join(tmpdir(), 'ubbet-start-'));
  book = join(folder, 'season.sqlite');
});
test.afterEach(() => rmSync(folder, { recursive: true, force: true }));

/** Starts it where it is to end by itself. */
async function started(env: Record<string, string> = {}) {
  const { status, stdout, stderr } = spawnSync(process.execPath, ['.next/gate/main.mjs'], {
    env: { ...process.env, NODE_ENV: 'production', PORT: String(await freePort()), UBBET_DATA: book, ...env },
    input: '',
    encoding: 'utf8',
    timeout: 60_000,
  });
  return { status, said: stdout + stderr };
}

test('a file that is no book is said at the start, in sentences, and not touched', async () => {
  writeFileSync(book, 'Dear bees, '.repeat(500));
  const { status, said } = await started();
  expect(status).toBe(1);
  expect(said).toContain('is no book of Ubbet’s');
  expect(said).not.toContain('Ubbet is ready');
  expect(readFileSync(book, 'utf8')).toMatch(/^Dear bees/);
  rmSync(book);
  mkdirSync(book);
  expect((await started()).said).toContain('is a folder, and a book is a file.');
});

test('half a book: the newest whole backup is offered, and brought back with one command', async () => {
  copyFileSync(template('demo'), book);
  mkdirSync(join(folder, 'backups'));
  copyFileSync(template('demo'), join(folder, 'backups', 'season.2027-05-15T18-00-00-000Z.daily.sqlite'));
  writeFileSync(join(folder, 'backups', 'season.2027-05-16T18-00-00-000Z.daily.sqlite'), 'not whole');
  truncateSync(book, 60_000);
  const { status, said } = await started();
  expect(status).toBe(1);
  expect(said).toContain('The newest whole backup is of 2027-05-15 18:00 UTC. To bring it back: npm run bring-back');
  const env = { ...process.env, UBBET_DATA: book };
  const brought = execFileSync(process.execPath, ['.next/gate/bring-back-command.mjs'], { env, encoding: 'utf8' });
  expect(brought).toContain('Brought back: season.2027-05-15T18-00-00-000Z.daily.sqlite');
  expect(readFileSync(book)).toEqual(readFileSync(template('demo')));
  expect(readdirSync(folder).some((name) => name.startsWith('season.sqlite.set-aside-'))).toBe(true);
});

test('it is not opened to the network without a passphrase, and waits for nobody', async () => {
  const { status, said } = await started({ UBBET_NETWORK: '1' });
  expect(status).toBe(1);
  expect(said).toContain('Opening Ubbet to the network needs a passphrase first');
  expect(said).toContain('npm run passphrase');
  const given = spawnSync(process.execPath, ['.next/gate/passphrase-command.mjs'], {
    env: { ...process.env, UBBET_DATA: book, UBBET_PASSPHRASE: 'three blind hives' },
    encoding: 'utf8',
  });
  expect(given.stdout).toContain('The new passphrase is set.');
  expect(readFileSync(join(folder, 'season.access.json'), 'utf8')).not.toContain('three blind hives');
});

test('a second Ubbet on one book is sent away before it opens anything, and comes in when the first has ended', async () => {
  const first = await start(book);
  const { status, said } = await started();
  expect([status, said.includes('is open in another Ubbet on this machine')]).toEqual([1, true]);
  const brought = spawnSync(process.execPath, ['.next/gate/bring-back-command.mjs'], {
    env: { ...process.env, UBBET_DATA: book },
    encoding: 'utf8',
  });
  expect([brought.status, brought.stderr]).toEqual([1, expect.stringContaining('Stop that first')]);
  const gone = new Promise((resolve) => first.child.once('exit', resolve));
  first.child.kill('SIGTERM');
  await gone;
  const second = await start(book);
  expect((await fetch(`${second.url}/api/alive`)).status).toBe(200);
  await second.kill();
});

test('a book that cannot be brought up to date is said, and is as it was', async () => {
  // As it was before the table that is in the way came.
  bookOfMigration(book, 20, 3);
  const before = new Database(book);
  before.exec('create table practised (x)');
  before.close();
  const { status, said } = await started();
  expect(status).toBe(1);
  expect(said).toMatch(/could not be brought up to date: .*practised/);
  expect(said).toContain('Nothing in it was changed.');
  expect(said).not.toContain('Ubbet is ready');
  const after = new Database(book, { readonly: true });
  expect(after.prepare('select count(*) as n from colony').get()).toEqual({ n: 3 });
  after.close();
});

test('what stands beside the book or in the environment and is none is said in a sentence', async () => {
  for (const port of ['abc', '99999']) {
    const { status, said } = await started({ PORT: port });
    expect([status, said.trim()]).toEqual([1, `PORT is to be a whole number from 1 to 65535, and is “${port}”.`]);
  }
  const access = join(folder, 'season.access.json');
  writeFileSync(access, '{ "passphrase": ');
  const { status, said } = await started();
  expect([status, said.includes('is damaged'), said.includes('npm run passphrase')]).toEqual([1, true, true]);
  const given = spawnSync(process.execPath, ['.next/gate/passphrase-command.mjs'], {
    env: { ...process.env, UBBET_DATA: book, UBBET_PASSPHRASE: 'three blind hives' },
    encoding: 'utf8',
  });
  expect(given.stdout).toContain('The new passphrase is set.');
  expect(JSON.parse(readFileSync(access, 'utf8')).devices).toEqual([]);
});
