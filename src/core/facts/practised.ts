import { z } from 'zod';
import { EXERCISES } from '../practice/exercise';
import { GRADES, type Practised } from '../practice/review';
import { idField } from './fields';
import { LIMITS } from './limits';

/** An exercise that was answered. */
export const practisedFact = z.strictObject({
  id: idField,
  at: z.iso.datetime(),
  kind: z.enum(EXERCISES),
  skill: z.string().regex(/^[a-z -]{1,60}$/),
  level: z.union([z.literal(1), z.literal(2), z.literal(3)]),
  seed: z.int().min(0),
  isRight: z.boolean(),
  daysOff: z.number().min(0).max(1000).nullable(),
  grade: z.enum(GRADES),
}) satisfies z.ZodType<Practised>;

/** What a device has, to be kept in the book; or that the book is to forget all of it. */
export const practiceSent = z.discriminatedUnion('kind', [
  z.strictObject({ kind: z.literal('kept'), practised: z.array(practisedFact).max(LIMITS.practisedAtOnce) }),
  z.strictObject({ kind: z.literal('forgotten') }),
]);
export type PracticeSent = z.infer<typeof practiceSent>;
