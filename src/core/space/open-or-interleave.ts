import type { Said } from '../says/said';
import { say } from './says';

/** Which of the two ways to give room in the nest, and why. */
export interface Choice {
  readonly method: 'open-sides' | 'interleave';
  readonly why: Said;
}

/** What interleaving asks for, as the keeper has set it. */
interface Limits {
  readonly interleaveNightC: number;
  readonly leastBroodDemaree: number;
  readonly leastSeamsDemaree: number;
}

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
  const open = (why: Said): Choice => ({ method: 'open-sides', why });
  const { coldestNightC, broodFrames, coveredSeams } = known;
  if (coldestNightC === null) return open(say('nights-not-noted'));
  if (coldestNightC < interleaveNightC) return open(say('nights-too-cold', { coldestC: coldestNightC }));
  if (broodFrames === null || broodFrames < leastBroodDemaree)
    return open(say('too-weak-to-interleave', { least: leastBroodDemaree }));
  if (coveredSeams === null || coveredSeams < leastSeamsDemaree)
    return open(say('too-few-bees-to-interleave', { least: leastSeamsDemaree }));
  return {
    method: 'interleave',
    why: say('warm-enough-to-interleave', { nightC: interleaveNightC }),
  };
}
