import 'server-only';
import { asc, eq, isNull } from 'drizzle-orm';
import { dayOfMinute } from '../../core/calendar/day';
import type { Db } from '../../db/open';
import { colonies, surveys } from '../../db/schema/tables';
import { dayWords } from '../../words/days';
import { framePlaceWords } from '../../words/frame-lists';

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
      return [{ on: dayWords(dayOfMinute(at)), where: framePlaceWords(colony, hive, box, place) }];
    }),
  );
  return places.filter(({ where }, i) => where !== places[i - 1]?.where).map(({ on, where }) => `${on}: ${where}`);
}
