import type { Day } from '../calendar/day';
import type { Said } from '../says/said';
import { say } from './says';

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

/** What is not known. */
export const doubtSaid = ({ code, on }: Pick<QueenDoubt, 'code' | 'on'>): Said => say('doubt', { doubt: code, on });

/** What would settle it. */
export const doubtNext = ({ code }: Pick<QueenDoubt, 'code'>): Said => say('doubt-next', { doubt: code });
