import { z } from 'zod';
import { say } from '../problems/says';
import { VISIT_KINDS } from '../rounds/work';
import { isoDayField, minuteField } from './day-field';
import { idField, noteField } from './fields';
import { LIMITS } from './limits';

const roundHive = z.strictObject({
  colonyId: idField,
  /** When the keeper came to it and left it; null: not noted. */
  from: minuteField.nullable(),
  to: minuteField.nullable(),
  /** What was done there, of what was due. */
  did: z.array(z.enum(VISIT_KINDS)).max(VISIT_KINDS.length).readonly(),
});

/** A trip to one apiary that was made. */
export const roundFact = z.strictObject({
  id: idField,
  apiaryId: idField,
  /** The minute at which it began at the hives. */
  beganAt: minuteField,
  /** Null: not noted. */
  endedAt: minuteField.nullable(),
  hives: z.array(roundHive).max(LIMITS.hivesARound).readonly(),
  /** Somebody else was there too: for lifting over 25 kg, roofs and ladders. */
  hadHelp: z.boolean(),
  note: noteField,
});
export type RoundFact = z.infer<typeof roundFact>;

/** A round as it is handed in. */
export const roundEntry = roundFact.refine(({ beganAt, endedAt }) => endedAt === null || endedAt >= beganAt, {
  path: ['endedAt'],
  params: { issue: 'contradiction', says: say('ends-before-it-begins') },
});

export const ROUND_WISHES = ['pinned', 'forbidden', 'left-out'] as const;

/**
 * What the keeper wants of the plan: a round to an apiary on a day, made whatever else is planned; a day on which nothing is; a check of a
 * colony that is on no round.
 */
export const roundWishFact = z.discriminatedUnion('kind', [
  z.strictObject({
    id: idField,
    kind: z.literal('pinned'),
    on: isoDayField,
    apiaryId: idField,
    colonyId: z.null(),
    key: z.null(),
  }),
  z.strictObject({
    id: idField,
    kind: z.literal('forbidden'),
    on: isoDayField,
    apiaryId: z.null(),
    colonyId: z.null(),
    key: z.null(),
  }),
  z.strictObject({
    id: idField,
    kind: z.literal('left-out'),
    on: z.null(),
    apiaryId: z.null(),
    colonyId: idField,
    key: z.string().min(1).max(LIMITS.key),
  }),
]);
export type RoundWish = z.infer<typeof roundWishFact>;

/** A wish said, or taken back. */
export const roundWishEntry = z.discriminatedUnion('isWanted', [
  z.strictObject({ isWanted: z.literal(true), wish: roundWishFact }),
  z.strictObject({ isWanted: z.literal(false), id: idField }),
]);
export type RoundWishEntry = z.infer<typeof roundWishEntry>;
