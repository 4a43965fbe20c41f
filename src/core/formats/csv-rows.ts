import Papa from 'papaparse';
import { failure, type Result, success } from '../problems/issue';
import { say } from '../problems/says';
import { longLine } from './long-line';

export interface CsvRows {
  readonly headers: readonly string[];
  /** Cells by their column, and the line on which each row stands, from 1. */
  readonly rows: readonly { readonly line: number; readonly cells: readonly string[] }[];
}

/** Characters between two line ends: what is measured in an hour comes to a hundred. */
const LONGEST_LINE = 20_000;

/** So many rows tell what stands between the cells. */
const ROWS_LOOKED_AT = 20;

/** What stands between the cells of a text: comma, semicolon or tab. An empty last line says nothing of it. */
export const delimiterOf = (text: string): string =>
  Papa.parse(text, { preview: ROWS_LOOKED_AT, skipEmptyLines: 'greedy', delimitersToGuess: [',', ';', '\t'] }).meta
    .delimiter;

/** Rows of a text whose first line names the columns; comma, semicolon or tab between the cells. Empty lines count as none. */
export function csvRows(text: string, mostRows: number): Result<CsvRows> {
  const tooLong = longLine(text, LONGEST_LINE);
  if (tooLong !== null) {
    return failure({ path: [tooLong], code: 'too-large', message: say('line-too-long', { row: tooLong }) });
  }
  const { data } = Papa.parse<string[]>(text, { preview: mostRows + 2, delimiter: delimiterOf(text) });
  const lines = data
    .map((cells, i) => ({ line: i + 1, cells }))
    .filter(({ cells }) => cells.some((cell) => cell.trim() !== ''));
  const [head, ...rows] = lines;
  if (!head || rows.length === 0) return failure({ path: [], code: 'missing', message: say('file-without-rows') });
  if (rows.length > mostRows)
    return failure({ path: [], code: 'too-large', message: say('too-many-rows', { most: mostRows }) });
  return success({ headers: head.cells.map((name) => name.trim()), rows });
}

/** A number with a point or a comma before its decimals; null: none. */
export function readNumber(text: string): number | null {
  const plain = text.trim().replace(/^\+/, '').replace(',', '.');
  return /^-?(\d+\.?\d*|\.\d+)$/.test(plain) ? Number(plain) : null;
}
