import type { Said } from '../says/said';

/** What can be wrong with something that was handed in. The wording of a remedy goes with each issue. */
export type IssueCode =
  | 'not-json'
  | 'too-large'
  | 'truncated'
  | 'later-version'
  | 'missing'
  | 'wrong-type'
  | 'unknown-property'
  | 'not-a-date'
  | 'not-one-of'
  | 'out-of-range'
  | 'too-long'
  | 'in-the-future'
  | 'before-colony'
  | 'after-colony-ended'
  | 'contradiction'
  | 'duplicate-observation'
  | 'after-removed'
  | 'duplicate-minute'
  | 'duplicate-id'
  | 'unknown-reference'
  | 'unreckonable'
  | 'in-use'
  | 'changed-meanwhile'
  | 'not-found'
  | 'not-for-this-method'
  | 'unknown-command'
  | 'unknown-option'
  | 'no-answer'
  | 'server-fault'
  | 'disk-full'
  | 'signed-out'
  | 'wrong-key'
  | 'too-often'
  | 'invalid';

/** One thing wrong with an input: where it stands, what kind of fault it is, and how to put it right. */
export interface Issue {
  readonly path: readonly (string | number)[];
  readonly code: IssueCode;
  readonly message: Said;
}

/** An expected failure is a value. Broken invariants throw instead. */
export type Result<T> =
  | { readonly ok: true; readonly value: T }
  | { readonly ok: false; readonly issues: readonly Issue[] };

export function success<T>(value: T): Result<T> {
  return { ok: true, value };
}

export function failure(...issues: readonly Issue[]): Result<never> {
  return { ok: false, issues };
}
