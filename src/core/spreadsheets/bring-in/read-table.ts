import Papa from 'papaparse';
import { delimiterOf } from '../../formats/csv-rows';
import { longLine } from '../../formats/long-line';
import { failure, type Issue, type Result, success } from '../../problems/issue';
import { say } from '../../problems/says';
import { armed } from '../disarm';
import { SHEET_LIMITS } from './limits';

export interface TableRow {
  /** As spreadsheet programs count: the headings are row 1. */
  readonly row: number;
  readonly cells: readonly string[];
}

/** A spreadsheet as text: headings, and rows of as many cells. */
export interface Table {
  readonly heads: readonly string[];
  readonly rows: readonly TableRow[];
}

const MARK = '\uFEFF';
/** So many rows are read between two words on how far it is. */
const ROWS_A_STEP = 500;

/**
 * A CSV file with a line of headings; comma, semicolon or tab between the cells. Empty rows count as none, cells that are missing at the end
 * of a row as empty.
 *
 * @param onProgress told now and then which part of the text is read, from 0 to 1
 * @returns a failure where it is no table, breaks off within quotation marks, or is larger than {@link SHEET_LIMITS}
 */
export function readTable(text: string, onProgress: (part: number) => void = () => {}): Result<Table> {
  const whole = text.startsWith(MARK) ? text.slice(MARK.length) : text;
  // A file of commas alone, or no text of lines at all.
  const tooLong = longLine(whole, SHEET_LIMITS.line);
  if (tooLong !== null) return failure(fault([tooLong], 'too-large', say('line-too-long', { row: tooLong })));
  const found: TableRow[] = [];
  const faults: Issue[] = [];
  let row = 0;
  Papa.parse<string[]>(whole, {
    delimiter: delimiterOf(whole),
    step: ({ data, errors, meta }, parser) => {
      row += 1;
      if (errors.some(({ code }) => code === 'MissingQuotes'))
        faults.push(fault([row], 'truncated', say('quote-not-closed', { row })));
      if (data.length > SHEET_LIMITS.columns)
        faults.push(fault([row], 'too-large', say('too-many-columns', { most: SHEET_LIMITS.columns })));
      if (data.some((cell) => cell.trim() !== '')) found.push({ row, cells: data.map(armed) });
      if (found.length > SHEET_LIMITS.rows + 1)
        faults.push(fault([], 'too-large', say('too-many-rows', { most: SHEET_LIMITS.rows })));
      if (row % ROWS_A_STEP === 0) onProgress(meta.cursor / whole.length);
      if (faults.length > 0) parser.abort();
    },
  });
  if (faults.length > 0) return failure(...faults);
  const [head, ...rows] = found;
  if (!head || rows.length === 0) return failure(fault([], 'missing', say('file-without-rows')));
  return success({ heads: head.cells.map((name) => name.trim().slice(0, SHEET_LIMITS.word)), rows });
}

const fault = (path: Issue['path'], code: Issue['code'], message: Issue['message']): Issue => ({ path, code, message });
