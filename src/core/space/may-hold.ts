import { figure } from '../biology/figure';
import { BROOD, type Side, tenthsOf } from './content';
import { type Frame, type Hive, isBroodFrame } from './hive';
import type { SurveyManner } from './survey';

/** Frames told by what most of each holds pass for whole frames of brood; painted side by side they held so much less. */
export const COUNT_OVERSTATES = figure(
  'brood-of-frames-that-were-only-counted-is-overstated-by',
  33,
  'percent',
  'measured',
);

/** How old counted brood is was not told: it may have been laid faster of late, or more slowly. */
export const COUNTED_RATE = figure(
  'laying-rate-of-brood-that-was-only-counted-may-be-off-by',
  25,
  'percent',
  'caution',
);

/** What of a counted brood frame is brood in truth, at the least. */
const BROOD_IN_TRUTH = 1 / (1 + COUNT_OVERSTATES.value / 100);

/** What takes the place of brood that was not there: nectar, nothing, or some of each, in parts of one. */
type Instead = { readonly nectar: number; readonly empty: number };

/**
 * What a hive may hold: as it was told, and where its frames were only counted also with the brood that counting makes too much of taken
 * by nectar, or left empty. Tenths of those are no whole numbers.
 */
export function mayHold(hive: Hive, manner: SurveyManner): readonly Hive[] {
  if (manner === 'frames') return [hive];
  return [hive, withLessBrood(hive, { nectar: 1, empty: 0 }), withLessBrood(hive, { nectar: 0, empty: 1 })];
}

/** What a hive holds most likely: as it was told, or where its frames were only counted, with less brood, and some nectar and room instead. */
export const likelyHolds = (hive: Hive, manner: SurveyManner): Hive =>
  manner === 'frames' ? hive : withLessBrood(hive, { nectar: 1 / 2, empty: 1 / 2 });

const withLessBrood = (hive: Hive, instead: Instead): Hive => ({
  boxes: hive.boxes.map((box) => ({ ...box, frames: box.frames.map((frame) => lessBrood(frame, instead)) })),
});

function lessBrood(frame: Frame, instead: Instead): Frame {
  if (!frame.sides || !isBroodFrame(frame)) return frame;
  const [left, right] = frame.sides;
  return { ...frame, sides: [lessOn(left, instead), lessOn(right, instead)] };
}

function lessOn(side: Side, { nectar, empty }: Instead): Side {
  const brood = BROOD.reduce((sum, stage) => sum + tenthsOf(side, stage), 0);
  const missing = brood * (1 - BROOD_IN_TRUTH);
  const less = Object.fromEntries(BROOD.map((stage) => [stage, tenthsOf(side, stage) * BROOD_IN_TRUTH]));
  return {
    ...side,
    ...less,
    nectar: tenthsOf(side, 'nectar') + missing * nectar,
    empty: tenthsOf(side, 'empty') + missing * empty,
  };
}
