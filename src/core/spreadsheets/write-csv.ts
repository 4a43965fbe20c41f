import Papa from 'papaparse';
import { disarmed } from './disarm';
import type { Sheet, SheetValue } from './sheet';

/** Tells spreadsheet programs that it is UTF-8. */
const MARK = '\uFEFF';
/**
 * A sheet as CSV: UTF-8 with a mark, commas, lines ended as RFC 4180 has it, yes and no, numbers plain with a point. Text of which a
 * spreadsheet program would make something else stands behind an apostrophe, which {@link readTable} takes away again.
 */
export function writeCsv({ heads, rows }: Sheet): string {
  const said = rows.map((row) => row.map(inCsv));
  return MARK + Papa.unparse([[...heads], ...said], { newline: '\r\n' });
}

const inCsv = (value: SheetValue): string | number | null => {
  if (typeof value === 'boolean') return value ? 'yes' : 'no';
  return typeof value === 'string' ? disarmed(value) : value;
};
