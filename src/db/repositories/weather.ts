import 'server-only';
import { and, asc, between, eq } from 'drizzle-orm';
import { v7 as newId } from 'uuid';
import { type Day, dayOfMinute, formatDay } from '../../core/calendar/day';
import { hourText } from '../../core/calendar/minute';
import type { WeatherDayFact, WeatherSource } from '../../core/facts/weather';
import { grouped } from '../../core/grouped';
import type { WeatherHour } from '../../core/weather/weather-of';
import type { Db } from '../open';
import { nights, weatherDays } from '../schema/tables';

/** An hour with when it was told, and by which way. */
export interface ToldHour extends WeatherHour {
  readonly toldAt: string;
  readonly source: WeatherSource;
}

/** The hours of an apiary that are stored, of all days or of those from one to another, both inclusive; in order of time. */
export function storedHours(
  db: Db,
  apiaryId: string,
  days: { readonly from: Day; readonly to: Day } | null,
): ToldHour[] {
  const within = days && between(weatherDays.on, formatDay(days.from), formatDay(days.to));
  return db
    .select()
    .from(weatherDays)
    .where(and(eq(weatherDays.apiaryId, apiaryId), within ?? undefined))
    .orderBy(asc(weatherDays.on))
    .all()
    .flatMap(({ on, hours }) => hours.map(({ hour, ...told }) => ({ at: `${on}T${hourText(hour)}`, ...told })));
}

/** Whether any hour was brought in for an apiary. */
export const hasHours = (db: Db, apiaryId: string): boolean =>
  db.select({ id: weatherDays.id }).from(weatherDays).where(eq(weatherDays.apiaryId, apiaryId)).get() !== undefined;

/** How hours that were handed in were taken. */
export interface HoursTaken {
  readonly taken: number;
  /** Known already, from the same or a later telling. */
  readonly known: readonly { readonly at: string; readonly toldAt: string }[];
}

/** Stores hours, each in place of what was told of it before; one that was told later stands. Call it inside a transaction. */
export function takeHours(
  db: Db,
  apiaryId: string,
  hours: readonly WeatherHour[],
  told: { readonly toldAt: string; readonly source: WeatherSource },
): HoursTaken {
  let taken = 0;
  const known: { at: string; toldAt: string }[] = [];
  for (const [on, own] of grouped(hours, ({ at }) => at.slice(0, 10))) {
    const day = and(eq(weatherDays.apiaryId, apiaryId), eq(weatherDays.on, on));
    const stored = db.select().from(weatherDays).where(day).get();
    const byHour = new Map(stored?.hours.map((hour) => [hour.hour, hour]));
    for (const { at, tempC, rainMm, windMs } of own) {
      const hour = Number(at.slice(11, 13));
      const before = byHour.get(hour);
      if (before && before.toldAt > told.toldAt) known.push({ at, toldAt: before.toldAt });
      else {
        byHour.set(hour, { hour, tempC, rainMm, windMs, ...told });
        taken += 1;
      }
    }
    const all: WeatherDayFact['hours'] = [...byHour.values()].sort((a, b) => a.hour - b.hour);
    if (stored) db.update(weatherDays).set({ hours: all }).where(day).run();
    else db.insert(weatherDays).values({ id: newId(), apiaryId, on, hours: all }).run();
  }
  return { taken, known };
}

/** What the keeper says of nights, °C. */
export const nightsSaid = (db: Db, apiaryId: string): ReadonlyMap<Day, number> =>
  new Map(
    db
      .select()
      .from(nights)
      .where(eq(nights.apiaryId, apiaryId))
      .all()
      .map(({ on, lowC }) => [dayOfMinute(on), lowC]),
  );

/** Says a night, or takes back what was said of it. */
export function sayNight(db: Db, apiaryId: string, on: string, lowC: number | null): void {
  const night = and(eq(nights.apiaryId, apiaryId), eq(nights.on, on));
  if (lowC === null) db.delete(nights).where(night).run();
  else
    db.insert(nights)
      .values({ id: newId(), apiaryId, on, lowC })
      .onConflictDoUpdate({ target: [nights.apiaryId, nights.on], set: { lowC } })
      .run();
}
