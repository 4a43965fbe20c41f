import type { z } from 'zod';
import { readMinute } from '../calendar/read-minute';
import { failure, type Issue, type Result, success } from '../problems/issue';
import { type MeasuredColumn, say } from '../problems/says';
import { fromUnit, type Unit } from '../units/units';
import { csvRows, readNumber } from './csv-rows';
import { parseInput } from './parse-input';

/** A field that a file has a column for: how headings name it, and in which units it may stand. */
export interface MeasuredField {
  readonly field: string;
  readonly column: MeasuredColumn;
  /** Of a heading in small letters without spaces and signs; what follows it names the unit. */
  readonly named: RegExp;
  readonly units: readonly Unit[];
}

/** In what units the columns stand whose headings do not say so. */
export type UnitsSaid = { readonly [C in MeasuredColumn]?: Unit };

/** Rows that are as they must be, and what is wrong with the others, by the line of the file or the place in the list, from 1. */
export interface RowsRead<R> {
  readonly rows: readonly R[];
  readonly refused: readonly Issue[];
}

const TIME = /^(at|time|datetime|dateandtime|timestamp)$/;
const plain = (heading: string) => heading.toLowerCase().replace(/[^a-z0-9]/g, '');

/** Digits that are kept of a value that was turned into SI. */
const rounded = (value: number) => Math.round(value * 1e6) / 1e6;

interface Column {
  readonly at: number;
  readonly unit: Unit;
}

/**
 * Rows of a CSV file: each by itself, so that one that is wrong is refused by its line and the rest stands.
 *
 * @param zone the keeper's time zone, for times that name one; null: not known
 * @returns a failure where the columns themselves are not as they must be, or do not say their units
 */
export function measuredCsv<S extends z.ZodType>(
  text: string,
  { fields, schema, units, zone, mostRows }: Measured<S>,
): Result<RowsRead<z.output<S>>> {
  const csv = csvRows(text, mostRows);
  if (!csv.ok) return csv;
  const { headers, rows } = csv.value;
  const names = headers.map(plain);
  const issues: Issue[] = [];
  const columns = fields.map(({ column, named, units: possible }): Column | null => {
    const found = names.flatMap((name, at) => (named.test(name) ? [at] : []));
    const [at] = found;
    if (at === undefined || found.length > 1) {
      const message = say(at === undefined ? 'column-missing' : 'column-twice', { column });
      issues.push({ path: [column], code: at === undefined ? 'missing' : 'contradiction', message });
      return null;
    }
    const inHeading = named.exec(names[at] as string)?.[1];
    const unit =
      possible.find((one) => one === inHeading) ?? units[column] ?? (possible.length === 1 ? possible[0] : undefined);
    if (unit !== undefined) return { at, unit };
    issues.push({
      path: [column],
      code: 'missing',
      message: say('unit-not-said', { column, header: (headers[at] as string).slice(0, 40) }),
    });
    return null;
  });
  const dateAt = names.indexOf('date');
  const timeAt = names.findIndex((name) => TIME.test(name));
  if (timeAt < 0) issues.push({ path: ['time'], code: 'missing', message: say('column-missing', { column: 'time' }) });
  if (issues.length > 0) return failure(...issues);
  return success(
    readRows(
      rows.map(({ line, cells }) => {
        const cell = (at: number) => (cells[at] ?? '').trim();
        const at = dateAt < 0 ? cell(timeAt) : `${cell(dateAt)} ${cell(timeAt)}`;
        const values = fields.map(({ field }, i) => {
          const { at: place, unit } = columns[i] as Column;
          const value = readNumber(cell(place));
          return [field, value === null ? cell(place).slice(0, 40) : rounded(fromUnit(value, unit))] as const;
        });
        return { place: line, row: { at, ...Object.fromEntries(values) } };
      }),
      schema,
      zone,
    ),
  );
}

export interface Measured<S extends z.ZodType> {
  readonly fields: readonly MeasuredField[];
  readonly schema: S;
  readonly units: UnitsSaid;
  readonly zone: string | null;
  readonly mostRows: number;
}

/** Rows of a list, each by itself. Times may be written as in a CSV file. */
export const measuredList = <S extends z.ZodType>(
  rows: readonly unknown[],
  schema: S,
  zone: string | null,
): RowsRead<z.output<S>> =>
  readRows(
    rows.map((row, i) => ({ place: i + 1, row })),
    schema,
    zone,
  );

function readRows<S extends z.ZodType>(
  given: readonly { readonly place: number; readonly row: unknown }[],
  schema: S,
  zone: string | null,
): RowsRead<z.output<S>> {
  const refused: Issue[] = [];
  const byMinute = new Map<string, { readonly place: number; readonly row: z.output<S> }>();
  for (const { place, row } of given) {
    const read = inMinutes(row, zone);
    if (read === 'no-zone') {
      refused.push({ path: [place, 'at'], code: 'invalid', message: say('time-without-zone') });
      continue;
    }
    const wrong = notNumbers(read).map((issue) => ({ ...issue, path: [place, ...issue.path] }));
    const parsed = wrong.length > 0 ? null : parseInput(schema, read);
    if (!parsed?.ok) {
      refused.push(...wrong, ...(parsed?.issues ?? []).map((issue) => ({ ...issue, path: [place, ...issue.path] })));
      continue;
    }
    const { at } = parsed.value as { readonly at: string };
    const earlier = byMinute.get(at);
    if (earlier)
      refused.push({ path: [earlier.place, 'at'], code: 'duplicate-minute', message: say('later-one-kept', { at }) });
    byMinute.set(at, { place, row: parsed.value });
  }
  return { rows: [...byMinute.values()].map(({ row }) => row), refused };
}

/** The row with its time as a local minute, where it is one. */
function inMinutes(row: unknown, zone: string | null): unknown {
  if (typeof row !== 'object' || row === null || !('at' in row) || typeof row.at !== 'string') return row;
  const at = readMinute(row.at, zone);
  if (at === 'no-zone') return at;
  return { ...row, at: at ?? row.at };
}

/** A cell of a file that should be a number and is not. */
function notNumbers(row: unknown): Issue[] {
  if (typeof row !== 'object' || row === null) return [];
  return Object.entries(row).flatMap(([field, value]): Issue[] =>
    field !== 'at' && typeof value === 'string'
      ? [
          {
            path: [field],
            code: value === '' ? 'missing' : 'wrong-type',
            message: say('not-a-number', { text: value.slice(0, 40) }),
          },
        ]
      : [],
  );
}
