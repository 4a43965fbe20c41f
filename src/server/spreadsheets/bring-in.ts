import 'server-only';
import { and, desc, eq, isNull, notInArray } from 'drizzle-orm';
import { v7 as newId } from 'uuid';
import { z } from 'zod';
import type { Now } from '../../core/calendar/now';
import { failure, type Result, success } from '../../core/problems/issue';
import { say } from '../../core/problems/says';
import { faultsOf } from '../../core/spreadsheets/bring-in/matching';
import { matchingField } from '../../core/spreadsheets/bring-in/matching-field';
import { countFates, FATES } from '../../core/spreadsheets/bring-in/plan';
import { makeBackup } from '../../db/backups/backup-files';
import type { Book } from '../../db/open';
import { broughtIn } from '../../db/schema/tables';
import { allOrNothing } from '../all-or-nothing';
import { readApart } from '../apart/read-apart';
import { writesOf } from '../book-version';
import { bookSideOf } from './book-side';
import { standAsWritten, undoWritten, writeChanges } from './write-changes';

const count = z.int().min(0);

/** A spreadsheet as it is handed in: its text, how it is to be understood, and what became of its rows when the keeper looked. */
export const sheetHandedIn = z.strictObject({
  file: z.string().trim().min(1).max(200),
  text: z.string(),
  matching: matchingField,
  /** Rows that cannot be brought in are left out; else nothing is brought in where there are any. */
  isRefusedLeftOut: z.boolean(),
  seen: z.strictObject({ new: count, known: count, conflict: count, refused: count }),
});
export type SheetHandedIn = z.output<typeof sheetHandedIn>;

/** So many are kept to be undone. */
const KEPT = 20;

/**
 * Brings a spreadsheet in, after a backup: all of its rows that can be, or nothing. It is reckoned anew from the text, and refused where the
 * book has changed so that another number of rows would be entered than the keeper saw.
 */
export async function bringIn(
  opened: Book,
  { file, text, matching, isRefusedLeftOut, seen }: SheetHandedIn,
  zone: string | null,
  now: Now,
): Promise<Result<{ id: string; rows: number }>> {
  if (faultsOf(matching).length > 0)
    return failure({ path: ['matching'], code: 'missing', message: say('not-matched-whole') });
  const writes = writesOf(opened);
  const read = await readApart('sheet', text, { matching, book: bookSideOf(opened.db, matching.kind), now, zone });
  if (!read.ok) return read;
  // Somebody else may have entered something while it was read.
  if (writesOf(opened) !== writes)
    return failure({ path: [], code: 'changed-meanwhile', message: say('book-changed-since') });
  const { heads, plan } = read.value;
  const counts = countFates(plan.fates);
  if (FATES.some((fate) => counts[fate] !== seen[fate]))
    return failure({ path: [], code: 'changed-meanwhile', message: say('book-changed-since') });
  if (counts.refused > 0 && !isRefusedLeftOut)
    return failure({ path: [], code: 'invalid', message: say('sheet-has-refused', { count: counts.refused }) });
  if (plan.changes.length === 0) return failure({ path: [], code: 'invalid', message: say('nothing-to-bring-in') });
  if (opened.file !== ':memory:') makeBackup(opened, 'before-import', now);
  return allOrNothing(opened.db, (tx) => {
    opened.sqlite.pragma('defer_foreign_keys = ON');
    const written = writeChanges(tx, plan.changes, now);
    const rows = counts.new + (matching.isOverBook ? counts.conflict : 0);
    const row = { id: newId(), at: now.instant, kind: matching.kind, file, heads, matching, rows };
    tx.insert(broughtIn)
      .values({ ...row, written, undoneAt: null })
      .run();
    const kept = tx.select({ id: broughtIn.id }).from(broughtIn).orderBy(desc(broughtIn.id)).limit(KEPT);
    tx.delete(broughtIn).where(notInArray(broughtIn.id, kept)).run();
    return success({ id: row.id, rows });
  });
}

/**
 * Undoes one: what was entered goes out, what stood there comes back. Refused where something of it was corrected since, or something
 * was entered that rests on it.
 */
export function undoBroughtIn(opened: Book, id: string, now: Now): Result<{ id: string }> {
  const builtOn = failure({ path: [], code: 'in-use', message: say('brought-in-built-on') });
  try {
    return allOrNothing(opened.db, (tx) => {
      opened.sqlite.pragma('defer_foreign_keys = ON');
      const stored = tx
        .select()
        .from(broughtIn)
        .where(and(eq(broughtIn.id, id), isNull(broughtIn.undoneAt)))
        .get();
      if (!stored) return failure({ path: ['id'], code: 'not-found', message: say('no-such-sheet-brought-in') });
      if (!standAsWritten(tx, stored.written)) return builtOn;
      undoWritten(tx, stored.written, now);
      tx.update(broughtIn).set({ undoneAt: now.instant, written: [] }).where(eq(broughtIn.id, id)).run();
      return success({ id });
    });
  } catch (error) {
    if (error instanceof Error && 'code' in error && String(error.code).startsWith('SQLITE_CONSTRAINT')) return builtOn;
    throw error;
  }
}

/** What was brought in, the newest first. */
export function listBroughtIn({ db }: Book) {
  const { id, at, kind, file, heads, matching, rows, undoneAt } = broughtIn;
  return db.select({ id, at, kind, file, heads, matching, rows, undoneAt }).from(broughtIn).orderBy(desc(id)).all();
}
export type BroughtIn = ReturnType<typeof listBroughtIn>[number];
