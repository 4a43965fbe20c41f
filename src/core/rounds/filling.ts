import type { Day } from '../calendar/day';
import type { RoundCheck, RoundsAsked } from './asked';
import { dayLoads } from './day-load';
import { type Loss, lossOn, lossUndone, NO_LOSS } from './loss';
import { couldBeDone, ROAD_TIMES, type Ways } from './statement';

/** Checks that are done on one day or not at all: a check alone, or all that pairs tie together. */
export interface Unit {
  readonly checks: readonly RoundCheck[];
  readonly weight: number;
  /** Days on which all of them could be done alone. */
  readonly days: readonly { readonly on: Day; readonly loss: Loss }[];
  readonly undone: Loss;
}

/** What a plan costs, goal by goal. */
export type Cost = readonly number[];

/** The days of a question as they are filled: on which of them each unit stands. */
export interface Filling {
  /** What weighs most first, then what has fewest days. */
  readonly units: readonly Unit[];
  readonly dayOf: (unit: Unit) => Day | undefined;
  readonly cost: () => Cost;
  readonly put: (unit: Unit, on: Day) => void;
  readonly take: (unit: Unit) => void;
  /** On the day on which it adds least to what a plan costs; on none where nothing is less. */
  readonly place: (unit: Unit, butNot?: Day) => void;
  readonly standing: () => ReadonlyMap<Unit, Day>;
  readonly restore: (standing: ReadonlyMap<Unit, Day>) => void;
}

/** Whether one cost is less than another: by the first goal that differs. */
export function isLess(one: Cost, other: Cost): boolean {
  const at = one.findIndex((value, i) => value !== other[i]);
  return at >= 0 && (one[at] as number) < (other[at] as number);
}

/** All days empty but for the pinned rounds. */
export function filling(asked: RoundsAsked, ways: Ways): Filling {
  const units = unitsOf(asked, ways);
  const loads = dayLoads(asked, ways);
  const dayOf = new Map<Unit, Day>();
  const lossAt = new Map(units.map((unit) => [unit, new Map(unit.days.map(({ on, loss }) => [on, loss]))]));

  const put = (unit: Unit, on: Day) => {
    loads.put(unit.checks, on);
    dayOf.set(unit, on);
  };
  const take = (unit: Unit) => {
    const on = dayOf.get(unit);
    if (on === undefined) return;
    loads.take(unit.checks, on);
    dayOf.delete(unit);
  };
  return {
    units,
    dayOf: (unit) => dayOf.get(unit),
    cost() {
      const { road, rounds } = loads.whole();
      const loss = units
        .map((unit) => lossAt.get(unit)?.get(dayOf.get(unit) as Day) ?? unit.undone)
        .reduce(plus, NO_LOSS);
      return costOf(loss, road, rounds);
    },
    put,
    take,
    place(unit, butNot) {
      let best: Day | null = null;
      let least = costOf(unit.undone, 0, 0);
      for (const { on, loss } of unit.days) {
        if (on === butNot || isLess(least, costOf(loss, 0, 0).slice(0, BEFORE_THE_ROAD))) continue;
        const added = loads.added(unit.checks, on);
        const cost = added && costOf(loss, added.road, added.rounds);
        if (!cost || !isLess(cost, least)) continue;
        best = on;
        least = cost;
      }
      if (best !== null) put(unit, best);
    },
    standing: () => new Map(dayOf),
    restore(standing) {
      for (const [unit, on] of [...dayOf]) if (standing.get(unit) !== on) take(unit);
      for (const [unit, on] of standing) if (!dayOf.has(unit)) put(unit, on);
    },
  };
}

/** The goals that no road changes. */
const BEFORE_THE_ROAD = 3;

const costOf = ({ heavy, lastDay, light, early, off }: Loss, road: number, rounds: number): Cost => [
  heavy,
  lastDay,
  light,
  ROAD_TIMES * road + early,
  rounds,
  off,
];

const plus = (one: Loss, other: Loss): Loss => ({
  heavy: one.heavy + other.heavy,
  lastDay: one.lastDay + other.lastDay,
  light: one.light + other.light,
  early: one.early + other.early,
  off: one.off + other.off,
});

function unitsOf({ days, checks, forbidden, together }: RoundsAsked, ways: Ways): readonly Unit[] {
  const closed = new Set(forbidden);
  const leader = new Map(checks.map(({ id }) => [id, id]));
  const leaderOf = (id: string): string => {
    const next = leader.get(id) as string;
    return next === id ? id : leaderOf(next);
  };
  for (const [one, other] of together) leader.set(leaderOf(one), leaderOf(other));
  const groups = new Map<string, RoundCheck[]>();
  for (const check of checks) groups.set(leaderOf(check.id), [...(groups.get(leaderOf(check.id)) ?? []), check]);
  return [...groups.values()]
    .map((group) => ({
      checks: group,
      weight: group.reduce((sum, { weight }) => sum + weight, 0),
      days: days
        .filter((day) => group.every((check) => couldBeDone(check, day, closed, ways)))
        .map(({ on }) => ({ on, loss: group.map((check) => lossOn(check, on)).reduce(plus, NO_LOSS) })),
      undone: group.map((check) => lossUndone(check, days)).reduce(plus, NO_LOSS),
    }))
    .filter((unit) => unit.days.length > 0)
    .sort((a, b) => b.weight - a.weight || a.days.length - b.days.length);
}
