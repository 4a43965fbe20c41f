import { HONEY_CELL } from '../biology/comb';
import { figure } from '../biology/figure';
import { SOURCES } from '../biology/sources';
import type { FrameSize } from './frame-size';
import { combOf, type Hive, layingBoxes } from './hive';

export const FLOWS = ['none', 'light', 'strong'] as const;
/** Nectar coming in: none to speak of, enough to draw comb, or the main flow. */
export type Flow = (typeof FLOWS)[number];

export const LIGHT_FLOW = figure('Stored in a day on a light flow', 0.5, 'kg', SOURCES.caution);
export const STRONG_FLOW = figure('Stored in a day on a strong flow', 2, 'kg', SOURCES.caution);

const KG_A_DAY: { readonly [F in Flow]: number } = { none: 0, light: LIGHT_FLOW.value, strong: STRONG_FLOW.value };
const GRAMS = 1000;

/**
 * Cells of the laying boxes that incoming nectar takes in a day: the flow shared out over all empty comb, so that a super of drawn
 * comb keeps most of it out of the nest.
 */
export function nectarPerDay(hive: Hive, flow: Flow, sizes: readonly FrameSize[]): number {
  const inAll = combOf(hive.boxes, sizes).empty;
  const inNest = combOf(layingBoxes(hive), sizes).empty;
  const share = inAll === 0 ? 1 : inNest / inAll;
  return ((KG_A_DAY[flow] * GRAMS) / HONEY_CELL.value) * share;
}
