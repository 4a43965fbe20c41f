import { mkdtempSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { formatDay } from '../core/calendar/day';
import { type Book, openDatabase } from '../db/open';
import { loadColonyFacts } from '../db/repositories/colony-facts';
import { apiaries, cellObservations, colonies, inspections, queens } from '../db/schema/tables';
import { allFacts } from './all-facts';
import { deleteColony, restoreColony } from './entries/delete-colony';
import { deleteInspection, restoreInspection } from './entries/delete-inspection';
import { saveInspection } from './entries/save-inspection';
import { insertAllFacts, readAllFacts, removeAllFacts } from './season/season-facts';
import { anEntry, demoBook, id, DEMO_NOW as now } from './testing';

let book: Book;
beforeEach(() => {
  book = demoBook();
  allFacts(book, now.today);
});
afterEach(() => book.sqlite.close());

const colonyId = () => book.db.select().from(colonies).all()[0]?.id as string;
const entry = () => anEntry({ id: id(77), colonyId: colonyId(), at: `${formatDay(now.today)}T11:11` });

describe('facts that are kept', () => {
  it.each<readonly [string, () => unknown]>([
    ['an inspection', () => saveInspection(book.db, entry(), now)],
    [
      'an inspection that was deleted and put back',
      () => {
        saveInspection(book.db, entry(), now);
        allFacts(book, now.today);
        deleteInspection(book.db, id(77), now);
        expect(allFacts(book, now.today)).toEqual(loadColonyFacts(book.db));
        restoreInspection(book.db, id(77), now);
      },
    ],
    ['a sight of a cell', () => book.db.update(cellObservations).set({ takenDown: true }).run()],
    ['a queen of another age', () => book.db.update(queens).set({ emergedFrom: '2026-05-05' }).run()],
    [
      'the months of an apiary',
      () =>
        book.db
          .update(apiaries)
          .set({ swarmMonths: [2, 3] })
          .run(),
    ],
    ['a colony taken out', () => deleteColony(book.db, colonyId(), now)],
    [
      'a colony put back',
      () => {
        deleteColony(book.db, colonyId(), now);
        allFacts(book, now.today);
        restoreColony(book.db, colonyId(), now);
      },
    ],
    [
      'a whole season in its place',
      () => {
        const season = readAllFacts(book.db);
        book.db.transaction((tx) => {
          removeAllFacts(tx);
          insertAllFacts(tx, {
            ...season,
            inspections: season.inspections.map((one) => ({ ...one, note: 'brought in' })),
          });
        });
      },
    ],
    [
      'what was rolled back',
      () =>
        expect(() =>
          book.db.transaction((tx) => {
            tx.delete(cellObservations).run();
            throw new Error('no');
          }),
        ).toThrow('no'),
    ],
  ])('are read again after %s', (_, change) => {
    change();
    expect(allFacts(book, now.today)).toEqual(loadColonyFacts(book.db));
  });

  it('are the same objects for a colony of which nothing was changed', () => {
    const [first, ...others] = [...allFacts(book, now.today).keys()] as [string, ...string[]];
    const before = allFacts(book, now.today);
    saveInspection(book.db, { ...entry(), colonyId: first }, now);
    const after = allFacts(book, now.today);
    expect(after.get(first)?.inspections).not.toBe(before.get(first)?.inspections);
    for (const other of others) expect(after.get(other)?.inspections).toBe(before.get(other)?.inspections);
  });

  it('are read again after another connection has written', () => {
    const file = join(mkdtempSync(join(tmpdir(), 'ubbet-')), 'book.sqlite');
    const [one, other] = [openDatabase(file), openDatabase(file)];
    one.db.transaction((tx) => insertAllFacts(tx, readAllFacts(book.db)));
    allFacts(one, now.today);
    other.db.update(inspections).set({ eggs: 'none' }).run();
    other.sqlite.close();
    expect(allFacts(one, now.today)).toEqual(loadColonyFacts(one.db));
    one.sqlite.close();
  });
});
