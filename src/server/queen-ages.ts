import 'server-only';
import { day } from '../core/calendar/day';
import type { Db } from '../db/open';
import { queens } from '../db/schema/tables';
import type { QueenAges } from '../views/union-view';

/** When the queens in the book emerged, as far as that was noted. */
export function queenAges(db: Db): QueenAges {
  const rows = db.select().from(queens).all();
  return new Map(
    rows.flatMap(({ id, emergedFrom, emergedTo }) => {
      const [from, to] = [emergedFrom ?? emergedTo, emergedTo ?? emergedFrom];
      return from && to ? [[id, { from: day(from), to: day(to) }] as const] : [];
    }),
  );
}
