import { figure } from '../biology/figure';
import type { Brings } from './thing';

/** Frames that fill a nuc. */
export const NUC_FRAMES = figure('frames-in-a-nuc', 5, 'frames', 'practice').value;
/** Frames that fill a brood box, where nothing is known of its size. */
export const BOX_FRAMES = figure('frames-in-a-box', 10, 'frames', 'practice').value;
/** Frames that close a gap, or widen a brood nest. */
const GAP_FRAMES = figure('frames-that-close-a-gap', 2, 'frames', 'practice').value;

const one = (thing: Brings['of'][number], comesFree: Brings['comesFree']): readonly Brings[] => [
  { of: [thing], count: 1, comesFree },
];
const combOrFoundation = (count: number): readonly Brings[] => [
  { of: ['drawn-comb', 'foundation'], count, comesFree: 'never' },
];

/** It is no thing that is counted, or is there already. */
export const NOT_COUNTED: readonly Brings[] = [];
export const A_NUC_BOX = one('nuc-box', 'colony-ends');
export const A_BROOD_BOX = one('brood-box', 'colony-ends');
export const A_SUPER = one('super', 'colony-ends');
/** A box with its floor and what lies on top. */
export const A_HIVE: readonly Brings[] = [
  ...A_BROOD_BOX,
  ...one('floor', 'colony-ends'),
  ...one('crown-board', 'colony-ends'),
  ...one('roof', 'colony-ends'),
];
/** It stays as long as there is a super above it. */
export const AN_EXCLUDER = one('excluder', 'colony-ends');
/** It is taken out again at one of the checks. */
export const AN_EXCLUDER_FOR_NOW = one('excluder', 'method-over');
export const A_FEEDER = one('feeder', 'method-over');
export const A_SPLIT_BOARD = one('split-board', 'method-over');
export const A_NUC_OF_FRAMES = combOrFoundation(NUC_FRAMES);
export const A_BOX_OF_FRAMES = combOrFoundation(BOX_FRAMES);
export const FRAMES_FOR_A_GAP = combOrFoundation(GAP_FRAMES);
export const COMBS_FOR_A_GAP: readonly Brings[] = [{ of: ['drawn-comb'], count: GAP_FRAMES, comesFree: 'never' }];
export const A_BOX_WITH_COMB: readonly Brings[] = [...A_BROOD_BOX, ...A_BOX_OF_FRAMES];
/** For virgins that are held back. */
export const A_NUC_BOX_OR_CAGE: readonly Brings[] = [
  { of: ['nuc-box', 'queen-cage'], count: 1, comesFree: 'method-over' },
];
export const NEWSPAPER = one('newspaper', 'never');
