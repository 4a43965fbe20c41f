import 'server-only';
import type { Now } from '../../core/calendar/now';
import type { Starts } from '../../core/facts/starts';
import { type Result, success } from '../../core/problems/issue';
import type { Db } from '../../db/open';
import { startProgramme } from './start-programme';

class Refused extends Error {
  constructor(readonly result: Result<never>) {
    super('refused');
  }
}

/** Begins a method and gives the cells, all or nothing: where one of them is refused none of them is stored. */
export function startAll(db: Db, { start, gifts }: Starts, now: Now): Result<{ id: string }> {
  try {
    return db.transaction(
      (tx) => {
        gifts.forEach((gift, i) => {
          const given = startProgramme(tx, gift, now);
          if (!given.ok) {
            const issues = given.issues.map((issue) => ({ ...issue, path: ['gifts', i, ...issue.path] }));
            throw new Refused({ ok: false, issues });
          }
        });
        const begun = startProgramme(tx, start, now);
        if (!begun.ok) throw new Refused(begun);
        return success({ id: start.id });
      },
      { behavior: 'immediate' },
    );
  } catch (error) {
    if (error instanceof Refused) return error.result;
    throw error;
  }
}
