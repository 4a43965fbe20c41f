import 'server-only';
import type { Now } from '../../core/calendar/now';
import type { SeveralColonies } from '../../core/facts/several-colonies';
import { failure, type Result, success } from '../../core/problems/issue';
import type { Db } from '../../db/open';
import { allOrNothing } from '../all-or-nothing';
import { saveColony } from './save-colony';

/** Adds several colonies: all of them, or none and everything that is wrong with any. */
export const saveColonies = (db: Db, { colonies }: SeveralColonies, now: Now): Result<{ id: string }> =>
  allOrNothing(db, (tx) => {
    const issues = colonies.flatMap((colony, i) => {
      const saved = saveColony(tx, colony, now);
      return saved.ok ? [] : saved.issues.map((issue) => ({ ...issue, path: ['colonies', i, ...issue.path] }));
    });
    return issues.length > 0 ? failure(...issues) : success({ id: colonies[0]?.id ?? '' });
  });
