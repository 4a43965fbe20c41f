import { z } from 'zod';
import { COMB_BASES } from '../space/comb-base';
import { idField, nameField, noteField } from './fields';

/** A frame that the keeper follows by name wherever it goes. */
export const keptFrameFact = z.strictObject({
  id: idField,
  label: nameField,
  /** The year in which its comb was built; null: not known. */
  combYear: z.int().min(1990).max(2100).nullable(),
  base: z.enum(COMB_BASES),
  note: noteField,
});

export type KeptFrame = z.infer<typeof keptFrameFact>;
