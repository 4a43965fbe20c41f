import 'server-only';
import { and, asc, eq, gte } from 'drizzle-orm';
import { v7 as newId } from 'uuid';
import { day } from '../../core/calendar/day';
import { minuteAt, minuteOfDay } from '../../core/calendar/minute';
import type { ScaleDayFact } from '../../core/facts/scale';
import { grouped } from '../../core/grouped';
import type { ScaleReading } from '../../core/scale/scale-of';
import type { Db } from '../open';
import { scaleDays } from '../schema/tables';

/** What the scale under a colony read from a day on, in order of time. @param from `YYYY-MM-DD` */
export function storedReadings(db: Db, colonyId: string, from: string): ScaleReading[] {
  return db
    .select()
    .from(scaleDays)
    .where(and(eq(scaleDays.colonyId, colonyId), gte(scaleDays.on, from)))
    .orderBy(asc(scaleDays.on))
    .all()
    .flatMap(({ on, readings }) => readings.map(([minute, kg]) => ({ at: minuteAt(day(on), minute), kg })));
}

/** Colonies that stand on a scale, or did. */
export const onScales = (db: Db): ReadonlySet<string> =>
  new Set(
    db
      .selectDistinct({ id: scaleDays.colonyId })
      .from(scaleDays)
      .all()
      .map(({ id }) => id),
  );

/** Stores readings, each in place of what was read at the same minute. Call it inside a transaction. */
export function takeReadings(db: Db, colonyId: string, readings: readonly ScaleReading[]): void {
  for (const [on, own] of grouped(readings, ({ at }) => at.slice(0, 10))) {
    const ofDay = and(eq(scaleDays.colonyId, colonyId), eq(scaleDays.on, on));
    const stored = db.select().from(scaleDays).where(ofDay).get();
    const byMinute = new Map(stored?.readings);
    for (const { at, kg } of own) byMinute.set(minuteOfDay(at), kg);
    const all: ScaleDayFact['readings'] = [...byMinute].sort(([a], [b]) => a - b);
    if (stored) db.update(scaleDays).set({ readings: all }).where(ofDay).run();
    else db.insert(scaleDays).values({ id: newId(), colonyId, on, readings: all }).run();
  }
}
