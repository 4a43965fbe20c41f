import { type Day, daysBetween } from '../calendar/day';
import { hasTimeAlone, mayBeDone, type RoundCheck, type RoundsAsked } from './asked';
import { dayLoads } from './day-load';
import { isOnLastDay } from './statement';

/** Checks that are done on one day or not at all: a check alone, or all that pairs tie together. */
interface Unit {
  readonly checks: readonly RoundCheck[];
  readonly weight: number;
  /** Days on which all of them could be done alone. */
  readonly days: readonly Day[];
}

/** How often what is undone is tried again in the place of what weighs less. */
const PASSES = 6;

/**
 * A good plan, quickly, to begin with: what weighs most and has fewest days first, each where it adds least to the ways; then what is undone in
 * the place of what weighs less, and rounds that can be spared given up. Whether there is a better one the solver finds out.
 *
 * @returns on which day each check is done, by its id; what is undone is not among them
 */
export function firstPlan(asked: RoundsAsked): ReadonlyMap<string, Day> {
  const units = unitsOf(asked);
  const loads = dayLoads(asked);
  const dayOf = new Map<Unit, Day>();

  const put = (unit: Unit, on: Day) => {
    for (const check of unit.checks) loads.put(check, on);
    dayOf.set(unit, on);
  };
  const take = (unit: Unit) => {
    const on = dayOf.get(unit);
    if (on === undefined) return;
    for (const check of unit.checks) loads.take(check, on);
    dayOf.delete(unit);
  };
  /** The way that a unit adds on a day; null: it does not go into it. */
  const added = (unit: Unit, on: Day): number | null => {
    let sum = 0;
    let placed = 0;
    for (const check of unit.checks) {
      const way = loads.wayAdded(check, on);
      if (way === null) break;
      sum += way;
      loads.put(check, on);
      placed += 1;
    }
    for (const check of unit.checks.slice(0, placed)) loads.take(check, on);
    return placed === unit.checks.length ? sum : null;
  };
  const place = (unit: Unit, butNot: Day | null = null): boolean => {
    let best: { on: Day; cost: readonly number[] } | null = null;
    for (const on of unit.days) {
      const way = on === butNot ? null : added(unit, on);
      if (way === null) continue;
      const last = unit.checks.filter((check) => isOnLastDay(check, on)).length;
      const off = unit.checks.reduce((sum, { window }) => sum + Math.abs(daysBetween(window.ideal, on)), 0);
      const cost = [last, way, off];
      if (!best || isLess(cost, best.cost)) best = { on, cost };
    }
    if (best) put(unit, best.on);
    return best !== null;
  };
  const undone = () => units.filter((unit) => !dayOf.has(unit));
  const weightOf = (list: readonly Unit[]) => list.reduce((sum, { weight }) => sum + weight, 0);

  for (const unit of units) place(unit);
  for (let pass = 0; pass < PASSES && undone().length > 0; pass++) {
    const before = weightOf(undone());
    for (const unit of undone()) squeezeIn(unit);
    for (const [i, one] of asked.days.entries())
      for (const other of asked.days.slice(i + 1)) if (undone().length > 0) laidAnew(new Set([one.on, other.on]));
    if (weightOf(undone()) === before) break;
  }
  for (const round of roundsOf()) giveUp(round);
  return new Map([...dayOf].flatMap(([{ checks }, on]) => checks.map(({ id }) => [id, on] as const)));

  /** In the place of what weighs less on one of its days, if that finds another or is worth giving up. */
  function squeezeIn(unit: Unit): void {
    if (place(unit)) return;
    for (const on of unit.days) {
      const standing = new Map(dayOf);
      const before = weightOf(undone());
      const lighter = units.filter((other) => dayOf.get(other) === on && other.weight < unit.weight);
      for (const other of lighter) take(other);
      if (added(unit, on) !== null) {
        put(unit, on);
        for (const other of lighter) place(other);
        if (weightOf(undone()) < before) return;
      }
      restore(standing);
    }
  }

  /** Two days are emptied and filled anew, in each of some orders, where that leaves less undone. */
  function laidAnew(emptied: ReadonlySet<Day>): void {
    const before = weightOf(undone());
    const off = units.filter((unit) => {
      const on = dayOf.get(unit);
      return on === undefined ? unit.days.some((one) => emptied.has(one)) : emptied.has(on);
    });
    if (!off.some((unit) => !dayOf.has(unit))) return;
    const standing = new Map(dayOf);
    for (const order of ORDERS) {
      for (const unit of off) take(unit);
      for (const unit of [...off].sort(order)) place(unit);
      if (weightOf(undone()) < before) return;
      restore(standing);
    }
  }

  function restore(standing: ReadonlyMap<Unit, Day>): void {
    for (const unit of [...dayOf.keys()]) take(unit);
    for (const [unit, on] of standing) put(unit, on);
  }

  function roundsOf(): readonly (readonly Unit[])[] {
    const byRound = new Map<string, Unit[]>();
    for (const [unit, on] of dayOf)
      for (const apiary of new Set(unit.checks.map((check) => check.apiary)))
        byRound.set(`${on} ${apiary}`, [...(byRound.get(`${on} ${apiary}`) ?? []), unit]);
    return [...byRound.values()].sort((a, b) => a.length - b.length);
  }

  /** All of a round on other days, where no longer way comes of it. */
  function giveUp(round: readonly Unit[]): void {
    const [first] = round;
    const on = first && dayOf.get(first);
    if (on === undefined || !round.every((unit) => dayOf.get(unit) === on)) return;
    const standing = new Map(dayOf);
    const last = (list: readonly Unit[]) =>
      list.flatMap((unit) => unit.checks.filter((check) => isOnLastDay(check, dayOf.get(unit) as Day))).length;
    const before = last(round);
    for (const unit of round) take(unit);
    const gained = round.reduce((sum, unit) => Math.max(sum, added(unit, on) ?? 0), 0);
    let spent = 0;
    const isMoved = round.every((unit) => {
      const ways = unit.days.flatMap((other) => (other === on ? [] : (added(unit, other) ?? [])));
      spent += ways.length === 0 ? 0 : Math.min(...ways);
      return place(unit, on);
    });
    if (!isMoved || spent >= gained || last(round) > before) restore(standing);
  }
}

const minutesOf = ({ checks }: Unit) =>
  Math.max(
    1,
    checks.reduce((sum, { minutes }) => sum + minutes, 0),
  );

/** By weight; by weight for the time it takes; by apiary, so that rounds are filled one after the other. */
const ORDERS: readonly ((a: Unit, b: Unit) => number)[] = [
  (a, b) => b.weight / minutesOf(b) - a.weight / minutesOf(a),
  (a, b) => b.weight - a.weight || minutesOf(a) - minutesOf(b),
  (a, b) => (a.checks[0]?.apiary ?? '').localeCompare(b.checks[0]?.apiary ?? '') || b.weight - a.weight,
  (a, b) => a.days.length - b.days.length || b.weight - a.weight,
];

function isLess(a: readonly number[], b: readonly number[]): boolean {
  const i = a.findIndex((one, n) => one !== b[n]);
  return i >= 0 && (a[i] as number) < (b[i] as number);
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
      days: days
        .filter((day) =>
          group.every((check) => {
            const apiary = apiaryOf.get(check.apiary);
            return apiary !== undefined && mayBeDone(check, day, closed) && hasTimeAlone(check, day, apiary);
          }),
        )
        .map(({ on }) => on),
    }))
    .filter((unit) => unit.days.length > 0)
    .sort((a, b) => b.weight - a.weight || a.days.length - b.days.length);
}
