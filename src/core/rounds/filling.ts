import { type Day, daysBetween } from '../calendar/day';
import { hasTimeAlone, mayBeDone, type RoundCheck, type RoundsAsked } from './asked';
import { dayLoads } from './day-load';
import { isOnLastDay } from './statement';

/** Checks that are done on one day or not at all: a check alone, or all that pairs tie together. */
export interface Unit {
  readonly checks: readonly RoundCheck[];
  readonly weight: number;
  readonly minutes: number;
  /** Days on which all of them could be done alone. */
  readonly days: readonly UnitDay[];
}

export interface UnitDay {
  readonly on: Day;
  /** How many of its checks of the gravest are then on the last day of their window. */
  readonly last: number;
  /** By how many days its checks are then off their best ones. */
  readonly off: number;
}

/** The days of a question as they are filled: on which of them each unit stands. */
export interface Filling {
  /** What weighs most first, then what has fewest days. */
  readonly units: readonly Unit[];
  readonly dayOf: (unit: Unit) => Day | undefined;
  readonly undone: () => readonly Unit[];
  readonly undoneWeight: () => number;
  /** The way that a unit adds on a day; null: it does not go into it. */
  readonly added: (unit: Unit, on: Day) => number | null;
  readonly put: (unit: Unit, on: Day) => void;
  readonly take: (unit: Unit) => void;
  /** On the day on which it adds least: of the gravest on their last day, to the ways, and off the best day. False: it goes into none. */
  readonly place: (unit: Unit, butNot?: Day) => boolean;
  readonly standing: () => ReadonlyMap<Unit, Day>;
  readonly restore: (standing: ReadonlyMap<Unit, Day>) => void;
}

/** All days empty but for the pinned rounds. */
export function filling(asked: RoundsAsked): Filling {
  const units = unitsOf(asked);
  const loads = dayLoads(asked);
  const dayOf = new Map<Unit, Day>();
  const whole = units.reduce((sum, { weight }) => sum + weight, 0);
  let doneWeight = 0;

  const put = (unit: Unit, on: Day) => {
    for (const check of unit.checks) loads.put(check, on);
    dayOf.set(unit, on);
    doneWeight += unit.weight;
  };
  const take = (unit: Unit) => {
    const on = dayOf.get(unit);
    if (on === undefined) return;
    for (const check of unit.checks) loads.take(check, on);
    dayOf.delete(unit);
    doneWeight -= unit.weight;
  };
  const added = ({ checks }: Unit, on: Day): number | null => {
    const [alone] = checks;
    if (checks.length === 1 && alone) return loads.wayAdded(alone, on);
    let sum = 0;
    let placed = 0;
    for (const check of checks) {
      const way = loads.wayAdded(check, on);
      if (way === null) break;
      sum += way;
      loads.put(check, on);
      placed += 1;
    }
    for (const check of checks.slice(0, placed)) loads.take(check, on);
    return placed === checks.length ? sum : null;
  };
  return {
    units,
    dayOf: (unit) => dayOf.get(unit),
    undone: () => units.filter((unit) => !dayOf.has(unit)),
    undoneWeight: () => whole - doneWeight,
    added,
    put,
    take,
    place(unit, butNot) {
      let best: UnitDay | null = null;
      let leastWay = 0;
      for (const one of unit.days) {
        const way = one.on === butNot ? null : added(unit, one.on);
        if (way === null) continue;
        if (best && (one.last - best.last || way - leastWay || one.off - best.off) >= 0) continue;
        best = one;
        leastWay = way;
      }
      if (best) put(unit, best.on);
      return best !== null;
    },
    standing: () => new Map(dayOf),
    restore(standing) {
      for (const [unit, on] of [...dayOf]) if (standing.get(unit) !== on) take(unit);
      for (const [unit, on] of standing) if (!dayOf.has(unit)) put(unit, on);
    },
  };
}

function unitsOf({ days, apiaries, checks, forbidden, together }: RoundsAsked): readonly Unit[] {
  const closed = new Set(forbidden);
  const apiaryOf = new Map(apiaries.map((one) => [one.id, one]));
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
      minutes: group.reduce((sum, { minutes }) => sum + minutes, 0),
      days: days
        .filter((day) =>
          group.every((check) => {
            const apiary = apiaryOf.get(check.apiary);
            return apiary !== undefined && mayBeDone(check, day, closed) && hasTimeAlone(check, day, apiary);
          }),
        )
        .map(({ on }) => ({
          on,
          last: group.filter((check) => isOnLastDay(check, on)).length,
          off: group.reduce((sum, { window }) => sum + Math.abs(daysBetween(window.ideal, on)), 0),
        })),
    }))
    .filter((unit) => unit.days.length > 0)
    .sort((a, b) => b.weight - a.weight || a.days.length - b.days.length);
}
