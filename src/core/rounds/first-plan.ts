import type { Day } from '../calendar/day';
import type { RoundsAsked } from './asked';
import { type Filling, filling, isLess, type Unit } from './filling';
import { refilled } from './refilled';
import type { Ways } from './statement';

/**
 * Plans that are made quickly, and may not be the best: whether there is a better one the solver finds out. Each is given out as it is once
 * there is no time any more.
 */
export interface QuickPlans {
  /**
   * A good plan to begin with: what weighs most and has fewest days first, each where it adds least; then days are emptied and filled
   * again, and rounds that can be spared given up.
   *
   * @returns on which day each check is done, by its id; what is undone is not among them
   */
  readonly first: (isOver: () => boolean) => ReadonlyMap<string, Day>;
  /** One made better in the same way, in a part of the time; one that cannot be made better as it is. */
  readonly better: (plan: ReadonlyMap<string, Day>, isOver: () => boolean) => ReadonlyMap<string, Day>;
}

export function quickPlans(asked: RoundsAsked, ways: Ways): QuickPlans {
  const days = filling(asked, ways);
  const made = (share: number, isOver: () => boolean) => {
    refilled(days, asked, share, isOver);
    for (const round of roundsOf(days)) if (!isOver()) giveUp(days, round);
    return new Map([...days.standing()].flatMap(([{ checks }, on]) => checks.map(({ id }) => [id, on] as const)));
  };
  return {
    first(isOver) {
      for (const unit of days.units) days.place(unit);
      return made(1, isOver);
    },
    better(plan, isOver) {
      const on = (unit: Unit) => plan.get(unit.checks[0]?.id ?? '');
      days.restore(
        new Map(
          days.units.flatMap((unit) => {
            const day = on(unit);
            return day === undefined ? [] : [[unit, day] as const];
          }),
        ),
      );
      for (const unit of days.units) if (days.dayOf(unit) === undefined) days.place(unit);
      return made(SHARE_AFTER, isOver);
    },
  };
}

/** A plan that the solver found is tried to be made better so much more shortly. */
const SHARE_AFTER = 1 / 2;

/** The smallest first. */
function roundsOf(days: Filling): readonly (readonly Unit[])[] {
  const byRound = new Map<string, Unit[]>();
  for (const [unit, on] of days.standing())
    for (const apiary of new Set(unit.checks.map((check) => check.apiary)))
      byRound.set(`${on} ${apiary}`, [...(byRound.get(`${on} ${apiary}`) ?? []), unit]);
  return [...byRound.values()].sort((a, b) => a.length - b.length);
}

/** All of a round on other days, where that costs less. */
function giveUp(days: Filling, round: readonly Unit[]): void {
  const [first] = round;
  const on = first && days.dayOf(first);
  if (on === undefined || !round.every((unit) => days.dayOf(unit) === on)) return;
  const [standing, before] = [days.standing(), days.cost()];
  for (const unit of round) days.take(unit);
  for (const unit of round) days.place(unit, on);
  if (!isLess(days.cost(), before)) days.restore(standing);
}
