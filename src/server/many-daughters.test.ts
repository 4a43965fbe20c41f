import { afterEach, beforeEach, expect, it } from 'vitest';
import type { Book } from '../db/open';
import { colonies } from '../db/schema/tables';
import { coloniesView } from '../views/colonies-view';
import { loadApiaries } from './all-apiaries';
import { saveColony } from './entries/save-colony';
import { neighboursOf } from './neighbours';
import { bookOf, DEMO_NOW, id } from './testing';

const { today } = DEMO_NOW;
const DAUGHTERS = 500;

let opened: Book;
beforeEach(() => {
  opened = bookOf(id(1), Object.fromEntries(Array.from({ length: DAUGHTERS }, (_, i) => [`Hive ${i}`, id(100 + i)])));
});
afterEach(() => opened.sqlite.close());

/** Each the daughter of the one before it; and, where it is closed, the first the daughter of the last. */
function inChain(isClosed: boolean): void {
  const { db } = opened;
  const rows = db.select().from(colonies).all();
  db.delete(colonies).run();
  opened.sqlite.pragma('foreign_keys = OFF');
  for (const [i, row] of rows.sort((a, b) => (a.id < b.id ? -1 : 1)).entries()) {
    const before = i === 0 ? (isClosed ? id(99 + DAUGHTERS) : null) : id(99 + i);
    db.insert(colonies)
      .values({ ...row, parentColonyId: before, origin: before ? 'split' : 'established' })
      .run();
  }
}

it.each([
  ['a chain of five hundred daughters', false],
  ['a circle of five hundred, as only a file made by hand could hold', true],
])('%s is worked out, looked at and added to like any other colonies', (_, isClosed) => {
  inChain(isClosed);
  const all = loadApiaries(opened, today);
  expect(all.colonies).toHaveLength(DAUGHTERS);
  expect(all.unreckoned).toEqual([]);
  expect(coloniesView(all, today)[0]?.colonies).toHaveLength(DAUGHTERS);
  const last = all.colonies.find(({ colony }) => colony.id === id(99 + DAUGHTERS));
  expect(last && neighboursOf(opened.db, last.colony)).toBeDefined();
  const entry = {
    id: id(5),
    apiaryId: id(1),
    name: 'One more',
    stand: '',
    origin: 'split',
    parentColonyId: id(99 + DAUGHTERS),
    startedOn: '2027-05-10',
    endedOn: null,
    note: '',
    wanted: 'nothing',
  } as const;
  expect(saveColony(opened.db, entry, DEMO_NOW).ok).toBe(true);
});
