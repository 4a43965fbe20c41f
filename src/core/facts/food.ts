import { z } from 'zod';
import { FOOD_KINDS } from '../food/food';
import { minuteField } from './day-field';
import { idField, noteField } from './fields';
import { LIMITS } from './limits';

/** Food that was given to a colony, or honey that was taken from it. */
export const foodFact = z.strictObject({
  id: idField,
  colonyId: idField,
  at: minuteField,
  kind: z.enum(FOOD_KINDS),
  /** Kilograms to the hundredth, of frames their number. */
  amount: z
    .number()
    .min(0.01)
    .max(LIMITS.foodAmount)
    .transform((amount) => Math.round(amount * 100) / 100),
  note: noteField,
});
export type FoodRow = z.infer<typeof foodFact>;

/** One entry put down, or taken out and put back. */
export const foodSaid = z.discriminatedUnion('kind', [
  z.strictObject({ kind: z.literal('noted'), id: idField, at: minuteField, entry: foodFact }),
  z.strictObject({ kind: z.enum(['taken-out', 'put-back']), id: idField, at: minuteField, entryId: idField }),
]);
export type FoodSaid = z.infer<typeof foodSaid>;
