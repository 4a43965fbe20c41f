import type { Day } from '../calendar/day';
import { dayWords } from '../calendar/words';

export const QUEEN_DOUBTS = [
  'old-queen-not-found',
  'old-queen-there',
  'eggs-of-before',
  'eggs-too-early',
  'eggs-unexplained',
  'another-queen',
  'unmarked-queen',
] as const;

/**
 * What does not fit together about a colony's queens, so that it is not known which of them is in there.
 *
 * - `old-queen-not-found`: a bought queen was given though nobody has taken the old one out;
 * - `old-queen-there`: eggs before the bought one can have laid, and the old one is not known to be gone;
 * - `eggs-of-before`: eggs before the bought one can have laid, which the queen before her may have left;
 * - `eggs-too-early`: eggs before the virgin can have laid;
 * - `eggs-unexplained`: eggs where neither the queen who is gone nor a young one can have laid;
 * - `another-queen`: a queen was seen where the old one is gone and no virgin can have emerged;
 * - `unmarked-queen`: a queen without the mark of the one that was known.
 */
export type DoubtCode = (typeof QUEEN_DOUBTS)[number];

export interface QueenDoubt {
  readonly code: DoubtCode;
  /** The day on which it was seen or done. */
  readonly on: Day;
  /** The fact that it hangs on. */
  readonly id: string;
}

const SAYS: { readonly [C in DoubtCode]: { readonly says: (day: string) => string; readonly next: string } } = {
  'old-queen-not-found': {
    says: (day) => `The old queen was not found when the new one was given on ${day}.`,
    next: 'Search for her, or look for the new one by her mark: with the old one in there the new one is lost.',
  },
  'old-queen-there': {
    says: (day) => `Eggs on ${day}, before the bought queen can have laid: the old queen may still be there.`,
    next: 'Search for her today; the bought one is at risk. Keep the bought one caged until then.',
  },
  'eggs-of-before': {
    says: (day) => `Eggs on ${day} may be of the queen before: they say nothing of the bought one.`,
    next: 'Look for eggs again in her window.',
  },
  'eggs-too-early': {
    says: (day) => `Eggs on ${day}, before the virgin can have laid: of a queen before her, who may still be there.`,
    next: 'Leave it shut anyway, and look for her eggs in their window.',
  },
  'eggs-unexplained': {
    says: (day) => `Eggs on ${day} that no known queen can have laid: not known which queen did.`,
    next: 'Find her: a second queen, a swarm that came back, or the wrong queen was taken.',
  },
  'another-queen': {
    says: (day) => `A queen was seen on ${day} where there should be none: not known which.`,
    next: 'Look at her mark, and for eggs: she came along when the hive was split, there were two, or the wrong one was taken.',
  },
  'unmarked-queen': {
    says: (day) =>
      `A queen without a mark on ${day}, where a marked one was known: the bees have replaced her, or she swarmed.`,
    next: 'Look for her eggs in their window before you mark her.',
  },
};

/** What is not known, and what would settle it. */
export function doubtWords({ code, on }: QueenDoubt): { readonly says: string; readonly next: string } {
  const { says, next } = SAYS[code];
  return { says: says(dayWords(on)), next };
}
