import { boxName } from '../../words/boxes';
import 'server-only';
import { asc, eq, isNull } from 'drizzle-orm';
import { dayOfMinute } from '../../core/calendar/day';
import { dayWords } from '../../core/calendar/words';
import type { Db } from '../../db/open';
import { colonies, surveys } from '../../db/schema/tables';

/** Where a frame has been: every move to another place, oldest first, in words. */
export function frameHistory(db: Db, frameId: string): readonly string[] {
  const rows = db
    .select({ at: surveys.at, hive: surveys.hive, colony: colonies.name })
    .from(surveys)
    .innerJoin(colonies, eq(surveys.colonyId, colonies.id))
    .where(isNull(surveys.deletedAt))
    .orderBy(asc(surveys.at), asc(surveys.id))
    .all();
  const places = rows.flatMap(({ at, hive, colony }) =>
    hive.boxes.flatMap((box) => {
      const place = box.frames.findIndex(({ id }) => id === frameId);
      if (place < 0) return [];
      return [{ on: dayWords(dayOfMinute(at)), where: `${colony}, ${boxName(hive, box)}, frame ${place + 1}` }];
    }),
  );
  return places.filter(({ where }, i) => where !== places[i - 1]?.where).map(({ on, where }) => `${on}: ${where}`);
}
