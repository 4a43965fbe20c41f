import 'server-only';
import type { Result } from '../core/problems/issue';
import type { Db } from '../db/open';

class Refused extends Error {
  constructor(readonly result: Result<never>) {
    super('refused');
  }
}

/** What is done in one transaction: where its result is a refusal nothing of it stays. */
export function allOrNothing<T>(db: Db, doIt: (tx: Db) => Result<T>): Result<T> {
  try {
    return db.transaction(
      (tx) => {
        const done = doIt(tx);
        if (!done.ok) throw new Refused(done);
        return done;
      },
      { behavior: 'immediate' },
    );
  } catch (error) {
    if (error instanceof Refused) return error.result;
    throw error;
  }
}
