import { formatDay } from '../../calendar/day';
import { idField } from '../../facts/fields';
import { readNumber } from '../../formats/csv-rows';
import type { Issue } from '../../problems/issue';
import { say } from '../../problems/says';
import type { Said } from '../../says/said';
import { fromUnit } from '../../units/units';
import { codeOf } from './code-of';
import { type FieldCode, SEVERAL_MAY_BE } from './fields';
import { columnsRead, type Matching, plainWord } from './matching';
import type { Table, TableRow } from './read-table';
import { type DayUnread, readTime, readWrittenDay } from './written-day';

/** What one row says: text, numbers, codes, days and minutes as they are stored. Null: nothing. Absent: there is no such column. */
export type Values = { readonly [F in FieldCode]?: string | number | null };

export interface ReadRow {
  readonly row: number;
  readonly values: Values;
  /** The time of day stands in the sheet. */
  readonly hasTime: boolean;
  readonly issues: readonly Issue[];
}

/** What stands in a column of numbers or days for nothing that was noted. */
const NOTHING_WRITTEN: ReadonlySet<string> = new Set(['-', '–', '—', '?', 'n/a', 'na']);
const isOfWords = (how: unknown) => how === 'name' || how === 'text' || how === 'id' || Array.isArray(how);

/** The minute of an inspection of which only the day is written. */
export const NOON = '12:00';

const SHOWN = 40;
const UNREAD: { readonly [U in DayUnread]: (text: string) => Said } = {
  'no-day': (text) => say('no-day-in-sheet', { text }),
  'no-order': (text) => say('day-order-not-said', { text }),
  'no-year': (text) => say('year-not-said', { text }),
  'no-zone': () => say('time-without-zone'),
};

/** Reads rows of a table as a matching understands it. @param zone the keeper's time zone, for times that name one; null: not known */
export function rowReader({ heads }: Table, matching: Matching, zone: string | null): (row: TableRow) => ReadRow {
  const columns = columnsRead(matching);
  const notes = columns.filter(({ field }) => field === SEVERAL_MAY_BE);
  return ({ row, cells }) => {
    const values: Record<string, string | number | null> = {};
    const issues: Issue[] = [];
    let time: string | null = null;
    let hasTime = false;
    const refuse = (field: FieldCode, code: Issue['code'], message: Said) => {
      values[field] = null;
      issues.push({ path: [field], code, message });
    };
    if (cells.slice(heads.length).some((cell) => cell.trim() !== ''))
      issues.push({ path: [], code: 'invalid', message: say('row-too-wide', { columns: heads.length }) });
    for (const { at, field, how, column } of columns) {
      const cell = cells[at] ?? '';
      const text = cell.trim();
      const shown = text.slice(0, SHOWN);
      if (field === SEVERAL_MAY_BE) continue;
      if (text === '' || (!isOfWords(how) && NOTHING_WRITTEN.has(plainWord(text)))) values[field] ??= null;
      else if (how === 'name' || how === 'text') values[field] = text;
      else if (how === 'id') {
        const id = idField.safeParse(text);
        if (id.success) values[field] = id.data;
        else refuse(field, 'invalid', say('not-an-identifier'));
      } else if (how === 'time') {
        time = readTime(text);
        if (time === null) refuse(field, 'invalid', say('no-time-in-sheet', { text: shown }));
      } else if (how === 'day' || how === 'minute') {
        const read = readWrittenDay(text, column, zone);
        const alone = how === 'minute' && typeof read === 'string' ? readTime(text) : null;
        if (alone !== null) values[field] = alone;
        else if (typeof read === 'string') refuse(field, 'not-a-date', UNREAD[read](shown));
        else {
          values[field] = how === 'day' ? formatDay(read.on) : `${formatDay(read.on)}T${read.time ?? NOON}`;
          hasTime ||= field === 'at' && read.time !== null;
        }
      } else if (how === 'whole' || how === 'year' || how === 'mass') {
        const number = readNumber(text);
        if (number === null) refuse(field, 'wrong-type', say('not-a-number', { text: shown }));
        else if (how === 'mass') values[field] = Math.round(fromUnit(number, column.unit ?? 'kg') * 1e6) / 1e6;
        else if (Number.isInteger(number)) values[field] = number;
        else refuse(field, 'wrong-type', say('not-a-whole-number', { text: shown }));
      } else {
        const code = codeOf(text, how, column);
        if (code === null) refuse(field, 'not-one-of', say('word-not-matched', { text: shown }));
        else values[field] = code === '' ? null : code;
      }
    }
    if (time !== null && typeof values.at === 'string') {
      values.at = `${values.at.slice(0, 10)}T${time}`;
      hasTime = true;
    }
    if (notes.length > 0) values.note = noteOf(cells, heads, notes);
    return { row, values, hasTime, issues };
  };
}

/** What stands in the one column as it is; of several, each behind its heading. */
function noteOf(cells: readonly string[], heads: readonly string[], notes: readonly { readonly at: number }[]): string {
  const [only, ...others] = notes;
  if (only && others.length === 0) return cells[only.at] ?? '';
  return notes
    .map(({ at }) => ({ head: heads[at] ?? '', text: (cells[at] ?? '').trim() }))
    .filter(({ text }) => text !== '')
    .map(({ head, text }) => `${head}: ${text}`)
    .join('\n');
}
