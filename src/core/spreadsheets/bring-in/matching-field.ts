import { z } from 'zod';
import { idField, nameField } from '../../facts/fields';
import { BRINGABLE } from './fields';
import { SHEET_LIMITS } from './limits';
import { DAY_ORDERS } from './written-day';

const wordField = z.string().max(SHEET_LIMITS.word);

/** What a column holds, and how it is written there. */
const columnIs = z.strictObject({
  /** Null: nothing that is brought in. */
  field: z.string().max(40).nullable(),
  order: z.enum(DAY_ORDERS).nullable().default(null),
  /** Of days without one. */
  year: z.int().min(1900).max(2199).nullable().default(null),
  unit: z.enum(['kg', 'lb']).nullable().default(null),
  /** What its words stand for, in small letters; an empty one: for nothing that was noted. */
  words: z.record(wordField, z.string().max(40)).default({}),
});

/** What stands for a colony that the book does not have: to be added, or the one that it is. */
const NEW = 'new';

/** How a spreadsheet is to be understood: what the keeper was asked, answered. */
export const matchingField = z.strictObject({
  kind: z.enum(BRINGABLE),
  columns: z.array(columnIs).max(SHEET_LIMITS.columns),
  /** Names of hives that the book does not have, as {@link nameKey} has them. */
  hives: z.record(z.string().max(200), z.union([z.literal(NEW), idField])).default({}),
  /** Where colonies stand of which the sheet does not say it: in an apiary of the book, or in a new one of that name. */
  apiary: z
    .union([z.strictObject({ id: idField }), z.strictObject({ name: nameField })])
    .nullable()
    .default(null),
  /** Where the sheet says otherwise than the book, it is the sheet that stands. */
  isOverBook: z.boolean().default(false),
});
