import type { FollowUpCode } from '../methods/method';

/**
 * Checks whose answer is a word of the keeper's: no inspection tells it, or not all of it (that a queen is still in her cage). Which half
 * has no queen is told by both hives together, and is asked where both are known.
 */
export const ASKED_IN_WORDS: ReadonlySet<FollowUpCode> = new Set([
  'released',
  'top-brood-gone',
  'supers-check',
  'move-parent',
  'board-in',
  'doors',
  'turn-hive',
  'shift-boxes',
]);
