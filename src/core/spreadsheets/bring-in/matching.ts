import type { z } from 'zod';
import { type FieldCode, fieldsOf, howRead, NEEDED, SEVERAL_MAY_BE } from './fields';
import { SHEET_LIMITS } from './limits';
import type { matchingField } from './matching-field';

/** How a spreadsheet is to be understood: what the keeper was asked, answered. */
export type Matching = z.output<typeof matchingField>;
export type ColumnIs = Matching['columns'][number];

export const NOTHING: ColumnIs = { field: null, order: null, year: null, unit: null, words: {} };

/** What is compared of a word or a name: small letters, single spaces. */
export const plainWord = (text: string): string => text.trim().toLowerCase().replaceAll(/\s+/g, ' ');
/** By what a word is matched. */
export const wordOf = (text: string): string => plainWord(text).slice(0, SHEET_LIMITS.word);
/** By what a hive is known: its name, and its apiary's where the sheet says it. */
export const nameKey = (colony: string, apiary: string | null): string =>
  apiary === null || apiary === '' ? plainWord(colony) : `${plainWord(apiary)} / ${plainWord(colony)}`;

/** What is wrong with a matching before any row is read. */
export type MatchingFault =
  | { readonly fault: 'missing'; readonly oneOf: readonly FieldCode[] }
  | { readonly fault: 'twice'; readonly field: FieldCode };

/** Fields that the kind needs and no column is, and those that two columns are. */
export function faultsOf({ kind, columns }: Pick<Matching, 'kind' | 'columns'>): readonly MatchingFault[] {
  const has = columns.flatMap(({ field }) => (field === null ? [] : [field as FieldCode]));
  const missing = NEEDED[kind].filter((oneOf) => !oneOf.some((field) => has.includes(field)));
  const twice = fieldsOf(kind).filter(
    (field) => field !== SEVERAL_MAY_BE && has.filter((one) => one === field).length > 1,
  );
  return [
    ...missing.map((oneOf) => ({ fault: 'missing', oneOf }) as const),
    ...twice.map((field) => ({ fault: 'twice', field }) as const),
  ];
}

/** The columns that are something of their kind, with where they stand. */
export const columnsRead = ({ kind, columns }: Matching) =>
  columns.flatMap((column, at) => {
    const field = column.field as FieldCode | null;
    const how = field === null ? undefined : howRead(kind, field);
    return field === null || how === undefined ? [] : [{ at, field, how, column }];
  });
