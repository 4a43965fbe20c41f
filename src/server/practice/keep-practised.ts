import 'server-only';
import { asc } from 'drizzle-orm';
import type { PracticeSent } from '../../core/facts/practised';
import type { Practised } from '../../core/practice/review';
import { type Result, success } from '../../core/problems/issue';
import type { Db } from '../../db/open';
import { practised } from '../../db/schema/tables';

/**
 * Keeps in the book what a device practised, or forgets all of it, and gives back what the book has then, in order of time. Sent again it changes
 * nothing; two devices add to each other.
 */
export function keepPractised(db: Db, sent: PracticeSent): Result<readonly Practised[]> {
  return db.transaction((tx) => {
    if (sent.kind === 'forgotten') tx.delete(practised).run();
    else if (sent.practised.length > 0)
      tx.insert(practised)
        .values([...sent.practised])
        .onConflictDoNothing()
        .run();
    return success(tx.select().from(practised).orderBy(asc(practised.at), asc(practised.id)).all());
  });
}
