import type { Day } from '../calendar/day';
import type { CheckWindow } from '../calendar/window';
import type { DayFit } from '../weather/weather-of';
import { type FitThere, isDayFor, type RoundCheck, type RoundDay } from './asked';

/** A check as the keeper last saw it planned. */
export interface SeenVisit {
  readonly id: string;
  /** The day of its round; null: it was on none. */
  readonly on: Day | null;
  readonly window: CheckWindow;
  /** Where its hive stood; absent in plans that were kept before it was noted. */
  readonly apiary?: string;
  /** What that day allowed then, and the free minutes that it had. */
  readonly fit: DayFit;
  readonly freeMinutes: number;
}

/** A plan as the keeper saw it: as text, since it is kept. */
export interface SeenPlan {
  readonly seenAt: string;
  readonly visits: readonly SeenVisit[];
}

/**
 * Why a check is planned on another day than before: that day is over; its hive stands at another apiary; its own days are others now; the
 * day was ruled out; its weather does not let it be done that day any more, or there is less time; it can be done earlier; or the plan as a
 * whole is better so.
 */
export type WhyMoved =
  | 'day-over'
  | 'elsewhere'
  | 'other-days'
  | 'weather'
  | 'time'
  | 'ruled-out'
  | 'earlier'
  | 'gave-way';

export interface MovedVisit {
  readonly id: string;
  readonly from: Day | null;
  readonly to: Day | null;
  readonly why: WhyMoved;
}

interface Now {
  readonly today: Day;
  readonly days: readonly RoundDay[];
  readonly visits: readonly RoundCheck[];
  readonly forbidden: ReadonlySet<Day>;
  /** On which day each is planned now. */
  readonly on: ReadonlyMap<string, Day>;
}

/**
 * What moved since the keeper last saw the plan, in the order of the days it was on. What was done since, and what is new, did not move.
 */
export function whatMoved(seen: readonly SeenVisit[], now: Now): readonly MovedVisit[] {
  const visitOf = new Map(now.visits.map((visit) => [visit.id, visit]));
  return seen
    .flatMap((before): MovedVisit[] => {
      const visit = visitOf.get(before.id);
      const to = now.on.get(before.id) ?? null;
      if (!visit || to === before.on) return [];
      return [{ id: before.id, from: before.on, to, why: whyOf(before, visit, to, now) }];
    })
    .sort((a, b) => (a.from ?? a.to ?? 0) - (b.from ?? b.to ?? 0));
}

function whyOf(before: SeenVisit, visit: RoundCheck, to: Day | null, { today, days, forbidden }: Now): WhyMoved {
  const { on, window, fit, freeMinutes } = before;
  if (on !== null && on < today) return 'day-over';
  if (before.apiary !== undefined && before.apiary !== visit.apiary) return 'elsewhere';
  const { earliest, ideal, latest } = visit.window;
  if (window.earliest !== earliest || window.latest !== latest || window.ideal !== ideal) return 'other-days';
  const day = days.find((one) => one.on === on);
  if (!day) return 'gave-way';
  if (forbidden.has(day.on)) return 'ruled-out';
  const there: FitThere | undefined = day.there?.get(visit.apiary);
  if (there && there.fit !== fit && !isDayFor(visit, day, forbidden)) return 'weather';
  if (to !== null && to < day.on) return 'earlier';
  return day.freeMinutes < freeMinutes ? 'time' : 'gave-way';
}
