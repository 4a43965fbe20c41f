import { z } from 'zod';
import { idField } from './fields';

/** Which of the versions in the book an entry is meant to replace, each named by what it says; none: it is new. */
export const overField = z.array(idField).max(20).default([]);

/** What is in the book under an id when something arrives for it. */
export interface Standing {
  /** The version that stands, a deleted one under a version of its own; null: nothing is stored under it. */
  readonly current: string | null;
  /** Versions that arrived or stood before. */
  readonly earlier: ReadonlySet<string>;
}

/** Store it; it is known already and changes nothing; or ask the keeper, who has said two different things. */
export type Taken = 'write' | 'nothing' | 'ask';

/**
 * What becomes of something that a device sends, perhaps not for the first time: a device whose answer was lost sends again, hours
 * later, and must not undo what was corrected, deleted or taken back meanwhile.
 *
 * - new under its id: it is stored;
 * - the version that stands, or one that was there before: nothing changes, unless it is meant to replace the one that stands (a
 *   correction that goes back to what was said first);
 * - meant to replace the version that stands: it is stored;
 * - else what stands was changed by somebody who did not know of it: the keeper is asked.
 */
export function takenAs(version: string, over: readonly string[], { current, earlier }: Standing): Taken {
  if (current === null) return earlier.has(version) ? 'nothing' : 'write';
  if (version === current) return 'nothing';
  if (over.includes(current)) return 'write';
  return earlier.has(version) ? 'nothing' : 'ask';
}
