import 'server-only';
import { addDays, type Day, formatDay } from '../../core/calendar/day';
import { minuteAt, minuteOfDay } from '../../core/calendar/minute';
import type { Now } from '../../core/calendar/now';
import { learnedMinutes } from '../../core/rounds/learned-minutes';
import type { FortnightAsked } from '../../core/rounds/plan-fortnight';
import { PLANNED_DAYS, plannedDays } from '../../core/rounds/planned-days';
import { sunsetOn } from '../../core/rounds/sunset';
import { couplesOf, toVisit, visitedColony, visitId } from '../../core/rounds/to-visit';
import { minutesByKind } from '../../core/rounds/work';
import type { Book, Db } from '../../db/open';
import { openFrameGifts } from '../../db/repositories/frame-plans';
import { loadRoundWishes, loadSeenPlan, roundsMade } from '../../db/repositories/rounds';
import type { AllApiaries } from '../../views/all-apiaries';
import { isDemo } from '../demo-mode';
import { hoursAt } from '../weather/hours';

/** The plan of a day changes by itself as its hours go by, and no oftener than so, min. */
const STEP_MIN = 15;
/** The demo's day is not the one outside: it is planned from its morning on. */
const DEMO_MORNING_MIN = 10 * 60;

/** The minute from which a day is planned. */
export function planningMinute({ today, minute }: Now): string {
  const at = isDemo() ? DEMO_MORNING_MIN : minuteOfDay(minute);
  return minuteAt(today, at - (at % STEP_MIN));
}

/** Minutes of work as the rounds that were made teach them. */
export const learnedMinutesNow = (db: Db) => learnedMinutes(roundsMade(db));

/** What is asked of the planner by now: facts, forecast, free time and what the keeper wants of the plan. */
export function askedNow(opened: Book, all: AllApiaries, now: Now, zone: string): FortnightAsked {
  const { db } = opened;
  const { settings, apiaries } = all;
  const { today } = now;
  const last = addDays(today, PLANNED_DAYS - 1);
  const { latitude, longitude } = settings;
  const days = plannedDays({
    today,
    minute: planningMinute(now),
    time: settings,
    hours: new Map(apiaries.map(({ id }) => [id, hoursAt(opened, id, today, { from: today, to: last })] as const)),
    apiaries: apiaries.map(({ id }) => id),
    sunset: (on) => (latitude === null ? null : sunsetOn(on, { latitude, longitude }, zone)),
  });
  const minutes = minutesByKind(settings.workMinutes, learnedMinutesNow(db));
  const onStands = new Set(all.colonies.map(({ colony }) => colony.id));
  const gifts = openFrameGifts(db).filter((pair) => pair.every((id) => onStands.has(id)));
  const wishes = loadRoundWishes(db);
  const leftOut = new Set(
    wishes.flatMap((wish) => (wish.kind === 'left-out' ? [visitId(wish.colonyId, wish.key)] : [])),
  );
  const visits = all.colonies
    .flatMap(({ colony, state }) => toVisit(visitedColony(colony, state), { today, last }, minutes))
    .filter(({ id }) => !leftOut.has(id));
  const dayNamed = new Map(days.map(({ on }) => [formatDay(on), on] as const));
  const known = new Set(apiaries.map(({ id }) => id));
  const dayOf = (on: string): readonly Day[] => [dayNamed.get(on) ?? []].flat();
  return {
    days,
    apiaries: apiaries.map(({ id, wayMinutes }) => ({ id, wayMinutes: wayMinutes ?? settings.wayMinutes })),
    between: settings.roadMinutes.filter(({ a, b }) => known.has(a) && known.has(b)),
    visits,
    pinned: wishes.flatMap((wish) =>
      wish.kind === 'pinned' && known.has(wish.apiaryId)
        ? dayOf(wish.on).map((on) => ({ on, apiary: wish.apiaryId }))
        : [],
    ),
    forbidden: wishes.flatMap((wish) => (wish.kind === 'forbidden' ? dayOf(wish.on) : [])),
    together: couplesOf(visits, gifts),
    gifts,
    seen: new Map((loadSeenPlan(db)?.visits ?? []).flatMap(({ id, on }) => (on === null ? [] : [[id, on] as const]))),
  };
}
