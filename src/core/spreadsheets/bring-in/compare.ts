import type { FieldCode } from './fields';
import type { Values } from './read-row';

/**
 * In what a sheet says otherwise than what stands in the book. What the sheet says nothing of, or has no column for, differs in nothing.
 *
 * @param said what the row says, by the names that the table has for it
 */
export const differences = <F extends FieldCode>(
  said: { readonly [P in F]?: unknown },
  stands: { readonly [P in F]?: unknown },
  fields: readonly F[],
): readonly F[] => fields.filter((field) => isSaid(said[field]) && said[field] !== stands[field]);

const isSaid = (value: unknown) => value !== null && value !== undefined && value !== '';

/** What a row says, of the fields that are named, without those of which it says nothing. */
export const saidOf = <F extends FieldCode>(values: Values, fields: readonly F[]): { readonly [P in F]?: unknown } =>
  Object.fromEntries(fields.flatMap((field) => (isSaid(values[field]) ? [[field, values[field]]] : []))) as {
    readonly [P in F]?: unknown;
  };

export const isYes = (value: Values[FieldCode]): boolean | null =>
  value === 'yes' ? true : value === 'no' ? false : null;
