import Papa from 'papaparse';
import type { Sheet } from './sheet';

/** Tells spreadsheet programs that it is UTF-8. */
const MARK = '\uFEFF';
/** What a spreadsheet program may take for a formula is disarmed by an apostrophe, and what begins with one is given another. */
const FORMULA = /^[=+\-@\t\r']/;

/**
 * A sheet as CSV: UTF-8 with a mark, commas, lines ended as RFC 4180 has it, yes and no, numbers plain with a point. Text that begins like a formula
 * stands behind an apostrophe; {@link ./read-text.ts} takes it away again.
 */
export function writeCsv({ heads, rows }: Sheet): string {
  const said = rows.map((row) => row.map((value) => (typeof value === 'boolean' ? (value ? 'yes' : 'no') : value)));
  return MARK + Papa.unparse([[...heads], ...said], { escapeFormulae: FORMULA, newline: '\r\n' });
}
