import 'server-only';
import { randomUUID } from 'node:crypto';
import { basename } from 'node:path';
import { sql } from 'drizzle-orm';
import { type Day, formatDay } from '../core/calendar/day';
import type { Book, Db } from '../db/open';
import { books } from '../db/schema/tables';
import { DEMO_BOOK } from '../words/book';
import { isDemo } from './demo-mode';

/** The count of changes begins anew with every process. */
const BOOT = randomUUID().slice(0, 8);

/** Changes with every change of the book, by whichever connection, and with the day it is asked. */
export function bookVersion({ sqlite }: Book, today: Day): string {
  const { changes } = sqlite.prepare('select total_changes() as changes').get() as { changes: number };
  const others = sqlite.pragma('data_version', { simple: true });
  return `${BOOT}-${changes}-${others}-${formatDay(today)}`;
}

/** Names the book on a device, so that what waits there is never sent to another one that has the same address. */
export function bookId({ db }: Book): string {
  const { id } = bookRow(db);
  return isDemo() ? `demo-${id}` : id;
}

/** How often the book was written: an older state of it, brought back, has been written less often. */
export const writesOf = ({ db }: Book): number => bookRow(db).writes;

/** Counts a write, so that devices notice when an older state of the book is brought back. */
export function countWrite({ db }: Book): void {
  db.update(books)
    .set({ writes: sql`${books.writes} + 1` })
    .run();
}

/** What the book is called where there may be several. */
export const bookName = ({ file }: Book): string => (isDemo() ? DEMO_BOOK : basename(file));

function bookRow(db: Db) {
  const row = db.select().from(books).get();
  if (!row) throw new Error('The book has no identity: it was not opened as one');
  return row;
}
