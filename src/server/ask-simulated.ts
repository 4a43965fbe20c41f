import 'server-only';
import { addDays, dayOfMinute, formatDay } from '../core/calendar/day';
import type { Now } from '../core/calendar/now';
import type { SimulatedWish } from '../core/facts/simulated';
import { failure, type Result, success } from '../core/problems/issue';
import { say } from '../core/problems/says';
import type { Book } from '../db/open';
import { takeReadings } from '../db/repositories/scale';
import { standingColony } from '../db/repositories/standing-colony';
import { takeHours } from '../db/repositories/weather';
import { stationHours } from '../simulated/station';
import { demoReadings, demoStation, isOnDemoScale } from './demo-devices';

/** A week of cold and rain. */
const COLD_WEEK = { days: 7, byC: -7 } as const;
/** A prime swarm leaves within minutes. */
const SWARM = { at: '13:30', kg: 1.8 } as const;
/** The scale goes on without it for the rest of the season. */
const SCALE_DAYS = 90;

/** Has a simulated device bring what it was asked for, as a real one would; from then on that is what was measured. */
export function askSimulated(opened: Book, { kind, ofId }: SimulatedWish, now: Now): Result<null> {
  return kind === 'weather' ? coldWeek(opened, ofId, now) : swarm(opened, ofId, now);
}

const notThere = () => failure({ path: ['ofId'], code: 'not-found', message: say('no-such-address') });

function coldWeek({ db }: Book, apiaryId: string, { today, minute }: Now): Result<null> {
  const station = demoStation(apiaryId);
  if (!station) return notThere();
  const from = addDays(today, 1);
  const to = addDays(today, COLD_WEEK.days);
  const cold = { ...station, spells: [{ from, to, byC: COLD_WEEK.byC, wet: true }, ...(station.spells ?? [])] };
  const hours = stationHours(cold, from, today).filter(({ at }) => dayOfMinute(at) <= to);
  db.transaction((tx) => takeHours(tx, apiaryId, hours, { toldAt: minute, source: 'device' }));
  return success(null);
}

function swarm({ db }: Book, colonyId: string, { today }: Now): Result<null> {
  const colony = standingColony(db, colonyId);
  if (!colony || !isOnDemoScale(colonyId)) return notThere();
  const at = `${formatDay(today)}T${SWARM.at}`;
  const readings = demoReadings(
    colonyId,
    colony.apiaryId,
    addDays(today, SCALE_DAYS),
    `${formatDay(addDays(today, SCALE_DAYS))}T23:59`,
  );
  const without = readings
    .filter((reading) => dayOfMinute(reading.at) >= today)
    .map((reading) =>
      reading.at >= at ? { ...reading, kg: Math.max(0, Math.round((reading.kg - SWARM.kg) * 100) / 100) } : reading,
    );
  db.transaction((tx) => takeReadings(tx, colonyId, without));
  return success(null);
}
