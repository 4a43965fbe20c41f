import { figure } from '../biology/figure';
import { DEFAULT_SETTINGS } from '../settings/settings';
import type { ColonyAsked } from './asked';

/** Frames of brood and seams that a method takes at the least, as in the settings that a keeper begins with. */
export const NUC_FRAMES_LEAST = DEFAULT_SETTINGS.leastBroodNuc;
export const OLD_SITE_FRAMES = DEFAULT_SETTINGS.leastBroodSplit;
export const DEMAREE_FRAMES = DEFAULT_SETTINGS.leastBroodDemaree;
export const DEMAREE_SEAMS = DEFAULT_SETTINGS.leastSeamsDemaree;
/** The main flow is near that begins within so many days. */
export const FLOW_NEAR_DAYS = DEFAULT_SETTINGS.mainFlowNearDays;
/** Nights that stay so warm let frames be put into the nest, C. */
export const INTERLEAVE_NIGHT_C = DEFAULT_SETTINGS.interleaveNightC;

/** Seams that are covered before the first super goes on. */
export const SUPER_SEAMS = figure('seams-covered-for-the-first-super-to-go-on', 7, 'seams', 'practice').value;
const WEAK_FRAMES = figure('too-weak-to-be-divided-with-frames-of-brood-under', 4, 'frames', 'caution').value;
const WEAK_SEAMS = figure('too-weak-to-be-divided-with-seams-under', 5, 'seams', 'caution').value;
/** What was not counted takes the value of an ordinary colony in the season. */
const USUAL = { frames: 7, seams: 9 } as const;

export const strengthOf = ({ broodFrames, coveredSeams }: Pick<ColonyAsked, 'broodFrames' | 'coveredSeams'>) => ({
  frames: broodFrames ?? USUAL.frames,
  seams: coveredSeams ?? USUAL.seams,
});

/** Too weak to be divided. */
export function isWeak(colony: Pick<ColonyAsked, 'broodFrames' | 'coveredSeams'>): boolean {
  const { frames, seams } = strengthOf(colony);
  return frames < WEAK_FRAMES || seams < WEAK_SEAMS;
}

/** What a nuc has for some weeks where nobody counted: what is usual of a colony is not, of one that was made of two frames. */
export const OF_A_NUC = { frames: 3, seams: 4 } as const;
export const NUC_DAYS = figure('a-nuc-is-small-where-nobody-counted-for', 42, 'days', 'caution').value;
