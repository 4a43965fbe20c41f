import type { Day } from '../calendar/day';
import { grouped } from '../grouped';
import { hasTimeAlone, isDayFor, type RoundCheck, type RoundsAsked } from './asked';
import { brokenRules } from './broken-rules';
import { type DayPlans, dayPlans, laidValues } from './day-plans';
import { quickPlans } from './first-plan';
import { type Row, type Solver, type Sum, sumOf } from './model';
import { GOALS, type Goal, type Statement, statementOf, waysOf } from './statement';
import type { Stop } from './timetable';

/** What is done at one apiary on a day. */
export interface PlannedRound {
  readonly on: Day;
  readonly apiary: string;
  /** In the order in which they were asked. */
  readonly checks: readonly string[];
  /** Of work. */
  readonly minutes: number;
}

/** A day with rounds. */
export interface PlannedMinutes {
  readonly on: Day;
  /** Minutes on the road, all its trips together. */
  readonly road: number;
  readonly work: number;
  /** When the keeper is where; null: the hours of that day are not known, or its ways alone are more than it has. */
  readonly stops: readonly Stop[] | null;
}

/**
 * Why a check is not done in time: no day of its window is among those planned; none of them is fit for it, or not forbidden; on no fit one
 * there is time for it alone; or its days' hours went to something else.
 */
export type WhyLate = 'outside-days' | 'no-fit-day' | 'no-free-day' | 'not-enough-hours';

export interface LateCheck {
  readonly id: string;
  /** The day on which it is done all the same; null: on none. */
  readonly on: Day | null;
  readonly why: WhyLate;
}

export interface RoundsPlan {
  /** By day, then in the order of the apiaries. */
  readonly rounds: readonly PlannedRound[];
  /** What is not done by the last day of its window, where that is not after the last day planned; in the order of the checks. */
  readonly late: readonly LateCheck[];
  readonly days: readonly PlannedMinutes[];
  readonly cost: { readonly [G in Goal]: number };
  /** No plan is better: proven for each of the goals. */
  readonly optimal: boolean;
  /**
   * By how much the loss of what is heavy and of what is light may be more than the least there is; 0 where that is proven; null: not known.
   */
  readonly gap: { readonly heavy: number | null; readonly light: number | null };
}

/** So long is looked for the best plan, s. */
export const SECONDS_AT_MOST = 2;

/**
 * When to go where: the least loss of what is heavy; then as few of the gravest as can be on the last day of their window; then the least loss
 * of what is light, the least time on the road, the fewest rounds, the nearest to the best days; and last the most done, and where a plan was
 * seen before the fewest checks on another day than there. Each goal is brought to its least within what those before it leave open.
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
  const began = clock();
  const left = () => secondsAtMost - (clock() - began);
  const ways = waysOf(asked);
  const days = dayPlans(asked, ways);
  const quick = quickPlans(asked, ways);
  // What is found quickly leaves time to find out whether there is better.
  const isOver = (part: number) => () => left() < secondsAtMost * (1 - part);
  const timed = new Set<Day>();
  let statement = statementOf(asked, ways, timed);
  let best = quick.first(isOver(QUICKLY));
  let optimal = true;
  const gap: { heavy: number | null; light: number | null } = { heavy: 0, light: 0 };
  for (const [i, goal] of ALL_GOALS.entries()) {
    for (;;) {
      const values = valuesOf(statement, asked, best, days);
      const goals = ALL_GOALS.map((one) => sumFor(statement, one));
      const least = goals[i] as Sum;
      // What costs as little as if each of its parts were at its least cannot cost less.
      if (sumOf(least, values) <= leastThinkable(statement, least)) break;
      const rows = [
        ...statement.rows,
        ...goals.slice(0, i).map((sum): Row => ({ sum, is: '<=', right: sumOf(sum, values) })),
      ];
      // What the first goals leave is for those after them, but they may take most of it.
      const seconds = i === ALL_GOALS.length - 1 ? left() : left() * TAKEN_AT_ONCE;
      const solved =
        seconds > 0 ? solve({ ...statement, rows, least }, seconds, values) : { status: 'none' as const, bound: null };
      const isLess = solved.status !== 'none' && sumOf(least, solved.values) < sumOf(least, values);
      const found = isLess ? daysOf(statement, asked, solved.values) : best;
      // Days that cannot be laid out by the clock, or not on the road that was reckoned with, are laid out in the programme from now on.
      const astray = isLess ? days.astray(found, roadsIn(statement, solved.values)) : [];
      if (astray.some((on) => !timed.has(on))) {
        for (const on of astray) timed.add(on);
        statement = statementOf(asked, ways, timed);
        continue;
      }
      if (astray.length > 0) {
        optimal = false;
        break;
      }
      // One that is no better by this goal may be worse by those after it, which the solver does not mind yet.
      if (isLess)
        best = better(statement, asked, days, found, goals.slice(0, i + 1), (plan) => quick.better(plan, isOver(1)));
      if (solved.status !== 'optimal') {
        optimal = false;
        const now = sumOf(least, valuesOf(statement, asked, best, days));
        const over = solved.bound === null ? null : now - Math.ceil(solved.bound - ROUNDING);
        if (goal === 'heavy' || goal === 'light') gap[goal] = over;
      }
      break;
    }
  }
  const proven = { optimal: optimal && ways.roads.isWhole, gap };
  const found = planOf(asked, statement, days, best, proven);
  const plan = proven.optimal ? found : notWorse(asked, statement, days, found);
  const broken = brokenRules(asked, plan);
  if (broken.length > 0) throw new Error(`The plan breaks its own rules: ${JSON.stringify(broken)}`);
  return plan;
}

/** The goals that a plan's cost tells, and the two that it does not. */
const ALL_GOALS = [...GOALS, 'many', 'moved'] as const;
const sumFor = (statement: Statement, goal: (typeof ALL_GOALS)[number]): Sum =>
  goal === 'many' || goal === 'moved' ? statement[goal] : statement.goals[goal];

/** Of the time that is left one goal takes so much at most. */
const TAKEN_AT_ONCE = 0.6;
/** The first plan takes so much of all at most. */
const QUICKLY = 0.4;
/** A bound is no whole number, and may miss one by so much. */
const ROUNDING = 1e-6;

/** A number that a sum cannot be under, each check on the day that is least for it and no road driven in vain. */
function leastThinkable({ done, most }: Statement, least: Sum): number {
  const ofAlike = new Map<unknown, number>();
  let other = 0;
  for (const { of, times } of least) {
    const alike = done[of]?.alike;
    const all = Math.min(0, times) * (most[of] ?? 0);
    if (alike) ofAlike.set(alike, Math.min(ofAlike.get(alike) ?? 0, all));
    else other += all;
  }
  return [...ofAlike.values()].reduce((sum, value) => sum + value, other);
}

/** Where there was no time to find out, the plan that was seen stands if it still can, and the one found is no better. */
function notWorse(asked: RoundsAsked, statement: Statement, days: DayPlans, found: RoundsPlan): RoundsPlan {
  if (!asked.seen) return found;
  const { optimal, gap } = found;
  const seen = planOf(asked, statement, days, asked.seen, { optimal, gap });
  if (brokenRules(asked, seen).length > 0) return found;
  const goal = GOALS.find((one) => seen.cost[one] !== found.cost[one]);
  return goal === undefined || seen.cost[goal] < found.cost[goal] ? seen : found;
}

/** The same plan made better quickly, where that is not worse by the goals up to the one at hand. */
function better(
  statement: Statement,
  asked: RoundsAsked,
  days: DayPlans,
  found: ReadonlyMap<string, Day>,
  upTo: readonly Sum[],
  quickly: (plan: ReadonlyMap<string, Day>) => ReadonlyMap<string, Day>,
): ReadonlyMap<string, Day> {
  const again = quickly(found);
  const [before, after] = [valuesOf(statement, asked, found, days), valuesOf(statement, asked, again, days)];
  return upTo.every((sum) => sumOf(sum, after) <= sumOf(sum, before)) ? again : found;
}

/**
 * What is done on which day, as the programme's variables: with the rounds that this takes and the pinned ones, by the trips that make their
 * road least, or laid out by the clock.
 */
function valuesOf(
  { most, done, made, driven, laid }: Statement,
  asked: RoundsAsked,
  dayOf: ReadonlyMap<string, Day>,
  days: DayPlans,
): readonly number[] {
  const values = most.map(() => 0);
  const planned = days.planned(dayOf);
  for (const [of, { alike, on }] of done.entries())
    values[of] = alike.checks.filter(({ id }) => dayOf.get(id) === on).length;
  for (const [i, { on, apiary }] of made.entries())
    values[done.length + i] = Number(planned.get(on)?.works.some((work) => work.apiary === apiary) ?? false);
  for (const [i, { on, trip }] of driven.entries())
    values[done.length + made.length + i] = Number(
      planned.get(on)?.trips.some(({ apiaries }) => isAlike(apiaries, trip.apiaries)) ?? false,
    );
  for (const timed of laid) {
    const day = asked.days.find(({ on }) => on === timed.on);
    const { works = [] } = planned.get(timed.on) ?? {};
    for (const [of, value] of day && works.length > 0 ? laidValues(timed, day, works, days.ways) : [])
      values[of] = value;
  }
  return values;
}

const isAlike = (one: readonly string[], other: readonly string[]): boolean =>
  one.length === other.length && one.every((id) => other.includes(id));

/** Minutes on the road of each day, as the programme reckons with them. */
const roadsIn = ({ road }: Statement, values: readonly number[]): ReadonlyMap<Day, number> =>
  new Map([...road].map(([on, sum]) => [on, sumOf(sum, values)]));

/** The day of each check: of those alike, those that were seen on a day stay there first. */
function daysOf({ done }: Statement, { seen }: RoundsAsked, values: readonly number[]): ReadonlyMap<string, Day> {
  const dayOf = new Map<string, Day>();
  for (const [i, { alike, on }] of done.entries()) {
    const open = alike.checks.filter(({ id }) => !dayOf.has(id));
    const first = open.filter(({ id }) => seen?.get(id) === on);
    const inOrder = [...first, ...open.filter((one) => !first.includes(one))];
    for (const { id } of inOrder.slice(0, values[i] ?? 0)) dayOf.set(id, on);
  }
  return dayOf;
}

function planOf(
  asked: RoundsAsked,
  statement: Statement,
  plans: DayPlans,
  given: ReadonlyMap<string, Day>,
  proven: Pick<RoundsPlan, 'optimal' | 'gap'>,
): RoundsPlan {
  const { days, checks } = asked;
  const { done, goals, undone } = statement;
  // Of a plan that was seen some may be done on its day no more: nobody goes there for it.
  const known = new Set(done.flatMap(({ alike, on }) => alike.checks.map(({ id }) => `${id} ${on}`)));
  const dayOf = new Map([...given].filter(([id, on]) => known.has(`${id} ${on}`)));
  const values = valuesOf(statement, asked, dayOf, plans);
  const planned = plans.planned(dayOf);
  const doneOn = (id: string): Day | null => dayOf.get(id) ?? null;
  const byRound = grouped(
    checks.filter(({ id }) => doneOn(id) !== null),
    ({ id, apiary }) => `${doneOn(id)} ${apiary}`,
  );
  const minutesOf = (list: readonly RoundCheck[]) => list.reduce((sum, { minutes }) => sum + minutes, 0);
  const rounds = statement.made
    .filter((_, i) => values[done.length + i])
    .map(({ on, apiary }): PlannedRound => {
      const own = byRound.get(`${on} ${apiary}`) ?? [];
      return { on, apiary, checks: own.map(({ id }) => id), minutes: minutesOf(own) };
    });
  const last = days.at(-1)?.on ?? Number.NEGATIVE_INFINITY;
  return {
    rounds,
    late: checks.flatMap((check): LateCheck[] => {
      const on = doneOn(check.id);
      const isLate = check.window.latest <= last && (on === null || on > check.window.latest);
      return isLate ? [{ id: check.id, on, why: whyLate(check, asked) }] : [];
    }),
    days: [...grouped(rounds, ({ on }) => on)].map(([on, own]) => ({
      on,
      road: planned.get(on)?.road ?? 0,
      work: own.reduce((sum, { minutes }) => sum + minutes, 0),
      stops: planned.get(on)?.laid?.stops ?? null,
    })),
    cost: Object.fromEntries(
      GOALS.map((goal) => [goal, undone[goal] + sumOf(goals[goal], values)]),
    ) as RoundsPlan['cost'],
    ...proven,
  };
}

/** Of the days of its window; its own way alone is reckoned, without what else is done on them. */
function whyLate(check: RoundCheck, { days, apiaries, forbidden }: RoundsAsked): WhyLate {
  const closed = new Set(forbidden);
  const { earliest, latest } = check.window;
  const way = apiaries.find(({ id }) => id === check.apiary)?.wayMinutes ?? 0;
  const within = days.filter(({ on }) => on >= earliest && on <= latest);
  const fit = within.filter((day) => isDayFor(check, day, closed));
  if (within.length === 0) return 'outside-days';
  if (fit.length === 0) return 'no-fit-day';
  return fit.some((day) => hasTimeAlone(check, day, way)) ? 'not-enough-hours' : 'no-free-day';
}
