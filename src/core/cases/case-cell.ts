import { EGG_HATCHES, QUEEN_EMERGES } from '../biology/development';
import type { CellPlace } from '../cells/place';
import type { Thoroughness } from '../cells/thoroughness';
import type { CellPart } from '../colony/facts';
import { type CellLook, cellLook, lifeOf } from '../practice/cell-look';

/** What became of a cell, and on which day. */
export interface CellEnd {
  readonly on: number;
  readonly how: 'taken-down' | 'emerged' | 'torn-down';
}

/** A queen cell as it truly is. Days count from the first of the case. */
export interface CaseCell {
  readonly id: string;
  /** When its egg was laid, and from when on it is a queen cell; both may lie before the first day. */
  readonly laid: number;
  readonly begunOn: number;
  /** By which it is drawn, and keeps its time. */
  readonly seed: number;
  readonly place: CellPlace;
  readonly box: number;
  readonly frame: number;
  /** From the left and from the top of its frame, 0 to 1. */
  readonly x: number;
  readonly y: number;
  readonly part: CellPart | null;
  /** Bees hide it as long as there is no larva in it. */
  readonly isUnderBees: boolean;
  /** Seen from below when a box is tipped up. */
  readonly isFromBelow: boolean;
  end: CellEnd | null;
}

/** Bees need some days to gnaw away what is left of a cell. */
const REMAINS_FOR = 5;
/** Looks are taken at about noon. */
const NOON = 0.5;

export const isStanding = ({ end, begunOn }: CaseCell, today: number): boolean => end === null && begunOn <= today;

/** When its queen would leave it, were she let. */
export const emergesOn = ({ laid, seed }: Pick<CaseCell, 'laid' | 'seed'>): number =>
  laid +
  Math.min(
    QUEEN_EMERGES.value.late,
    Math.max(QUEEN_EMERGES.value.early, Math.ceil(lifeOf('queen', seed).emerges - NOON)),
  );

/** How old it is when it is looked at on a day. */
export const ageOn = ({ laid }: Pick<CaseCell, 'laid'>, today: number): number => today - laid + NOON;

export const isSealedOn = (cell: CaseCell, today: number): boolean =>
  ageOn(cell, today) >= lifeOf('queen', cell.seed).sealed;

/** How it looks on a day; null: it is not there to be seen. */
export function lookOf(cell: CaseCell, today: number): CellLook | null {
  const { begunOn, seed, end } = cell;
  if (begunOn > today) return null;
  const age = ageOn(cell, today);
  const { emerges } = lifeOf('queen', seed);
  // Bees keep a queen in as long as they do not want her out.
  if (end === null) return cellLook('queen', Math.min(age, emerges - 0.05), seed);
  if (end.how === 'taken-down' || today - end.on > REMAINS_FOR) return null;
  return end.how === 'emerged'
    ? cellLook('queen', Math.max(age, emerges), seed)
    : cellLook('queen', Math.min(age, emerges - 0.05), seed, 'torn-down');
}

/** Whether who searches so sees it. */
export function isSeenBy(cell: CaseCell, searched: Thoroughness, today: number): boolean {
  const isHidden = cell.isUnderBees && today - cell.laid < EGG_HATCHES.value;
  if (searched === 'cleared') return true;
  if (isHidden) return false;
  return searched === 'bees-on' || (cell.isFromBelow && cell.place === 'bottom');
}
