import { z } from 'zod';
import { problem } from '../problems/says';
import { idField } from './fields';
import { LIMITS } from './limits';

/** A photo taken at an inspection: a small JPEG, as base64 text so that it travels in the season file. */
export const photoFact = z.strictObject({
  id: idField,
  inspectionId: idField,
  jpeg: z
    .string()
    .max(LIMITS.photoCharacters)
    .regex(/^\/9j\/[A-Za-z0-9+/]+={0,2}$/, { error: problem('not-a-photo') }),
});
export type PhotoRow = z.infer<typeof photoFact>;
