import type { Division, Lifting, Portion } from '../methods/division';
import { BEES_A_SEAM } from '../yard/flyers';
import { BROOD_A_FRAME, BROOD_BOX_CELLS, FRAME_CELLS } from './figures';
import { adultsOf, BROOD_DAYS, broodOf, freeBelow, sumOf, type Unit } from './unit';

/** Bees, brood and stores of a unit. */
export type UnitShare = Pick<
  Unit,
  | 'below'
  | 'above'
  | 'house'
  | 'flyers'
  | 'cellsBelow'
  | 'cellsAbove'
  | 'cellsInSupers'
  | 'pollen'
  | 'honeyBelow'
  | 'honeyOver'
>;

/** However many frames are asked for, something of what there is stays behind. */
const AT_MOST = 0.95;

/** Which share a portion is of what is there; so much of it makes a frame. */
function shareOf(portion: Portion, there: number, inAFrame: number): number {
  if ('share' in portion) return portion.share;
  return there <= 0 ? 0 : Math.min(AT_MOST, (portion.frames * inAFrame) / there);
}

const times = (cells: Float64Array, share: number): Float64Array => cells.map((count) => count * share);

/**
 * Divides a colony as a method says: no bee, no brood and no honey is lost, and none comes to it. Brood over an excluder comes down first.
 *
 * @returns what the unit that the method names has, and what the other
 */
export function divide(hive: Unit, division: Division): { readonly named: UnitShare; readonly other: UnitShare } {
  const brood = Float64Array.from({ length: BROOD_DAYS }, (_, age) => (hive.below[age] ?? 0) + (hive.above[age] ?? 0));
  const stores = hive.honeyBelow + hive.pollen;
  const broodShare = shareOf(division.brood, broodOf(hive), BROOD_A_FRAME.value);
  const storeShare = shareOf(division.stores, stores, FRAME_CELLS.value);
  const free = freeBelow(hive);
  const emptyShare = shareOf(division.emptyComb, free, FRAME_CELLS.value);
  const beeShare = shareOf(division.houseBees, hive.house, BEES_A_SEAM);
  const roomOver = hive.cellsInSupers + hive.cellsAbove - sumOf(hive.above);
  const side = (isNamed: boolean): UnitShare => {
    const of = (share: number) => (isNamed ? share : 1 - share);
    const [ownBrood, ownStores] = [times(brood, of(broodShare)), of(storeShare)];
    const hasSupers = isNamed === division.hasSupers;
    const comb = (isNamed ? division.combGiven : division.combGivenToOther) * FRAME_CELLS.value;
    return {
      below: ownBrood,
      above: new Float64Array(BROOD_DAYS),
      house: hive.house * of(beeShare),
      flyers: hive.flyers * of(division.flyers),
      cellsBelow: sumOf(ownBrood) + stores * ownStores + free * of(emptyShare) + comb,
      cellsAbove: 0,
      cellsInSupers: hasSupers ? roomOver : 0,
      pollen: hive.pollen * ownStores,
      honeyBelow: hive.honeyBelow * ownStores,
      honeyOver: hasSupers ? hive.honeyOver : 0,
    };
  };
  return { named: side(true), other: side(false) };
}

/** Lifts brood over an excluder as a method says; it emerges there, and makes room for honey. Changes the unit. */
export function sendUp(hive: Unit, { broodStays, storesStay, hasNewBox }: Lifting): void {
  const brood = broodOf(hive);
  const share = shareOf(broodStays, brood, BROOD_A_FRAME.value);
  const storesBelow = shareOf(storesStay, hive.honeyBelow + hive.pollen, FRAME_CELLS.value);
  const before = hive.cellsBelow;
  const goesUp = { brood: 0, stores: 0 };
  for (let age = 0; age < BROOD_DAYS; age++) {
    const count = hive.below[age] as number;
    hive.below[age] = count * share;
    hive.above[age] = (hive.above[age] as number) + count * (1 - share);
    goesUp.brood += count * (1 - share);
  }
  const [honey, pollen] = [hive.honeyBelow * (1 - storesBelow), hive.pollen * (1 - storesBelow)];
  goesUp.stores = honey + pollen;
  hive.honeyBelow -= honey;
  hive.honeyOver += honey;
  hive.pollen -= pollen;
  const stays = before - goesUp.brood - goesUp.stores;
  if (hasNewBox) {
    // The pollen that goes up keeps its cells; the empty comb goes up with the brood.
    const kept = sumOf(hive.below) + hive.honeyBelow + hive.pollen;
    hive.cellsAbove += before - kept - pollen;
    hive.cellsBelow = Math.max(BROOD_BOX_CELLS.value, kept);
  } else {
    // Comb takes the place of the frames that go up.
    hive.cellsAbove += goesUp.brood + honey;
    hive.cellsBelow = stays + goesUp.brood + goesUp.stores;
  }
}

/** The flying bees of one unit are sent over to another. */
export function sendFlyers(from: Unit, to: Unit): void {
  if (adultsOf(from) === 0) return;
  to.flyers += from.flyers;
  from.flyers = 0;
}
