import { uniformInt } from 'pure-rand/distribution/uniformInt';
import { xoroshiro128plus } from 'pure-rand/generator/xoroshiro128plus';
import type { Day } from '../calendar/day';
import type { RoundsAsked } from './asked';
import { type Cost, type Filling, isLess, type Unit } from './filling';

/** So often for each check that has more than one day two days are partly emptied and filled again; more finds little more. */
const TIMES_EACH = 40;
const TIMES_AT_MOST = 4000;
/** Of what stands on the two days at least this share is taken off them, per cent. */
const SHARE_AT_LEAST = 40;
/** What each goal counts for while a plan that is a little worse is put up with, to get away from one that no small change makes better. */
const COUNTS: Cost = [20, 300, 1, 0.02, 0.1, 0.01];
const PUT_UP_WITH = 40;

/**
 * Fills the days anew: part of what stands on two of them comes off and goes back in any order, together with what is undone. What costs less
 * stands, and what costs a little more less and less often. The same days filled in the same way come out the same: the numbers by which it
 * chooses begin with the same seed.
 *
 * @param share of the usual times, over 0 up to 1
 * @param isOver whether there is no time any more
 */
export function refilled(
  filling: Filling,
  { days }: Pick<RoundsAsked, 'days'>,
  share: number,
  isOver: () => boolean,
): void {
  const numbers = xoroshiro128plus(1);
  const upTo = (most: number) => uniformInt(numbers, 0, most);
  const oneOf = <T>(list: readonly T[]) => list[upTo(list.length - 1)] as T;
  const chance = () => upTo(1_000_000) / 1_000_000;

  const free = filling.units.filter((unit) => unit.days.length > 1);
  const times = Math.ceil(share * Math.min(TIMES_AT_MOST, TIMES_EACH * free.length));
  let now = filling.cost();
  let least = now;
  let best = filling.standing();
  for (let time = 0; time < times && !isNothing(least) && !isOver(); time++) {
    const one = oneOf(oneOf(free).days).on;
    const other = oneOf(days).on;
    const part = SHARE_AT_LEAST + upTo(100 - SHARE_AT_LEAST);
    const off: Taken[] = [];
    for (const unit of filling.units) {
      const on = filling.dayOf(unit);
      if (on === undefined || ((on === one || on === other) && upTo(99) < part)) off.push({ unit, on });
    }
    for (const { unit } of off) filling.take(unit);
    for (const unit of inAnyOrder(off, chance)) filling.place(unit);

    const then = filling.cost();
    const putUpWith = PUT_UP_WITH * (1 - time / times);
    if (!isLess(now, then) || chance() < Math.exp((counted(now) - counted(then)) / putUpWith)) {
      now = then;
      if (!isLess(now, least)) continue;
      least = now;
      best = filling.standing();
    } else {
      for (const { unit } of off) filling.take(unit);
      for (const { unit, on } of off) if (on !== undefined) filling.put(unit, on);
    }
  }
  filling.restore(best);
}

/** Nothing is lost, nobody drives. */
const isNothing = (cost: Cost): boolean => cost.every((value) => value === 0);

const counted = (cost: Cost): number => cost.reduce((sum, value, i) => sum + value * (COUNTS[i] ?? 0), 0);

interface Taken {
  readonly unit: Unit;
  readonly on: Day | undefined;
}

const inAnyOrder = (list: readonly Taken[], chance: () => number): readonly Unit[] =>
  list
    .map(({ unit }) => ({ unit, place: chance() }))
    .sort((a, b) => a.place - b.place)
    .map(({ unit }) => unit);
