import { figure } from '../biology/figure';
import { addDays, type Day, latestOf } from '../calendar/day';
import type { DayRange } from '../calendar/window';
import type { PinnedRound, RoadBetween, RoundApiary } from './asked';
import type { Solver } from './model';
import { type LateCheck, type PlannedMinutes, type PlannedRound, planRounds, type RoundsPlan } from './plan-rounds';
import type { PlannedDay } from './planned-days';
import type { Gift } from './round-order';
import type { VisitCheck } from './to-visit';
import { whyNotSooner } from './why-not-sooner';

/** What is asked for the fortnight to come. */
export interface FortnightAsked {
  readonly days: readonly PlannedDay[];
  readonly apiaries: readonly RoundApiary[];
  readonly between: readonly RoadBetween[];
  readonly visits: readonly VisitCheck[];
  readonly pinned: readonly PinnedRound[];
  readonly forbidden: readonly Day[];
  readonly together: readonly (readonly [string, string])[];
  readonly seen: ReadonlyMap<string, Day>;
  /** Who gives frames to whom, by lists that are still to be worked off. */
  readonly gifts: readonly Gift[];
}

/** A round with its hours at the hives, in minutes since midnight; null: the ways of that day's pinned rounds are more than it has. */
export interface TimedRound extends PlannedRound {
  readonly hours: { readonly from: number; readonly to: number } | null;
  readonly isPinned: boolean;
  /** Those of its checks that could have been done in time, and are not. */
  readonly tooLate: readonly string[];
}

/** What cannot be met in time, and why not on days on which it still could have been, or was to be. */
export interface UnmetVisit extends LateCheck {
  readonly within: DayRange;
}

export interface Fortnight {
  readonly rounds: readonly TimedRound[];
  /** Minutes on the road of each day with rounds, and of work. */
  readonly days: readonly PlannedMinutes[];
  /** What cannot be met in time; what was late before and stands within {@link LATE_WITHIN} days is only late. */
  readonly unmet: readonly UnmetVisit[];
  readonly optimal: boolean;
  readonly gap: RoundsPlan['gap'];
}

/** What is late and stands on no round within so many days is said with what cannot be met. */
export const LATE_WITHIN = figure('what-is-late-and-waits-longer-is-said', 3, 'days', 'caution').value;

/**
 * The rounds of a fortnight, in one go: what is late keeps its own days, and stands on the day that loses least.
 *
 * @param clock seconds since any moment
 */
export function planFortnight(asked: FortnightAsked, solve: Solver, clock: () => number): Fortnight {
  const { visits, apiaries, forbidden, days, pinned, together, seen } = asked;
  const question = { days, apiaries, between: asked.between, checks: visits, pinned, forbidden, together, seen };
  const plan = planRounds(question, solve, clock);
  const { late, optimal, gap } = plan;
  const [today, end] = [days[0]?.on, days.at(-1)?.on];
  const visitOf = new Map(visits.map((visit) => [visit.id, visit]));
  const unmet = late.flatMap((one): UnmetVisit[] => {
    const visit = visitOf.get(one.id) as VisitCheck;
    if (today === undefined || end === undefined) return [];
    const wasLate = visit.window.latest < today;
    if (wasLate && one.on !== null && one.on <= addDays(today, LATE_WITHIN)) return [];
    const to = wasLate ? (one.on === null ? end : addDays(one.on, -1)) : visit.window.latest;
    const from = latestOf(today, visit.window.earliest);
    return [{ id: one.id, on: one.on, within: { from, to }, why: whyNotSooner(visit, { from, to }, question) }];
  });
  return { rounds: timed(asked, plan, new Set(unmet.map(({ id }) => id))), days: plan.days, unmet, optimal, gap };
}

function timed(
  { pinned }: FortnightAsked,
  { rounds, days }: Pick<RoundsPlan, 'rounds' | 'days'>,
  tooLate: ReadonlySet<string>,
): readonly TimedRound[] {
  const stopsOn = new Map(days.map(({ on, stops }) => [on, stops]));
  const isPinned = new Set(pinned.map(({ on, apiary }) => `${on} ${apiary}`));
  return rounds.map((round) => {
    const stop = stopsOn.get(round.on)?.find(({ apiary }) => apiary === round.apiary);
    return {
      ...round,
      hours: stop ? { from: stop.from, to: stop.to } : null,
      isPinned: isPinned.has(`${round.on} ${round.apiary}`),
      tooLate: round.checks.filter((id) => tooLate.has(id)),
    };
  });
}
