import { type Day, daysBetween } from '../calendar/day';
import { grouped } from '../grouped';
import { hasTimeAlone, isDayFor, mayBeDone, type RoundCheck, type RoundsAsked } from './asked';
import { brokenRules } from './broken-rules';
import { firstPlan } from './first-plan';
import { type Solver, sumOf } from './model';
import { GOALS, type Goal, isOnLastDay, type Statement, statementOf } from './statement';

/** One trip to one apiary on a day. */
export interface PlannedRound {
  readonly on: Day;
  readonly apiary: string;
  /** In the order in which they were asked. */
  readonly checks: readonly string[];
  /** Its way and its work. */
  readonly minutes: number;
}

/**
 * Why a check is not done: no day of its window is among those planned; none of them is fit for it, or not forbidden; on no fit one there
 * is time for it alone; or its day's hours went to what weighs more.
 */
export type WhyUnmet = 'outside-days' | 'no-fit-day' | 'no-free-day' | 'not-enough-hours';

export interface UnmetCheck {
  readonly id: string;
  readonly why: WhyUnmet;
  /** The first day after its window on which it could be done alone; null: none of those planned. */
  readonly leastBad: Day | null;
}

export interface RoundsPlan {
  /** By day, then in the order of the apiaries. */
  readonly rounds: readonly PlannedRound[];
  readonly unmet: readonly UnmetCheck[];
  readonly cost: { readonly [G in Goal]: number };
  /** No plan is better: proven for each of the goals. */
  readonly optimal: boolean;
  /**
   * The weight by which what is left undone may be more than the least there is; 0 where that is proven, as it is before the other goals
   * are looked at; null: not known.
   */
  readonly gap: number | null;
}

/** So long is looked for the best plan, s. */
export const SECONDS_AT_MOST = 2;

/**
 * When to go where: the least weight left undone; then as few of the gravest as can be on the last day of their window; then the least time
 * on the road, the fewest rounds, the nearest to the best days; and last, where a plan was seen before, the fewest checks on another day
 * than there. Each goal is brought to its least within what those before it leave open.
 *
 * @param solve the solver, which is no part of the core
 * @param clock seconds since any moment
 * @param secondsAtMost how long it may take
 */
export function planRounds(
  asked: RoundsAsked,
  solve: Solver,
  clock: () => number,
  secondsAtMost: number = SECONDS_AT_MOST,
): RoundsPlan {
  const statement = statementOf(asked);
  const began = clock();
  const { variables, moved } = statement;
  let rows = statement.rows;
  let best = valuesOf(statement, asked, firstPlan(asked));
  let optimal = true;
  let gap: number | null = 0;
  const goals = [...GOALS.map((goal) => statement.goals[goal]), moved].filter((least) => least.length > 0);
  for (const [i, least] of goals.entries()) {
    const left = secondsAtMost - (clock() - began);
    // What the first goals leave is for those after them, but they may take most of it.
    const seconds = i === goals.length - 1 ? left : left * TAKEN_AT_ONCE;
    const solved =
      left > 0 ? solve({ variables, rows, least }, seconds, best) : { status: 'none' as const, bound: null };
    if (solved.status !== 'none' && sumOf(least, solved.values) <= sumOf(least, best))
      best = withoutIdle(statement, asked, solved.values);
    if (solved.status !== 'optimal') {
      optimal = false;
      if (least === statement.goals.unmetWeight)
        gap = solved.bound === null ? null : sumOf(least, best) - Math.ceil(solved.bound - ROUNDING);
    }
    rows = [...rows, { sum: least, is: '<=', right: sumOf(least, best) }];
  }
  const found = planOf(asked, statement, best, { optimal, gap });
  const plan = optimal ? found : notWorse(asked, statement, found);
  const broken = brokenRules(asked, plan);
  if (broken.length > 0) throw new Error(`The plan breaks its own rules: ${JSON.stringify(broken)}`);
  return plan;
}

/** Of the time that is left one goal takes so much at most. */
const TAKEN_AT_ONCE = 0.8;
/** A bound is no whole number, and may miss one by so much. */
const ROUNDING = 1e-6;

/** Where there was no time to find out, the plan that was seen stands if it still can, and the one found is no better. */
function notWorse(asked: RoundsAsked, statement: Statement, found: RoundsPlan): RoundsPlan {
  if (!asked.seen) return found;
  const { optimal, gap } = found;
  const seen = planOf(asked, statement, valuesOf(statement, asked, asked.seen), { optimal, gap });
  if (brokenRules(asked, seen).length > 0) return found;
  const goal = GOALS.find((one) => seen.cost[one] !== found.cost[one]);
  return goal === undefined || seen.cost[goal] < found.cost[goal] ? seen : found;
}

/**
 * The same checks on the same days, without rounds on which nothing is done: a solver that ran out of time may leave some. None of the goals
 * is served by them.
 */
function withoutIdle(statement: Statement, asked: RoundsAsked, values: readonly boolean[]): readonly boolean[] {
  const done = statement.done.filter((_, i) => values[i]);
  return valuesOf(statement, asked, new Map(done.map(({ check, on }) => [check.id, on])));
}

/** What is done on which day, with the rounds that this takes and the pinned ones, as the programme's variables. */
function valuesOf(
  { done, made }: Statement,
  { pinned }: RoundsAsked,
  dayOf: ReadonlyMap<string, Day>,
): readonly boolean[] {
  const isDone = ({ check, on }: Statement['done'][number]) => dayOf.get(check.id) === on;
  const visited = new Set(done.filter(isDone).map(({ check, on }) => `${on} ${check.apiary}`));
  for (const { on, apiary } of pinned) visited.add(`${on} ${apiary}`);
  return [...done.map(isDone), ...made.map(({ on, apiary }) => visited.has(`${on} ${apiary}`))];
}

function planOf(
  asked: RoundsAsked,
  { done, made }: Statement,
  values: readonly boolean[],
  proven: Pick<RoundsPlan, 'optimal' | 'gap'>,
): RoundsPlan {
  const { apiaries, checks } = asked;
  const wayOf = new Map(apiaries.map(({ id, wayMinutes }) => [id, wayMinutes]));
  const doneNow = done.filter((_, i) => values[i]);
  const dayOf = new Map(doneNow.map(({ check, on }) => [check.id, on]));
  const byRound = grouped(
    checks.filter(({ id }) => dayOf.has(id)),
    ({ id, apiary }) => `${dayOf.get(id)} ${apiary}`,
  );
  const rounds = made
    .filter((_, i) => values[done.length + i])
    .map(({ on, apiary }): PlannedRound => {
      const own = byRound.get(`${on} ${apiary}`) ?? [];
      const work = own.reduce((sum, { minutes }) => sum + minutes, 0);
      return { on, apiary, checks: own.map(({ id }) => id), minutes: (wayOf.get(apiary) ?? 0) + work };
    });
  const left = checks.filter(({ id }) => !dayOf.has(id));
  return {
    rounds,
    unmet: left.map((check) => unmetOf(check, asked)),
    cost: {
      unmetWeight: left.reduce((sum, { weight }) => sum + weight, 0),
      lastDay: doneNow.filter(({ check, on }) => isOnLastDay(check, on)).length,
      wayMinutes: rounds.reduce((sum, { apiary }) => sum + (wayOf.get(apiary) ?? 0), 0),
      rounds: rounds.length,
      daysOff: doneNow.reduce((sum, { check, on }) => sum + Math.abs(daysBetween(check.window.ideal, on)), 0),
    },
    ...proven,
  };
}

function unmetOf(check: RoundCheck, { days, apiaries, forbidden }: RoundsAsked): UnmetCheck {
  const closed = new Set(forbidden);
  const { earliest, latest } = check.window;
  const apiary = apiaries.find(({ id }) => id === check.apiary);
  const hasTime = (day: (typeof days)[number]) => apiary !== undefined && hasTimeAlone(check, day, apiary);
  const within = days.filter(({ on }) => on >= earliest && on <= latest);
  const fit = within.filter((day) => mayBeDone(check, day, closed));
  const why: WhyUnmet =
    within.length === 0
      ? 'outside-days'
      : fit.length === 0
        ? 'no-fit-day'
        : fit.some(hasTime)
          ? 'not-enough-hours'
          : 'no-free-day';
  const later = days.find((day) => day.on > latest && isDayFor(check, day, closed) && hasTime(day));
  return { id: check.id, why, leastBad: later?.on ?? null };
}
