import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, beforeAll, expect, it } from 'vitest';
import { bookOfMigration, migrationsThere } from '../../faults/old-book';
import { isLong } from '../../scripts/lib/how-often';
import { readAllFacts } from '../server/season/season-facts';
import { openDatabase } from './open';

let folder: string;
beforeAll(() => {
  folder = mkdtempSync(join(tmpdir(), 'ubbet-upgraded-'));
});
afterAll(() => rmSync(folder, { recursive: true, force: true }));

const all = Array.from({ length: migrationsThere() }, (_, n) => n + 1);

it.each(isLong ? all : all.filter((count) => count % 5 === 1))(
  'a book of migration %i is brought up to date with all that is in it',
  (count) => {
    const file = join(folder, `${count}.sqlite`);
    bookOfMigration(file, count, 3);
    const { db, sqlite } = openDatabase(file);
    const { apiaries, colonies } = readAllFacts(db);
    expect([apiaries.map(({ name }) => name), colonies.length]).toEqual([['Orchard'], 3]);
    expect(sqlite.pragma('foreign_key_check')).toEqual([]);
    sqlite.close();
  },
);
