import 'server-only';
import { z } from 'zod';
import type { Now } from '../../core/calendar/now';
import { LIMITS } from '../../core/facts/limits';
import { programmeStart } from '../../core/facts/programme-start';
import { type Result, success } from '../../core/problems/issue';
import type { Db } from '../../db/open';
import { startProgramme } from './start-programme';

/** A method with the cells that go to other colonies on the same visit, each of them a start of its own there. */
export const startsEntry = z.strictObject({
  start: programmeStart,
  gifts: z.array(programmeStart).max(LIMITS.cellsPerInspection),
});

class Refused extends Error {
  constructor(readonly result: Result<never>) {
    super('refused');
  }
}

/** Begins a method and gives the cells, all or nothing: where one of them is refused none of them is stored. */
export function startAll(db: Db, { start, gifts }: z.infer<typeof startsEntry>, now: Now): Result<{ id: string }> {
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
