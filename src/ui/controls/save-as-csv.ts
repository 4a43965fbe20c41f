import { unparse } from 'papaparse';

/** Tells spreadsheet programs that it is UTF-8. */
const MARK = '\uFEFF';

/** Rows as CSV, the names of the first row's fields as head; what a spreadsheet program would take for a formula is disarmed. */
export const csvOf = (rows: readonly object[]): string =>
  MARK + unparse([...rows], { escapeFormulae: true, newline: '\r\n' });

/** Hands rows to the keeper as a file. */
export function saveAsCsv(rows: readonly object[], name: string): void {
  const link = document.createElement('a');
  link.href = URL.createObjectURL(new Blob([csvOf(rows)], { type: 'text/csv' }));
  link.download = name;
  link.click();
  URL.revokeObjectURL(link.href);
}
