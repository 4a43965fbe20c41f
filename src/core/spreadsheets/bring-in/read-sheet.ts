import { readTextBytes } from '../../formats/read-text-bytes';
import { failure, type Result, success } from '../../problems/issue';
import { say } from '../../problems/says';
import { SHEET_LIMITS } from './limits';
import { readTable, type Table } from './read-table';

/** How the files begin that spreadsheet programs keep for themselves: archives, and the older kind before them. */
const OWN_FILES = [
  [0x50, 0x4b, 0x03, 0x04],
  [0xd0, 0xcf, 0x11, 0xe0],
];

/** A file as a table, with its text. @param onProgress told now and then which part of it is read, from 0 to 1 */
export function readSheet(
  bytes: Uint8Array,
  onProgress?: (part: number) => void,
): Result<{ readonly text: string; readonly table: Table }> {
  if (bytes.length > SHEET_LIMITS.bytes)
    return failure({ path: [], code: 'too-large', message: say('larger-than', { bytes: SHEET_LIMITS.bytes }) });
  if (OWN_FILES.some((begin) => begin.every((byte, i) => bytes[i] === byte)))
    return failure({ path: [], code: 'invalid', message: say('not-csv') });
  const text = readTextBytes(bytes);
  if (!text.ok) return text;
  const table = readTable(text.value, onProgress);
  return table.ok ? success({ text: text.value, table: table.value }) : table;
}
