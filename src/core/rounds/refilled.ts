import { uniformInt } from 'pure-rand/distribution/uniformInt';
import { xoroshiro128plus } from 'pure-rand/generator/xoroshiro128plus';
import type { Day } from '../calendar/day';
import type { RoundsAsked } from './asked';
import type { Filling, Unit } from './filling';

/** So often for each check that has more than one day two days are partly emptied and filled again; more finds little more. */
const TIMES_EACH = 80;
/** Of what stands on the two days at least this share is taken off them, per cent. */
const SHARE_AT_LEAST = 40;
/** So much more weight left undone is put up with at the beginning, to get away from a plan that no small change makes better. */
const PUT_UP_WITH = 4;

/**
 * Fills the days anew as long as anything is undone: part of what stands on two of them comes off and goes back in any order, together with
 * what is undone; where less is left undone that stands, and where a little more is, it does so less and less often. The same days filled in
 * the same way come out the same: the numbers by which it chooses begin with the same seed.
 */
export function refilled(filling: Filling, { days }: Pick<RoundsAsked, 'days'>): void {
  const numbers = xoroshiro128plus(1);
  const upTo = (most: number) => uniformInt(numbers, 0, most);
  const oneOf = <T>(list: readonly T[]) => list[upTo(list.length - 1)] as T;
  const chance = () => upTo(1_000_000) / 1_000_000;

  const times = TIMES_EACH * filling.units.filter((unit) => unit.days.length > 1).length;
  let now = filling.undoneWeight();
  let least = now;
  let best = filling.standing();
  for (let time = 0; time < times && least > 0; time++) {
    const one = oneOf(oneOf(filling.undone()).days).on;
    const other = oneOf(days).on;
    const share = SHARE_AT_LEAST + upTo(100 - SHARE_AT_LEAST);
    const off: Taken[] = [];
    for (const unit of filling.units) {
      const on = filling.dayOf(unit);
      if (on === undefined || ((on === one || on === other) && upTo(99) < share)) off.push({ unit, on });
    }
    for (const { unit } of off) filling.take(unit);
    for (const unit of inAnyOrder(off, chance)) filling.place(unit);

    const then = filling.undoneWeight();
    const putUpWith = PUT_UP_WITH * (1 - time / times);
    if (then <= now || chance() < Math.exp((now - then) / putUpWith)) {
      now = then;
      if (now >= least) continue;
      least = now;
      best = filling.standing();
    } else {
      for (const { unit } of off) filling.take(unit);
      for (const { unit, on } of off) if (on !== undefined) filling.put(unit, on);
    }
  }
  filling.restore(best);
}

interface Taken {
  readonly unit: Unit;
  readonly on: Day | undefined;
}

const inAnyOrder = (list: readonly Taken[], chance: () => number): readonly Unit[] =>
  list
    .map(({ unit }) => ({ unit, place: chance() }))
    .sort((a, b) => a.place - b.place)
    .map(({ unit }) => unit);
