import type { Day } from '../calendar/day';
import { grouped } from '../grouped';
import type { PinnedRound, RoundApiary, RoundsAsked } from './asked';
import type { Solver } from './model';
import { type PlannedRound, planRounds, type RoundsPlan, SECONDS_AT_MOST, type UnmetCheck } from './plan-rounds';
import type { PlannedDay } from './planned-days';
import { plannedOn } from './planned-on';
import { roundHours } from './round-hours';
import type { Gift } from './round-order';
import type { VisitCheck } from './to-visit';

/** What is asked for the fortnight to come. */
export interface FortnightAsked {
  readonly days: readonly PlannedDay[];
  readonly apiaries: readonly RoundApiary[];
  readonly visits: readonly VisitCheck[];
  readonly pinned: readonly PinnedRound[];
  readonly forbidden: readonly Day[];
  readonly together: readonly (readonly [string, string])[];
  readonly seen: ReadonlyMap<string, Day>;
  /** Who gives frames to whom, by lists that are still to be worked off. */
  readonly gifts: readonly Gift[];
}

/** A round with its hours at the hives, in minutes since midnight; null: they do not follow one another within the free time. */
export interface TimedRound extends PlannedRound {
  readonly hours: { readonly from: number; readonly to: number } | null;
  readonly isPinned: boolean;
  /** Those of its checks that come after their window, on the least bad day there is. */
  readonly tooLate: readonly string[];
}

/** What cannot be met in its window, and on which round it is done after it; null: on none. */
export interface UnmetVisit extends UnmetCheck {
  readonly doneOn: Day | null;
}

export interface Fortnight {
  readonly rounds: readonly TimedRound[];
  readonly unmet: readonly UnmetVisit[];
  readonly optimal: boolean;
  readonly gap: number | null;
}

/** Kept back for what cannot be met: it is a small question once all else has its day, s. */
const LATE_SECONDS = 0.3;

/**
 * The rounds of a fortnight: first all that can be met, then, around it, what cannot, each on the first day after its window that has room
 * for it. What could still be met after the last of the days is not called unmet.
 *
 * @param clock seconds since any moment
 */
export function planFortnight(asked: FortnightAsked, solve: Solver, clock: () => number): Fortnight {
  const began = clock();
  const first = planRounds(question(asked, asked.visits, asked.pinned), solve, clock, SECONDS_AT_MOST - LATE_SECONDS);
  const last = asked.days.at(-1)?.on ?? Number.NEGATIVE_INFINITY;
  const visitOf = new Map(asked.visits.map((visit) => [visit.id, visit]));
  const unmet = first.unmet.filter(({ id }) => (visitOf.get(id) as VisitCheck).window.latest <= last);
  const left = SECONDS_AT_MOST - (clock() - began);
  const second = planLate(asked, first, unmet, (late) => planRounds(late, solve, clock, left));
  const doneOn = plannedOn(second.rounds);
  const tooLate = new Set(unmet.map(({ id }) => id));
  return {
    rounds: timed(asked, second.rounds, tooLate),
    unmet: unmet.map((one) => ({ ...one, doneOn: doneOn.get(one.id) ?? null })),
    optimal: first.optimal,
    gap: first.gap,
  };
}

function question(
  { days, apiaries, forbidden, together, seen }: FortnightAsked,
  checks: readonly VisitCheck[],
  pinned: readonly PinnedRound[],
): RoundsAsked {
  const known = new Set(checks.map(({ id }) => id));
  return {
    days,
    apiaries,
    checks,
    pinned,
    forbidden,
    together: together.filter(([one, other]) => known.has(one) && known.has(other)),
    seen,
  };
}

/** What is met stays on its day; what is not has from its least bad day to the last. */
function planLate(
  asked: FortnightAsked,
  first: RoundsPlan,
  unmet: readonly UnmetCheck[],
  plan: (late: RoundsAsked) => RoundsPlan,
): Pick<RoundsPlan, 'rounds'> {
  const leastBad = new Map(unmet.flatMap(({ id, leastBad: on }) => (on === null ? [] : [[id, on] as const])));
  if (leastBad.size === 0) return first;
  const last = asked.days.at(-1)?.on as Day;
  const met = plannedOn(first.rounds);
  const checks = asked.visits.flatMap((visit) => {
    const [on, late] = [met.get(visit.id), leastBad.get(visit.id)];
    if (on !== undefined) return [{ ...visit, window: { earliest: on, ideal: on, latest: on } }];
    return late === undefined ? [] : [{ ...visit, window: { earliest: late, ideal: late, latest: last } }];
  });
  const made = first.rounds.map(({ on, apiary }) => ({ on, apiary }));
  // A pair of which one was met and the other not is no pair any more.
  const together = asked.together.filter(([one, other]) => met.has(one) === met.has(other));
  const late = plan(question({ ...asked, together }, checks, made));
  const stay = [...met].every(([id, on]) => late.rounds.some((round) => round.on === on && round.checks.includes(id)));
  return stay ? late : first;
}

function timed(
  asked: FortnightAsked,
  rounds: readonly PlannedRound[],
  tooLate: ReadonlySet<string>,
): readonly TimedRound[] {
  const dayAt = new Map(asked.days.map((one) => [one.on, one]));
  const isPinned = new Set(asked.pinned.map(({ on, apiary }) => `${on} ${apiary}`));
  const visitOf = new Map(asked.visits.map((visit) => [visit.id, visit]));
  return [...grouped(rounds, ({ on }) => on)].flatMap(([on, own]) => {
    const hours = roundHours(
      dayAt.get(on) as PlannedDay,
      own.map(({ apiary, checks }) => ({
        apiary,
        wayMinutes: asked.apiaries.find(({ id }) => id === apiary)?.wayMinutes ?? 0,
        visits: checks.map((id) => visitOf.get(id) as VisitCheck),
      })),
    );
    return own.map((round, i) => ({
      ...round,
      hours: hours?.[i] ?? null,
      isPinned: isPinned.has(`${on} ${round.apiary}`),
      tooLate: round.checks.filter((id) => tooLate.has(id)),
    }));
  });
}
