import 'server-only';
import type { Now } from '../../core/calendar/now';
import type { Starts } from '../../core/facts/starts';
import type { Result } from '../../core/problems/issue';
import type { Db } from '../../db/open';
import { allOrNothing } from '../all-or-nothing';
import { startProgramme } from './start-programme';

/** Begins a method and gives the cells, all or nothing: where one of them is refused none of them is stored. */
export const startAll = (db: Db, { start, gifts }: Starts, now: Now): Result<{ id: string }> =>
  allOrNothing(db, (tx) => {
    for (const [i, gift] of gifts.entries()) {
      const given = startProgramme(tx, gift, now);
      if (given.ok) continue;
      return { ok: false, issues: given.issues.map((issue) => ({ ...issue, path: ['gifts', i, ...issue.path] })) };
    }
    return startProgramme(tx, start, now);
  });
