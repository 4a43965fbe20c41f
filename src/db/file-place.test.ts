import { copyFileSync, existsSync, mkdtempSync, renameSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterEach, beforeEach, expect, it, vi } from 'vitest';
import { database, openDatabase } from './open';
import { apiaries } from './schema/tables';

let folder: string;
let file: string;
beforeEach(() => {
  folder = mkdtempSync(join(tmpdir(), 'ubbet-place-'));
  file = join(folder, 'season.sqlite');
  vi.stubEnv('UBBET_DATA', file);
});
afterEach(() => {
  database().sqlite.close();
  globalThis.ubbetOpened = undefined;
  vi.unstubAllEnvs();
  rmSync(folder, { recursive: true, force: true });
});

const addApiary = (name: string) => database().db.insert(apiaries).values({ id: name, name, note: '' }).run();
const names = () =>
  database()
    .db.select()
    .from(apiaries)
    .all()
    .map(({ name }) => name);

it('is the same book while its file is', () => {
  expect(database()).toBe(database());
});

it('is the other one once another file was put in its place, and nothing of the first gets into it', () => {
  const other = join(folder, 'other.sqlite');
  openDatabase(other).sqlite.close();
  addApiary('Long meadow');
  const first = database();
  renameSync(other, file);
  expect(names()).toEqual([]);
  expect(database()).not.toBe(first);
  expect(first.sqlite.open).toBe(false);
  addApiary('Walled garden');
  expect(names()).toEqual(['Walled garden']);
});

it('is read with the log that came with it', () => {
  addApiary('Long meadow');
  const other = join(folder, 'other.sqlite');
  const writing = openDatabase(other);
  writing.db.insert(apiaries).values({ id: 'Copse', name: 'Copse', note: '' }).run();
  expect(existsSync(`${other}-wal`)).toBe(true);
  for (const suffix of ['', '-wal']) {
    copyFileSync(other + suffix, `${file}.half`);
    renameSync(`${file}.half`, file + suffix);
  }
  writing.sqlite.close();
  expect(names()).toEqual(['Copse']);
});
