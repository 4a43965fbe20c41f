import 'server-only';
import type { Now } from '../../core/calendar/now';
import type { SeveralColonies } from '../../core/facts/several-colonies';
import { failure, type Issue, type Result, success } from '../../core/problems/issue';
import type { Db } from '../../db/open';
import { saveColony } from './save-colony';

class Refused extends Error {
  constructor(readonly issues: readonly Issue[]) {
    super('refused');
  }
}

/** Adds several colonies: all of them, or none and everything that is wrong with any. */
export function saveColonies(db: Db, { colonies }: SeveralColonies, now: Now): Result<{ id: string }> {
  try {
    return db.transaction((tx) => {
      const issues = colonies.flatMap((colony, i) => {
        const saved = saveColony(tx, colony, now);
        return saved.ok ? [] : saved.issues.map((issue) => ({ ...issue, path: ['colonies', i, ...issue.path] }));
      });
      if (issues.length > 0) throw new Refused(issues);
      return success({ id: colonies[0]?.id ?? '' });
    });
  } catch (error) {
    if (error instanceof Refused) return failure(...error.issues);
    throw error;
  }
}
