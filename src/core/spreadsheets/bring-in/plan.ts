import type { Now } from '../../calendar/now';
import type { SeasonFacts } from '../../formats/season-file';
import type { Issue } from '../../problems/issue';
import type { FieldCode } from './fields';
import type { Matching } from './matching';

/** What of the book a spreadsheet is held against. */
export type BookSide = Pick<
  SeasonFacts,
  | 'apiaries'
  | 'colonies'
  | 'inspections'
  | 'cells'
  | 'cellObservations'
  | 'cellMoves'
  | 'queens'
  | 'queenEvents'
  | 'scaleDays'
>;
/** Where something may be entered, what is referred to before what refers to it. */
export const BOOK_TABLES = [
  'apiaries',
  'colonies',
  'queens',
  'queenEvents',
  'inspections',
  'cells',
  'cellObservations',
  'scaleDays',
] as const satisfies readonly (keyof BookSide)[];
export type BookTable = (typeof BOOK_TABLES)[number];

export const FATES = ['new', 'known', 'conflict', 'refused'] as const;
/** What becomes of a row: it is entered; the book says the same already; the book says something else; it cannot be entered. */
export type FateKind = (typeof FATES)[number];

export interface Fate {
  readonly row: number;
  readonly fate: FateKind;
  /** As the sheet has it. */
  readonly colony: string;
  /** Day or minute; null: it has none. */
  readonly at: string | null;
  /** Why it is refused. */
  readonly issues: readonly Issue[];
  /** In what the book says something else. */
  readonly differs: readonly FieldCode[];
}

/** A row of a table of the book, entered or put in the place of what stood there. */
export interface Change<T extends BookTable = BookTable> {
  readonly table: T;
  readonly row: SeasonFacts[T][number];
  /** Null: there was none. */
  readonly before: SeasonFacts[T][number] | null;
}

/** A hive of the sheet that the book does not have. */
export interface UnknownHive {
  readonly key: string;
  readonly name: string;
  readonly apiary: string | null;
  readonly rows: number;
}

export interface Plan {
  readonly fates: readonly Fate[];
  /** In any order: what refers to another may stand before it. */
  readonly changes: readonly Change[];
  readonly unknown: readonly UnknownHive[];
}

export interface Asked {
  readonly matching: Matching;
  readonly book: BookSide;
  readonly now: Now;
  readonly newId: () => string;
}

/** Goes through the rows, giving word now and then of how many are done. */
export type Planning = Generator<number, Plan>;

/** So many rows are reckoned between two words on how far it is. */
export const ROWS_AT_A_TIME = 250;

export type FateCounts = { readonly [F in FateKind]: number };
export function countFates(fates: readonly Fate[]): FateCounts {
  const counts = { new: 0, known: 0, conflict: 0, refused: 0 };
  for (const { fate } of fates) counts[fate] += 1;
  return counts;
}
