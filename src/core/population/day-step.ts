import type { Assumed } from './assumed';
import { FLYERS_OF_A_FLOW, GO_OUT, HELD_BACK, STARVE } from './figures';
import {
  adultsOf,
  BROOD_DAYS,
  FIRST_LARVA,
  FIRST_SEALED,
  freeBelow,
  freeOver,
  honeyKgOf,
  KG_A_CELL,
  sumAbove,
  sumOf,
  type Unit,
} from './unit';

const G_PER_KG = 1000;

/** Of the brood of each age so much is there a day later. */
export function survivalByAge({ eggsSurvive, larvaeSurvive, sealedSurvive }: Assumed): Float64Array {
  const aDay = (whole: number, days: number) => whole ** (1 / days);
  const egg = aDay(eggsSurvive, FIRST_LARVA);
  const larva = aDay(larvaeSurvive, FIRST_SEALED - FIRST_LARVA);
  const sealed = aDay(sealedSurvive, BROOD_DAYS - FIRST_SEALED);
  return Float64Array.from({ length: BROOD_DAYS }, (_, age) =>
    age < FIRST_LARVA ? egg : age < FIRST_SEALED ? larva : sealed,
  );
}

/** House bees that begin to fly, a day: the fewer the more fly already. */
export const goOut = (house: number, flyers: number): number =>
  house + flyers === 0 ? 0 : house * Math.max(0, GO_OUT.value - (HELD_BACK.value * flyers) / (house + flyers));

/**
 * One day of a hive with everything but its queen's fate: brood grows older and emerges, bees begin to fly and die, honey comes in and is
 * eaten, eggs are laid. Changes the unit.
 *
 * @param flowKg what a scale under a colony of 30,000 would show that day
 * @returns eggs laid, and bees emerged
 */
export function dayStep(
  unit: Unit,
  flowKg: number,
  assumed: Assumed,
  survival: Float64Array,
): { readonly laid: number; readonly emerged: number } {
  const emerged = growOlder(unit.below, survival) + (unit.cellsAbove === 0 ? 0 : growOlder(unit.above, survival));
  const { house, flyers } = unit;
  const out = goOut(house, flyers);
  unit.house = Math.max(0, house + emerged - out - house * assumed.houseBeesDie);
  unit.flyers = Math.max(0, flyers + out - flyers * assumed.flyersDie);
  const isHungry = keepHouse(unit, flowKg, assumed);
  if (isHungry) {
    unit.house *= 1 - STARVE.value;
    unit.flyers *= 1 - STARVE.value;
    unit.below.fill(0, 0, FIRST_SEALED);
    unit.above.fill(0, 0, FIRST_SEALED);
    unit.hasStarved = true;
    return { laid: 0, emerged };
  }
  if (unit.queen.kind !== 'laying') return { laid: 0, emerged };
  const laid = Math.min(unit.queen.rate, freeBelow(unit), unit.house / assumed.houseBeesAnEgg);
  unit.below[0] = laid;
  return { laid, emerged };
}

/** @returns bees emerged */
function growOlder(brood: Float64Array, survival: Float64Array): number {
  const last = BROOD_DAYS - 1;
  const emerged = (brood[last] as number) * (survival[last] as number);
  for (let age = last; age > 0; age--) brood[age] = (brood[age - 1] as number) * (survival[age - 1] as number);
  brood[0] = 0;
  return emerged;
}

/**
 * What comes in and what is eaten: more than is eaten goes over the brood first, then into it, as long as there are cells; what is wanting is
 * taken from the brood boxes first.
 *
 * @returns whether there was not enough
 */
function keepHouse(unit: Unit, flowKg: number, { honeyABee, honeyALarva }: Assumed): boolean {
  const larvae = sumOf(unit.below, FIRST_LARVA, FIRST_SEALED) + sumAbove(unit, FIRST_LARVA, FIRST_SEALED);
  const eaten = (honeyABee * adultsOf(unit) + honeyALarva * larvae) / G_PER_KG;
  const income = (flowKg * unit.flyers) / FLYERS_OF_A_FLOW.value;
  if (adultsOf(unit) < 1) return false;
  if (eaten > income + honeyKgOf(unit)) {
    unit.honeyBelow = 0;
    unit.honeyOver = 0;
    return true;
  }
  const more = (income - eaten) / KG_A_CELL;
  if (more >= 0) {
    const over = Math.min(more, freeOver(unit));
    unit.honeyOver += over;
    unit.honeyBelow += Math.min(more - over, freeBelow(unit));
  } else {
    const below = Math.min(-more, unit.honeyBelow);
    unit.honeyBelow -= below;
    unit.honeyOver = Math.max(0, unit.honeyOver + more + below);
  }
  return false;
}
