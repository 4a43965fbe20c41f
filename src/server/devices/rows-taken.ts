import 'server-only';
import type { Issue } from '../../core/problems/issue';
import { type IssueInWords, issueInWords } from '../../words/issues';

/** What became of rows that were handed in. */
export interface RowsTaken {
  readonly taken: number;
  /** How many were not. */
  readonly refused: number;
  /** Why not: the first of them, by name. */
  readonly issues: readonly IssueInWords[];
}

/** A file that is wrong in every row is not told to its end. */
const NAMED = 20;

export const refusedOf = (refused: readonly Issue[]): Omit<RowsTaken, 'taken'> => ({
  refused: new Set(refused.map(({ path: [row] }) => row)).size,
  issues: refused.slice(0, NAMED).map(issueInWords),
});
