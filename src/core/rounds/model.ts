/** A sum of variables with their factors. */
export type Sum = readonly { readonly of: number; readonly times: number }[];

export interface Row {
  readonly sum: Sum;
  readonly is: '<=' | '=';
  readonly right: number;
}

/** A programme over whole numbers from 0 up. */
export interface WholeModel {
  /** Of each variable the most that it can be. */
  readonly most: readonly number[];
  readonly rows: readonly Row[];
  /** What is to be as small as can be. */
  readonly least: Sum;
}

/** What a solver found: the best there is; one that may not be, with a value that none can be under, where it knows one; or none in its time. */
export type Solved =
  | { readonly status: 'optimal'; readonly values: readonly number[] }
  | { readonly status: 'found'; readonly values: readonly number[]; readonly bound: number | null }
  | { readonly status: 'none'; readonly bound: number | null };

/**
 * Solves such a programme in a number of seconds at most, from an answer that keeps to its rows, where there is one. It is handed in from
 * outside: the core has none of its own.
 */
export type Solver = (model: WholeModel, seconds: number, start?: readonly number[]) => Solved;

export const sumOf = (sum: Sum, values: readonly number[]): number =>
  sum.reduce((total, { of, times }) => total + times * (values[of] ?? 0), 0);
