import { z } from 'zod';
import { isoDayField, minuteField } from './day-field';
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

export const YARD_MARKS = ['path', 'hedge', 'shed', 'neighbour', 'water', 'way-mark'] as const;

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

/**
 * A hive that is moved by less than a metre a day, so that its flying bees come along: from where to where, and on which days it was. Its stand
 * moves with it.
 */
export const standMoveFact = z.strictObject({
  id: idField,
  standId: idField,
  /** The stand that it ends up on; null: it takes its own along. */
  ontoId: idField.nullable(),
  fromX: metres,
  fromY: metres,
  toX: metres,
  toY: metres,
  begunOn: isoDayField,
  /** The days on which it was moved, in their order, each once. */
  steps: z.array(isoDayField).max(LIMITS.standsAtOnce).readonly(),
  /** There, or left where it was; null: it is on its way. */
  endedOn: isoDayField.nullable(),
});
export type StandMoveFact = z.infer<typeof standMoveFact>;

/** What is said of a hive moved by steps: begun, moved on a day, not moved then after all, left where it stands now. */
const standMoveBegun = z.strictObject({
  kind: z.literal('begun'),
  id: idField,
  standId: idField,
  ontoId: idField.nullable(),
  toX: metres,
  toY: metres,
});
export type StandMoveBegun = z.infer<typeof standMoveBegun>;

const standStepSaid = z.strictObject({
  kind: z.enum(['moved', 'not-moved', 'left']),
  /** Of this saying, not of the move. */
  id: idField,
  moveId: idField,
  /** When it was said. */
  at: minuteField,
  /** The day that it is said of. */
  on: isoDayField,
});
export type StandStepSaid = z.infer<typeof standStepSaid>;

export const standMoveSaid = z.discriminatedUnion('kind', [standMoveBegun, standStepSaid]);
export type StandMoveSaid = z.infer<typeof standMoveSaid>;
