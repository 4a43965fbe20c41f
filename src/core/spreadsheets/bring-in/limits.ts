/** How much of a spreadsheet is read; more is refused by name, never cut. */
export const SHEET_LIMITS = {
  bytes: 20 * 1024 * 1024,
  rows: 50_000,
  columns: 200,
  /** Characters between two line ends: what no row of a spreadsheet comes to, and few enough to be taken apart at once. */
  line: 1_000_000,
  /** Of a word that stands for something, and of a heading. */
  word: 60,
} as const;
