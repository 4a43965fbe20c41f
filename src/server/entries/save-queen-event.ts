import 'server-only';
import { eq } from 'drizzle-orm';
import { z } from 'zod';
import { day } from '../../core/calendar/day';
import type { Now } from '../../core/calendar/now';
import { queenEventFact, queenFact } from '../../core/facts/queen';
import { failure, type Result, success } from '../../core/problems/issue';
import type { Db } from '../../db/open';
import { colonies, queenEvents, queens } from '../../db/schema/tables';

/** Something that befell a queen, with the queen herself where she is new to the book. */
export const queenEntry = z.strictObject({ event: queenEventFact, newQueen: queenFact.nullable() });

export type QueenEntry = z.infer<typeof queenEntry>;

/** Stores an event of a queen's life, and the queen when she is new. Sent again it lands once. */
export function saveQueenEvent(db: Db, { event, newQueen }: QueenEntry, { today }: Now): Result<{ id: string }> {
  return db.transaction((tx) => {
    const colony = tx.select().from(colonies).where(eq(colonies.id, event.colonyId)).get();
    if (!colony) {
      return failure({
        path: ['event', 'colonyId'],
        code: 'unknown-reference',
        message: 'Choose a colony in the book.',
      });
    }
    if (day(event.on) > today) {
      const message = 'This day lies in the future. Give today or an earlier day.';
      return failure({ path: ['event', 'on'], code: 'in-the-future', message });
    }
    if (event.on < colony.startedOn) {
      const message = `The colony begins on ${colony.startedOn}. Give that day or a later one.`;
      return failure({ path: ['event', 'on'], code: 'before-colony', message });
    }
    if (newQueen) {
      const { emergedFrom, emergedTo } = newQueen;
      if (emergedFrom !== null && emergedTo !== null && emergedTo < emergedFrom) {
        const message = 'She cannot have emerged by a day before the first possible one. Swap or correct the two.';
        return failure({ path: ['newQueen', 'emergedTo'], code: 'contradiction', message });
      }
    }
    const known = newQueen?.id === event.queenId || tx.select().from(queens).where(eq(queens.id, event.queenId)).get();
    if (!known) {
      return failure({ path: ['event', 'queenId'], code: 'unknown-reference', message: 'Choose a queen in the book.' });
    }
    if (newQueen) tx.insert(queens).values(newQueen).onConflictDoNothing().run();
    tx.insert(queenEvents).values(event).onConflictDoNothing().run();
    return success({ id: event.id });
  });
}
