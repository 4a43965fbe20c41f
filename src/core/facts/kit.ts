import { z } from 'zod';
import { CAR, HOME } from '../kit/kit-entry';
import { THINGS } from '../methods/thing';
import { problem } from '../problems/says';
import { isoDayField, minuteField } from './day-field';
import { idField } from './fields';
import { LIMITS } from './limits';

const placeField = z.union([z.enum([HOME, CAR]), idField]);

const said = {
  id: idField,
  at: minuteField,
  thing: z.enum(THINGS),
  reason: z.string().trim().max(LIMITS.reason),
  frozenSince: isoDayField.nullable().default(null),
};

/** What the keeper says of his kit: so many were counted at a place, or went from one place to another. */
export const kitEntryFact = z.discriminatedUnion('kind', [
  z.strictObject({
    ...said,
    kind: z.literal('counted'),
    count: z.int().min(0).max(LIMITS.things),
    from: z.null(),
    to: placeField,
    packedFor: z.null().default(null),
  }),
  z.strictObject({
    ...said,
    kind: z.literal('carried'),
    count: z.int().min(1).max(LIMITS.things),
    from: placeField.nullable(),
    to: placeField.nullable(),
    /** Of what goes into the car: the apiary that it was packed for. */
    packedFor: idField.nullable().default(null),
  }),
]);
export type KitEntryFact = z.infer<typeof kitEntryFact>;

/** What is said in one go: all of it is stored, or nothing. */
export const kitSaid = z.strictObject({
  /** Names what is said together. */
  id: idField,
  at: minuteField,
  entries: z
    .array(
      kitEntryFact.refine(({ kind, from, to }) => kind === 'counted' || from !== to, {
        path: ['to'],
        error: problem('carried-to-where-it-is'),
      }),
    )
    .min(1)
    .max(LIMITS.kitEntriesAtOnce)
    .readonly(),
});
export type KitSaid = z.infer<typeof kitSaid>;

/** Taken out of the book, or put back. */
export const kitTakenOut = z.strictObject({
  ids: z.array(idField).min(1).max(LIMITS.kitEntriesAtOnce).readonly(),
  isOut: z.boolean(),
});
