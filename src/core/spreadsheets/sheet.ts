/** What goes out as a spreadsheet, each a file of its own. */
export const SHEETS = [
  'colonies',
  'inspections',
  'cells',
  'checks',
  'surveys',
  'weights',
  'weather',
  'queens',
  'queen-events',
  'kit',
  'food',
  'looking-back',
] as const;
export type SheetName = (typeof SHEETS)[number];

/** What stands in a cell; empty: not known. Days are `YYYY-MM-DD`, minutes `YYYY-MM-DDTHH:mm`, what is measured is in SI units. */
export type SheetValue = string | number | boolean | null;

/** A table as spreadsheet programs have it. */
export interface Sheet {
  readonly heads: readonly string[];
  readonly rows: readonly (readonly SheetValue[])[];
}

/** One column: what it is called, its words joined by hyphens as codes are, and what of a row stands in it. */
export interface Column<Row> {
  readonly head: string;
  readonly of: (row: Row) => SheetValue;
}

export const sheetOf = <Row>(columns: readonly Column<Row>[], rows: readonly Row[]): Sheet => ({
  heads: columns.map(({ head }) => head.replaceAll('-', ' ')),
  rows: rows.map((row) => columns.map(({ of }) => of(row))),
});
