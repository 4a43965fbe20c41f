import type { Day } from '../calendar/day';
import type { RoundsAsked } from './asked';
import { type Filling, filling, type Unit } from './filling';
import { refilled } from './refilled';
import { isOnLastDay } from './statement';

/**
 * A good plan, quickly, to begin with: what weighs most and has fewest days first, each where it adds least to the ways; then days are
 * emptied and filled again as long as anything is undone, and rounds that can be spared given up. Whether there is a better one the solver finds out.
 *
 * @returns on which day each check is done, by its id; what is undone is not among them
 */
export function firstPlan(asked: RoundsAsked): ReadonlyMap<string, Day> {
  const days = filling(asked);
  for (const unit of days.units) days.place(unit);
  refilled(days, asked);
  for (const round of roundsOf(days)) giveUp(days, round);
  return new Map([...days.standing()].flatMap(([{ checks }, on]) => checks.map(({ id }) => [id, on] as const)));
}

/** The smallest first. */
function roundsOf(days: Filling): readonly (readonly Unit[])[] {
  const byRound = new Map<string, Unit[]>();
  for (const [unit, on] of days.standing())
    for (const apiary of new Set(unit.checks.map((check) => check.apiary)))
      byRound.set(`${on} ${apiary}`, [...(byRound.get(`${on} ${apiary}`) ?? []), unit]);
  return [...byRound.values()].sort((a, b) => a.length - b.length);
}

/** All of a round on other days, where no longer way comes of it. */
function giveUp(days: Filling, round: readonly Unit[]): void {
  const [first] = round;
  const on = first && days.dayOf(first);
  if (on === undefined || !round.every((unit) => days.dayOf(unit) === on)) return;
  const standing = days.standing();
  const last = () =>
    round.flatMap((unit) => unit.checks.filter((check) => isOnLastDay(check, days.dayOf(unit) as Day))).length;
  const before = last();
  for (const unit of round) days.take(unit);
  const gained = round.reduce((sum, unit) => Math.max(sum, days.added(unit, on) ?? 0), 0);
  let spent = 0;
  const isMoved = round.every((unit) => {
    const ways = unit.days.flatMap((other) => (other.on === on ? [] : (days.added(unit, other.on) ?? [])));
    spent += ways.length === 0 ? 0 : Math.min(...ways);
    return days.place(unit, on);
  });
  if (!isMoved || spent >= gained || last() > before) days.restore(standing);
}
