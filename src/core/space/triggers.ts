import { figure } from '../biology/figure';
import { coveredIn } from './covered';
import type { FrameSize } from './frame-size';
import { type Box, broodBoxes, combOf, type Hive, supers } from './hive';

export const TOP_BOX_COVERED = figure('add-a-box-when-the-top-box-is-covered-to', 80, 'percent', 'practice');
export const SUPERS_FULL = figure('add-a-super-when-the-supers-are-full-to', 70, 'percent', 'practice');
export const SUPER_RIPE = figure('a-super-is-ready-to-take-off-when-sealed-to', 80, 'percent-of-comb', 'practice');

/** What a hive wants by how far it is filled; null where that was not counted. */
export interface Triggers {
  /** Share of the top brood box's frames that bees cover. */
  readonly topBoxCovered: number | null;
  /** Share of the supers' comb that holds honey or nectar; null: no super. */
  readonly supersFull: number | null;
  readonly addBox: boolean;
  readonly addSuper: boolean;
  /** Supers that can come off, by the id of the box. */
  readonly ripeSupers: readonly string[];
}

/**
 * @param coveredSeams of all brood boxes, where they were not counted by box; null: not counted
 */
export function triggersOf(hive: Hive, coveredSeams: number | null, sizes: readonly FrameSize[]): Triggers {
  const top = broodBoxes(hive).at(-1);
  const isCounted = coveredSeams !== null || typeof top?.coveredSeams === 'number';
  const topBoxCovered = top && isCounted ? coveredShare(top, hive, coveredSeams) : null;
  const above = supers(hive);
  const supersFull = above.length === 0 ? null : fillOf(above, sizes).full;
  return {
    topBoxCovered,
    supersFull,
    addBox: topBoxCovered !== null && topBoxCovered >= TOP_BOX_COVERED.value / 100,
    addSuper: supersFull !== null && supersFull >= SUPERS_FULL.value / 100,
    ripeSupers: above.filter((box) => fillOf([box], sizes).sealed >= SUPER_RIPE.value / 100).map(({ id }) => id),
  };
}

/** Where only the hive's seams were counted, the cluster sits across its boxes: each is covered as far as all of them are. */
const coveredShare = (box: Box, hive: Hive, coveredSeams: number | null): number =>
  box.frames.length === 0 ? 0 : coveredIn(box, hive, coveredSeams) / box.frames.length;

/** Shares of all comb, drawn or not, that hold honey or nectar, and sealed honey. */
export function fillOf(boxes: readonly Box[], sizes: readonly FrameSize[]): { full: number; sealed: number } {
  const comb = combOf(boxes, sizes);
  const all = Object.values(comb).reduce((sum, cells) => sum + cells, 0);
  return all === 0 ? { full: 0, sealed: 0 } : { full: (comb.honey + comb.nectar) / all, sealed: comb.honey / all };
}
