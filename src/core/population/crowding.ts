import { SUPERS_FULL, TOP_BOX_COVERED } from '../space/triggers';
import { BEES_A_SEAM } from '../yard/flyers';
import type { Assumed } from './assumed';
import {
  BROOD_BOX_CELLS,
  BROOD_BOXES_AT_MOST,
  BY_QUEEN,
  FRAME_CELLS,
  QUEEN_LAYS,
  ROOM_DAYS,
  SUPER_CELLS,
} from './figures';
import { adultsOf, freeBelow, freeOver, type Unit } from './unit';

const PERCENT = 100;

const between = (least: number, value: number, most: number): number => Math.min(most, Math.max(least, value));

/**
 * How crowded a hive is, 0 to 1: half of it by its bees for each cell of the brood boxes, half by how far the free cells fall short of a
 * week's laying.
 */
export function crowding(unit: Unit, { crowdedFrom, crowdedTo, roomDays }: Assumed): number {
  const { queen, cellsBelow, cellsAbove } = unit;
  const cells = cellsBelow + cellsAbove;
  if (queen.kind !== 'laying' || cells === 0) return 0;
  // Where the keeper sets both alike it crowds at once.
  const wide = Math.max(1e-6, crowdedTo - crowdedFrom);
  const byBees = between(0, (adultsOf(unit) / cells - crowdedFrom) / wide, 1);
  const short = between(0, 1 - freeBelow(unit) / (roomDays * queen.rate), 1);
  return (byBees + short) / 2;
}

export type Part = 'build-up' | 'season' | 'over';

/** The chance that it begins to prepare for swarming on a day. */
export function chanceToPrepare(unit: Unit, part: Part, assumed: Assumed): number {
  if (unit.queen.kind !== 'laying') return 0;
  const season = { 'build-up': assumed.buildUp, season: 1, over: 0 }[part];
  return assumed.prepares * season * crowding(unit, assumed) * (BY_QUEEN[unit.queen.year - 1]?.value ?? 1);
}

/** Whether bees cover most of so many cells. */
const cover = (unit: Unit, cells: number): boolean =>
  adultsOf(unit) / ((cells / FRAME_CELLS.value) * BEES_A_SEAM) >= TOP_BOX_COVERED.value / PERCENT;

/**
 * Room is given once the bees cover most of what they have: a nuc goes into a whole brood box, one box gets a second, and after that there are
 * supers; the first too once the brood box fills up, and one more once those that are there are mostly full.
 */
export function giveRoom(unit: Unit): void {
  const { cellsBelow, cellsAbove, cellsInSupers } = unit;
  const forBrood = cellsBelow + cellsAbove;
  const most = BROOD_BOXES_AT_MOST.value * BROOD_BOX_CELLS.value;
  const isFilled =
    freeOver(unit) <= (1 - SUPERS_FULL.value / PERCENT) * cellsInSupers &&
    (cellsInSupers > 0 || freeBelow(unit) < ROOM_DAYS.value * QUEEN_LAYS.value.typical);
  if (forBrood < most && cover(unit, forBrood))
    unit.cellsBelow += (forBrood < BROOD_BOX_CELLS.value ? BROOD_BOX_CELLS.value : most) - forBrood;
  else if (isFilled || cover(unit, forBrood + cellsInSupers)) unit.cellsInSupers += SUPER_CELLS.value;
}
