import { HONEY_CELL } from '../biology/comb';
import { EGG_DAYS, OPEN_LARVA_DAYS, SEALED_WORKER_DAYS } from '../biology/development';
import type { Stream } from './luck';

export const BROOD_DAYS = EGG_DAYS.value + OPEN_LARVA_DAYS.value + SEALED_WORKER_DAYS.value;
export const FIRST_LARVA = EGG_DAYS.value;
export const FIRST_SEALED = EGG_DAYS.value + OPEN_LARVA_DAYS.value;

const G_PER_KG = 1000;
/** Honey in a cell, kg. */
export const KG_A_CELL = HONEY_CELL.value / G_PER_KG;

/** The queen of a unit. Days count from the first of the reckoning. */
export type UnitQueen =
  | { readonly kind: 'laying'; readonly rate: number; readonly year: 1 | 2 | 3 }
  /**
   * A young one, or one in a cage, of whom it is drawn already when she comes to lay; null: never. `out`: when she leaves her cell; null: she
   * was bought.
   */
  | { readonly kind: 'to-lay'; readonly out: number | null; readonly on: number | null }
  | { readonly kind: 'none' };

/** One hive of the keeper's on a day. Counts of cells and bees are no whole numbers: they are what is to be expected. */
export interface Unit {
  readonly name: string;
  /** Whose luck it has. */
  readonly luck: number;
  /** Brood where the queen lays, and above an excluder, by days of age. */
  readonly below: Float64Array;
  readonly above: Float64Array;
  house: number;
  flyers: number;
  /** Cells of the brood boxes below and above the excluder, and of the supers. */
  cellsBelow: number;
  cellsAbove: number;
  cellsInSupers: number;
  pollen: number;
  /** Cells of honey in the brood boxes below, and above them. */
  honeyBelow: number;
  honeyOver: number;
  queen: UnitQueen;
  /** The day on which the egg of its oldest cell was laid; null: it does not prepare to swarm. */
  preparing: number | null;
  /** Its cells were taken down, and it is crowded still. */
  isInMood: boolean;
  /** Casts still to leave, with the day of the next; empty: none. */
  castsOn: number[];
  /** The first day on which a queen who was raised or bought lays; null: not yet, or none was to. */
  firstEggs: number | null;
  /** The method leaves it to come to a new queen. */
  isToHaveNewQueen: boolean;
  hasSwarmed: boolean;
  hasStarved: boolean;
  readonly preparingLuck: Stream;
}

export const sumOf = (cells: Float64Array, from = 0, to = cells.length): number => {
  let sum = 0;
  for (let age = from; age < to; age++) sum += cells[age] as number;
  return sum;
};

export const adultsOf = ({ house, flyers }: Unit): number => house + flyers;
/** Brood above an excluder; none where nothing was ever lifted there. */
export const sumAbove = ({ above, cellsAbove }: Unit, from = 0, to = BROOD_DAYS): number =>
  cellsAbove === 0 ? 0 : sumOf(above, from, to);
export const broodOf = (unit: Unit): number => sumOf(unit.below) + sumAbove(unit);
export const honeyKgOf = ({ honeyBelow, honeyOver }: Unit): number => (honeyBelow + honeyOver) * KG_A_CELL;
export const isLaying = (unit: Unit): boolean => unit.queen.kind === 'laying' && adultsOf(unit) >= 1;

/** Cells in which the queen can lay. */
export const freeBelow = ({ cellsBelow, below, honeyBelow, pollen }: Unit): number =>
  Math.max(0, cellsBelow - sumOf(below) - honeyBelow - pollen);

/** Cells over the brood boxes in which honey can be put: supers, and what of the brood above an excluder has emerged. */
export const freeOver = (unit: Unit): number =>
  Math.max(0, unit.cellsInSupers + unit.cellsAbove - sumAbove(unit) - unit.honeyOver);
