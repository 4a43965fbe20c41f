import 'server-only';
import { eq } from 'drizzle-orm';
import type { Now } from '../../core/calendar/now';
import type { WeatherSource } from '../../core/facts/weather';
import { type HoursRead, noneOf } from '../../core/formats/weather-file';
import { failure, type Issue, type Result, success } from '../../core/problems/issue';
import { say } from '../../core/problems/says';
import type { Db } from '../../db/open';
import { takeHours } from '../../db/repositories/weather';
import { apiaries } from '../../db/schema/tables';
import { type RowsTaken, refusedOf } from '../devices/rows-taken';

/** Stores the hours that are as they must be, all of them at once, and names the others. */
export function takeWeather(
  db: Db,
  apiaryId: string,
  { rows, refused, toldAt }: HoursRead,
  source: WeatherSource,
  now: Now,
): Result<RowsTaken> {
  if (!db.select().from(apiaries).where(eq(apiaries.id, apiaryId)).get())
    return failure({ path: ['apiaryId'], code: 'unknown-reference', message: say('no-such-apiary') });
  if (rows.length === 0) return noneOf(refused);
  const told = toldAt === null || toldAt > now.minute ? now.minute : toldAt;
  const { taken, known } = db.transaction((tx) => takeHours(tx, apiaryId, rows, { toldAt: told, source }));
  const earlier = known.map(({ at, toldAt: later }): Issue => {
    const message = say('told-earlier', { at, toldAt: later });
    return { path: [at], code: 'changed-meanwhile', message };
  });
  return success({ taken, ...refusedOf([...refused, ...earlier]) });
}
