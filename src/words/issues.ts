import type { Issue, Result } from '../core/problems/issue';
import { inWords } from './in-words';

/** One thing wrong with an input, as it is read: this is what leaves the server and the command line. */
export interface IssueInWords extends Omit<Issue, 'message'> {
  readonly message: string;
}

/** A result as it is read by whoever asked. */
export type Answer<T> =
  | { readonly ok: true; readonly value: T }
  | { readonly ok: false; readonly issues: readonly IssueInWords[] };

export const issueInWords = (issue: Issue): IssueInWords => ({ ...issue, message: inWords(issue.message) });

/** A result with its faults put into words. */
export const answerOf = <T>(result: Result<T>): Answer<T> =>
  result.ok ? result : { ok: false, issues: result.issues.map(issueInWords) };

/** A refusal in words of one’s own. */
export const refusal = (...issues: readonly IssueInWords[]): Answer<never> => ({ ok: false, issues });
