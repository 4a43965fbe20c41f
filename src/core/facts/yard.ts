import { z } from 'zod';
import { idField } from './fields';
import { LIMITS } from './limits';

/** Metres to the east or the north of any point of the apiary, to the centimetre. */
const metres = z
  .number()
  .min(-LIMITS.yardMetres)
  .max(LIMITS.yardMetres)
  .transform((m) => Math.round(m * 100) / 100);

/** A place for a hive. The colony whose stand goes by its name stands on it. */
export const standFact = z.strictObject({
  id: idField,
  apiaryId: idField,
  name: z.string().trim().min(1).max(LIMITS.place),
  x: metres,
  y: metres,
  /** Where its hive flies to, degrees from north by east. */
  facing: z.int().min(0).max(359),
});
export type StandFact = z.infer<typeof standFact>;

export const YARD_MARKS = ['path', 'hedge', 'shed', 'neighbour', 'water'] as const;

/** What else is at an apiary, from one corner or end to the other. */
export const yardMarkFact = z.strictObject({
  id: idField,
  apiaryId: idField,
  kind: z.enum(YARD_MARKS),
  x1: metres,
  y1: metres,
  x2: metres,
  y2: metres,
});
export type YardMarkFact = z.infer<typeof yardMarkFact>;

/** Stands and marks as they are now, and those that are there no more. */
export const yardSaid = z.strictObject({
  stands: z.array(standFact).max(LIMITS.standsAtOnce).readonly(),
  marks: z.array(yardMarkFact).max(LIMITS.standsAtOnce).readonly(),
  gone: z.array(idField).max(LIMITS.standsAtOnce).readonly(),
});
export type YardSaid = z.infer<typeof yardSaid>;
