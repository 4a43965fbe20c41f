import 'server-only';
import { eq } from 'drizzle-orm';
import type { NightsEntry } from '../../core/facts/weather';
import { failure, type Result, success } from '../../core/problems/issue';
import { say } from '../../core/problems/says';
import type { Db } from '../../db/open';
import { sayNight } from '../../db/repositories/weather';
import { apiaries } from '../../db/schema/tables';

/** Stores how cold nights get, as the keeper says; said anew it replaces what was said before. */
export function sayNights(db: Db, { apiaryId, nights }: NightsEntry): Result<null> {
  if (!db.select().from(apiaries).where(eq(apiaries.id, apiaryId)).get())
    return failure({ path: ['apiaryId'], code: 'unknown-reference', message: say('no-such-apiary') });
  db.transaction((tx) => {
    for (const { on, lowC } of nights) sayNight(tx, apiaryId, on, lowC);
  });
  return success(null);
}
