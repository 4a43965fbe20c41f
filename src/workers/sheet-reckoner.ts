import { v7 as newId } from 'uuid';
import type { Now } from '../core/calendar/now';
import { type ColumnSeen, columnsSeen } from '../core/spreadsheets/bring-in/column-seen';
import type { Matching } from '../core/spreadsheets/bring-in/matching';
import {
  type BookSide,
  countFates,
  type Fate,
  type FateCounts,
  type FateKind,
  type UnknownHive,
} from '../core/spreadsheets/bring-in/plan';
import { planSheet } from '../core/spreadsheets/bring-in/plan-sheet';
import { readSheet } from '../core/spreadsheets/bring-in/read-sheet';
import type { Table } from '../core/spreadsheets/bring-in/read-table';
import { inWords } from '../words/in-words';
import { type Answer, answerOf } from '../words/issues';
import { FIELD_WORDS } from '../words/sheet-fields';

/** A row of the list of fates, in words. */
export interface FateRow {
  readonly row: number;
  readonly fate: FateKind;
  readonly colony: string;
  readonly at: string | null;
  /** Why it is refused, or in what the book says otherwise. */
  readonly why: string;
}

export interface OpenedSheet {
  readonly columns: readonly ColumnSeen[];
  readonly rows: number;
}

export interface SheetPlan {
  readonly fates: readonly FateRow[];
  readonly counts: FateCounts;
  readonly unknown: readonly UnknownHive[];
}

/** What of the book a sheet is held against, when, and in which time zone. */
export interface HeldAgainst {
  readonly book: BookSide;
  readonly now: Now;
  readonly zone: string | null;
}

let sheet: { readonly text: string; readonly table: Table } | null = null;

/** Reads a file and looks at its columns. */
function open(bytes: Uint8Array, onProgress: (part: number) => void): Answer<OpenedSheet> {
  const read = readSheet(bytes, onProgress);
  if (!read.ok) return answerOf(read);
  sheet = read.value;
  return { ok: true, value: { columns: columnsSeen(sheet.table), rows: sheet.table.rows.length } };
}

/** What becomes of its rows. */
function plan(matching: Matching, { book, now, zone }: HeldAgainst, onProgress: (part: number) => void): SheetPlan {
  const { table } = opened();
  const planning = planSheet(table, { matching, book, now, newId }, zone);
  for (;;) {
    const { done, value } = planning.next();
    if (done) return { fates: value.fates.map(inRow), counts: countFates(value.fates), unknown: value.unknown };
    onProgress(value / table.rows.length);
  }
}

const inRow = ({ issues, differs, ...fate }: Fate): FateRow => ({
  ...fate,
  why: [
    ...issues.map(({ path, message }) => {
      const field = FIELD_WORDS[path[0] as keyof typeof FIELD_WORDS];
      return field === undefined ? inWords(message) : `${field}: ${inWords(message)}`;
    }),
    ...(differs.length > 0 ? [differs.map((field) => FIELD_WORDS[field]).join(', ')] : []),
  ].join(' '),
});

const opened = () => {
  if (!sheet) throw new Error('No sheet is open');
  return sheet;
};

/** What is reckoned beside the page that brings spreadsheets in. Ending the worker leaves it all. */
export const SHEET_RECKONER = { open, plan, text: () => opened().text };
export type SheetReckoner = typeof SHEET_RECKONER;
