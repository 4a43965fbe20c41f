import 'server-only';
import { emergedOf } from '../core/queens/age';
import type { Db } from '../db/open';
import { queens } from '../db/schema/tables';
import type { QueenAges } from '../views/union-view';

/** When the queens in the book emerged, as far as that was noted. */
export function queenAges(db: Db): QueenAges {
  const rows = db.select().from(queens).all();
  return new Map(
    rows.flatMap((queen) => {
      const emerged = emergedOf(queen);
      return emerged ? [[queen.id, emerged] as const] : [];
    }),
  );
}
