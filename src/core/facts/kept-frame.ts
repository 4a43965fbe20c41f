import { z } from 'zod';
import { idField, nameField, noteField } from './fields';

export const COMB_BASES = ['wired-wax', 'unwired-wax', 'plastic', 'starter-strip', 'unknown'] as const;
/** What the bees built the comb on. */
export type CombBase = (typeof COMB_BASES)[number];

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
