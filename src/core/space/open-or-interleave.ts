import type { Settings } from '../settings/settings';

/** Which of the two ways to give room in the nest, and why. */
export interface Choice {
  readonly method: 'open-sides' | 'interleave';
  readonly why: string;
}

type Limits = Pick<Settings, 'interleaveNightC' | 'leastBroodDemaree' | 'leastSeamsDemaree'>;

/**
 * Empty frames between brood are for strong colonies in warm nights; in any other case, and where something was not noted, the
 * sides are opened.
 *
 * @param coldestNightC of the next five nights; null: not noted
 */
export function openOrInterleave(
  known: {
    readonly coldestNightC: number | null;
    readonly broodFrames: number | null;
    readonly coveredSeams: number | null;
  },
  { interleaveNightC, leastBroodDemaree, leastSeamsDemaree }: Limits,
): Choice {
  const open = (why: string): Choice => ({ method: 'open-sides', why });
  const { coldestNightC, broodFrames, coveredSeams } = known;
  if (coldestNightC === null)
    return open('How cold the nights will be was not noted: the careful way is to open the sides.');
  if (coldestNightC < interleaveNightC)
    return open(`Nights down to ${coldestNightC} °C: an empty frame between brood would chill it, so open the sides.`);
  if (broodFrames === null || broodFrames < leastBroodDemaree)
    return open(
      `Fewer than ${leastBroodDemaree} frames of brood: too weak for empty frames in between, so open the sides.`,
    );
  if (coveredSeams === null || coveredSeams < leastSeamsDemaree)
    return open(
      `Fewer than ${leastSeamsDemaree} covered seams: too few bees for empty frames in between, so open the sides.`,
    );
  return {
    method: 'interleave',
    why: `Nights stay at ${interleaveNightC} °C or more, and it is strong: empty frames in between give her room at once.`,
  };
}
