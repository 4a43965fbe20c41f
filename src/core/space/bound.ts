import { figure } from '../biology/figure';
import { type Comb, drawnCells } from './hive';

const SHARE = 'percent-of-nest';
export const BOUND_STORES = figure('bound-by-stores-from', 60, SHARE, 'practice');
export const BOUND_POLLEN = figure('bound-by-pollen-from', 30, SHARE, 'practice');
export const BOUND_EMPTY = figure('bound-by-stores-only-with-empty-cells-for-under', 3, 'days-of-laying', 'practice');

export const ROOMY = figure('a-nest-is-not-called-hemmed-in-with-room-for', 14, 'days', 'caution');

/** What hems the queen in, with how much of the comb it takes. */
export interface Bound {
  readonly by: 'pollen' | 'nectar' | 'honey';
  /** Share of the drawn comb that all stores take, 0 to 1. */
  readonly stores: number;
  /** Share that pollen alone takes. */
  readonly pollen: number;
}

/**
 * Whether the brood nest is hemmed in: by pollen, where pollen alone takes much of it; by nectar or honey, whichever is more,
 * where stores take most of it and few empty cells are left; null where it is not, and where she has room for two weeks whatever is
 * stored.
 *
 * @param comb of the boxes in which she can lay
 * @param layingPerDay what she would lay with room: a rate that want of room has cut says nothing of what she needs
 * @param days of laying room at that rate
 */
export function boundBy(comb: Comb, layingPerDay: number, days = 0): Bound | null {
  const drawn = drawnCells(comb);
  if (drawn === 0 || days >= ROOMY.value) return null;
  const stores = (comb.pollen + comb.nectar + comb.honey) / drawn;
  const pollen = comb.pollen / drawn;
  if (pollen >= BOUND_POLLEN.value / 100) return { by: 'pollen', stores, pollen };
  const isTight = comb.empty < BOUND_EMPTY.value * layingPerDay;
  if (stores < BOUND_STORES.value / 100 || !isTight) return null;
  const most = Math.max(comb.pollen, comb.nectar, comb.honey);
  const by = most === comb.pollen ? 'pollen' : most === comb.nectar ? 'nectar' : 'honey';
  return { by, stores, pollen };
}
