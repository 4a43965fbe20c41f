import { HONEY_CELL } from '../biology/comb';
import { figure } from '../biology/figure';
import { FLOW_BEGINS, FLOW_STRONG } from '../scale/scale-figures';
import type { FrameSize } from './frame-size';
import { combOf, type Hive, layingBoxes } from './hive';

export const FLOWS = ['none', 'light', 'strong'] as const;
/** Nectar coming in: none to speak of, enough to draw comb, or the main flow. */
export type Flow = (typeof FLOWS)[number];

export const LIGHT_FLOW = figure('stored-in-a-day-on-a-light-flow', 0.5, 'kg', 'setting');
export const STRONG_FLOW = figure('stored-in-a-day-on-a-strong-flow', 2, 'kg', 'setting');

/** The flow that a scale shows by what comes in a day, kg: bounds as where a flow begins and is strong. */
export const flowOfGain = (gainKg: number): Flow =>
  gainKg * HUNDREDTHS > FLOW_STRONG ? 'strong' : gainKg * HUNDREDTHS > FLOW_BEGINS ? 'light' : 'none';

const HUNDREDTHS = 100;

/** What a hive stores in a day on a flow, in kg; nothing where there is none. */
export interface NectarKg {
  readonly light: number;
  readonly strong: number;
}

export const DEFAULT_NECTAR: NectarKg = { light: LIGHT_FLOW.value, strong: STRONG_FLOW.value };

/** What the keeper’s book says that room is reckoned with. */
export interface RoomFigures {
  readonly sizes: readonly FrameSize[];
  readonly nectarKg: NectarKg;
}

export const kgOn = (flow: Flow, nectarKg: NectarKg): number => (flow === 'none' ? 0 : nectarKg[flow]);

const GRAMS = 1000;

/**
 * Cells of the laying boxes that incoming nectar takes in a day: the flow shared out over all empty comb, so that a super of drawn
 * comb keeps most of it out of the nest.
 */
export function nectarPerDay(hive: Hive, flow: Flow, { sizes, nectarKg }: RoomFigures): number {
  const inAll = combOf(hive.boxes, sizes).empty;
  const inNest = combOf(layingBoxes(hive), sizes).empty;
  const share = inAll === 0 ? 1 : inNest / inAll;
  return ((kgOn(flow, nectarKg) * GRAMS) / HONEY_CELL.value) * share;
}
