import 'server-only';
import type { ReadingsRead } from '../../core/formats/scale-file';
import { noneOf } from '../../core/formats/weather-file';
import { failure, type Result, success } from '../../core/problems/issue';
import { say } from '../../core/problems/says';
import type { Db } from '../../db/open';
import { takeReadings } from '../../db/repositories/scale';
import { standingColony } from '../../db/repositories/standing-colony';
import { type RowsTaken, refusedOf } from '../devices/rows-taken';

/** Stores the readings that are as they must be, all of them at once, and names the others. */
export function takeScale(db: Db, colonyId: string, { rows, refused }: ReadingsRead): Result<RowsTaken> {
  if (!standingColony(db, colonyId))
    return failure({ path: ['colonyId'], code: 'unknown-reference', message: say('choose-a-colony') });
  if (rows.length === 0) return noneOf(refused);
  db.transaction((tx) => takeReadings(tx, colonyId, rows));
  return success({ taken: rows.length, ...refusedOf(refused) });
}
