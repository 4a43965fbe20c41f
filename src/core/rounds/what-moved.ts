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
 * Why a check is planned on another day than before: that day is over; its own days are others now; the weather of that day is, or the time on
 * it; the day was ruled out; or it gave way to something else.
 */
export type WhyMoved = 'day-over' | 'other-days' | 'weather' | 'time' | 'ruled-out' | 'gave-way';

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
      return [{ id: before.id, from: before.on, to, why: whyOf(before, visit, now) }];
    })
    .sort((a, b) => (a.from ?? a.to ?? 0) - (b.from ?? b.to ?? 0));
}

function whyOf(before: SeenVisit, visit: RoundCheck, { today, days, forbidden }: Now): WhyMoved {
  const { on, window, fit, freeMinutes } = before;
  if (on !== null && on < today) return 'day-over';
  const { earliest, ideal, latest } = visit.window;
  if (window.earliest !== earliest || window.latest !== latest || window.ideal !== ideal) return 'other-days';
  const day = days.find((one) => one.on === on);
  if (!day) return 'gave-way';
  if (forbidden.has(day.on)) return 'ruled-out';
  const there: FitThere | undefined = day.there?.get(visit.apiary);
  if (there && there.fit !== fit && !isDayFor(visit, day, forbidden)) return 'weather';
  if (day.freeMinutes < freeMinutes) return 'time';
  return there && there.fit !== fit ? 'weather' : 'gave-way';
}
